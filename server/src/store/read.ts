import { and, asc, desc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm'
import type { OrderId, RewardId, ViewerId } from '#core/schema'
import { holdingsOf, NO_SALES, type RewardRow, type RewardSaleRow, type Sales, salesKey } from '#core/store'
import { prepared, type Reader, schema } from '../database/index.ts'

const { account, codeList, orderAddress, reward, show, sold, storeOrder, viewer } = schema

/** The rewards there are, in the store's order. */
export const rewardsOf = (db: Reader, channel: number): Promise<RewardRow[]> => rewards(db).execute({ channel })

const rewards = prepared((db) => {
  const { id, word, settings, place, goneAt } = reward
  return db
    .select({ id, word, settings, place, goneAt })
    .from(reward)
    .where(and(eq(reward.channel, sql.placeholder('channel')), isNull(goneAt)))
    .orderBy(asc(place), asc(id))
    .prepare('')
})

/** The rewards that were archived, the latest first. */
export const archivedOf = async (db: Reader, channel: number) => {
  const { id, settings, goneAt } = reward
  const rows = await db
    .select({ id, settings, goneAt })
    .from(reward)
    .where(and(eq(reward.channel, channel), isNotNull(goneAt)))
    .orderBy(desc(goneAt))
  return rows.map((row) => ({ id: row.id, name: row.settings.name, goneAt: row.goneAt }))
}

/** How often each of these rewards was sold, by everybody or to one viewer, by the reward's id. */
export async function soldBy(
  db: Reader,
  channel: number,
  rewards: readonly RewardRow[],
  viewer: ViewerId | null,
): Promise<(reward: RewardId) => RewardSaleRow> {
  const keys = rewards.map(({ id }) => salesKey(id, viewer))
  const rows = await db
    .select()
    .from(sold)
    .where(and(eq(sold.channel, channel), inArray(sold.key, keys)))
  const byKey = new Map(rows.map((row) => [row.key, row]))
  return (id) => {
    const key = salesKey(id, viewer)
    return byKey.get(key) ?? { key, ...NO_SALES }
  }
}

/** How many codes each list has had and given out, by the reward's id. */
export async function codeListsOf(db: Reader, channel: number) {
  const rows = await db.select().from(codeList).where(eq(codeList.channel, channel))
  const byId = new Map(rows.map(({ id, count, given }) => [id, { count, given }]))
  return (id: number) => byId.get(id) ?? { count: 0, given: 0 }
}

/** So many of the latest shows tell what sells. */
const SHOWS_LOOKED_AT = 10

/** What each reward sold in the latest shows that ended, at its price of now. */
export async function salesOf(
  db: Reader,
  channel: number,
  rewards: readonly RewardRow[],
): Promise<{ shows: number; sales: Sales[] }> {
  const latest = await db
    .select({ id: show.id })
    .from(show)
    .where(and(eq(show.channel, channel), eq(show.status, 'ended')))
    .orderBy(desc(show.id))
    .limit(SHOWS_LOOKED_AT)
  const ids = latest.map(({ id }) => id)
  const found =
    ids.length === 0
      ? []
      : await db
          .select({ reward: storeOrder.reward, count: sql<number>`count(*)::int` })
          .from(storeOrder)
          .where(
            and(
              eq(storeOrder.channel, channel),
              inArray(storeOrder.show, ids),
              sql`${storeOrder.status} <> 'refunded'`,
            ),
          )
          .groupBy(storeOrder.reward)
  const counts = new Map(found.map((row) => [row.reward, row.count]))
  const sales = rewards.map(({ id, settings }) => ({
    reward: id,
    name: settings.name,
    price: settings.price,
    sold: counts.get(id) ?? 0,
  }))
  return { shows: ids.length, sales }
}

const LATELY_SECONDS = 30 * 86_400
const MOST_LOOKED_AT = 50_000

/** What those hold who were seen in the last 30 days. */
export async function holdingsIn(db: Reader, channel: number, now: number) {
  const rows = await db
    .select({ balance: account.balance })
    .from(viewer)
    .innerJoin(account, and(eq(account.channel, viewer.channel), eq(account.id, viewer.id)))
    .where(
      and(
        eq(viewer.channel, channel),
        eq(viewer.ignored, false),
        isNull(viewer.archivedAt),
        sql`${viewer.lastSeenAt} >= ${now - LATELY_SECONDS}`,
      ),
    )
    .orderBy(asc(account.balance))
    .limit(MOST_LOOKED_AT)
  return holdingsOf(rows.map(({ balance }) => balance))
}

// Drizzle leaves a column's table out in the list of what is selected, and inside a query of its own that would be another table's.
const posted = sql<boolean>`exists (select from order_address a
  where a.channel = store_order.channel and a.id = store_order.id and a.address is not null)`
const placeInQueue = sql<
  number | null
>`case when store_order.status = 'waiting' then (select count(*)::int from store_order ahead
  where ahead.channel = store_order.channel and ahead.status = 'waiting' and ahead.id <= store_order.id) end`

/** An order as the desk shows it. `posted`: there is an address to send it to. */
export const DESK_ORDER = {
  id: storeOrder.id,
  reward: storeOrder.reward,
  rewardName: storeOrder.rewardName,
  viewer: storeOrder.viewer,
  viewerName: storeOrder.viewerName,
  price: storeOrder.price,
  text: storeOrder.text,
  status: storeOrder.status,
  placedAt: storeOrder.placedAt,
  endedAt: storeOrder.endedAt,
  endedBy: storeOrder.endedBy,
  takenBy: storeOrder.takenBy,
  endsAt: storeOrder.endsAt,
  byHand: storeOrder.byHand,
  posted,
}

/** Orders that wait to be done or taken back, oldest first. */
export function waitingOrders(db: Reader, channel: number, limit: number) {
  return db
    .select(DESK_ORDER)
    .from(storeOrder)
    .where(and(eq(storeOrder.channel, channel), sql`${storeOrder.status} in ('waiting', 'back')`))
    .orderBy(asc(storeOrder.id))
    .limit(limit)
}

/** A viewer's latest orders, newest first; a waiting one with its place in the queue (1 = next). */
export function ordersOfViewer(db: Reader, channel: number, one: number, limit: number) {
  const { id, rewardName, price, text, status, placedAt, endedAt, endsAt, code } = storeOrder
  return db
    .select({ id, rewardName, price, text, status, placedAt, endedAt, endsAt, code, place: placeInQueue, posted })
    .from(storeOrder)
    .where(and(eq(storeOrder.channel, channel), eq(storeOrder.viewer, one)))
    .orderBy(desc(id))
    .limit(limit)
}

/** The address of an order; null: it has none, or it was erased. */
export async function addressOf(db: Reader, channel: number, order: OrderId): Promise<string | null> {
  const [found] = await db
    .select({ address: orderAddress.address })
    .from(orderAddress)
    .where(and(eq(orderAddress.channel, channel), eq(orderAddress.id, order)))
  return found?.address ?? null
}
