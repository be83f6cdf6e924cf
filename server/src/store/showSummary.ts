import { Type } from '@sinclair/typebox'
import { and, asc, count, desc, eq, ne, sql, sum } from 'drizzle-orm'
import { earningSetting } from '#core/earning'
import { Amount, Count, exactly, oneOf, orNull, RewardId, UnixSeconds } from '#core/schema'
import { chargeOf, couldBuy, holdingsOf, medianOf } from '#core/store'
import { type Reader, schema } from '../database/index.ts'
import { desk, type Route, route } from '../http/index.ts'
import { settingOf } from '../settings/index.ts'
import { latestShowOf } from '../show/index.ts'
import { rewardsOf } from './read.ts'

const Priced = exactly({ reward: RewardId, name: Type.String(), price: Amount })

const ShowSummary = exactly({
  show: orNull(
    exactly({
      title: Type.String(),
      startedAt: UnixSeconds,
      endedAt: UnixSeconds,
      paid: Type.Integer(),
      spent: Type.Integer(),
      people: Count,
      /** Of them for the first time. */
      newcomers: Count,
      sold: Type.Array(exactly({ name: Type.String(), count: Count, amount: Amount })),
      /** What half of those who came hold at most, and how many of the rewards that pays for. */
      half: Amount,
      inReach: Count,
      rewards: Count,
      charges: Type.Array(exactly({ ...Priced.properties, charge: oneOf(['dear', 'cheap']), could: Count })),
    }),
  ),
})

/** What the last show came to, and what its prices looked like to those who came. */
export const showSummaryRoute = (db: Reader): Route =>
  route({
    method: 'get',
    path: '/desk/show/summary',
    does: 'What the last show came to: who came, what was sold, which prices are out of reach or next to nothing',
    answer: ShowSummary,
    allowed: desk('look', 'show', 'store'),
    handle: async ({ channel }) => ({ show: await summaryOf(db, channel.id) }),
  })

async function summaryOf(db: Reader, channel: number) {
  const show = await latestShowOf(db, channel)
  if (show === undefined || show.status !== 'ended' || show.endedAt === null) return null
  const { title, startedAt, endedAt, paid, spent } = show
  const came = await cameTo(db, channel, show.id)
  const plan = await settingOf(db, channel, earningSetting)
  const rewards = (await rewardsOf(db, channel)).filter(({ settings }) => settings.on)
  const holdings = holdingsOf(came.map(({ balance }) => balance))
  const half = medianOf(holdings)
  return {
    ...{ title, startedAt, endedAt, paid, spent, half },
    people: came.length,
    newcomers: came.filter(({ firstSeenAt }) => firstSeenAt >= startedAt).length,
    sold: await soldIn(db, channel, show.id),
    inReach: rewards.filter(({ settings }) => settings.price <= half).length,
    rewards: rewards.length,
    charges: rewards.flatMap(({ id, settings: { name, price } }) => {
      const charge = chargeOf(price, plan, holdings)
      return charge === undefined ? [] : [{ reward: id, name, price, charge, could: couldBuy(holdings, price) }]
    }),
  }
}

/** What those who came to a show hold now, the smallest first, and since when they are known. */
function cameTo(db: Reader, channel: number, show: number) {
  const { account, attendance, viewer } = schema
  return db
    .select({ balance: account.balance, firstSeenAt: viewer.firstSeenAt })
    .from(attendance)
    .innerJoin(viewer, and(eq(viewer.channel, attendance.channel), eq(viewer.id, attendance.viewer)))
    .innerJoin(account, and(eq(account.channel, viewer.channel), eq(account.id, viewer.id)))
    .where(and(eq(attendance.channel, channel), eq(attendance.show, show), eq(viewer.ignored, false)))
    .orderBy(asc(account.balance))
}

async function soldIn(db: Reader, channel: number, show: number) {
  const { storeOrder } = schema
  const rows = await db
    .select({ name: storeOrder.rewardName, count: count(), amount: sum(storeOrder.price).mapWith(Number) })
    .from(storeOrder)
    .where(and(eq(storeOrder.channel, channel), eq(storeOrder.show, show), ne(storeOrder.status, 'refunded')))
    .groupBy(storeOrder.rewardName)
    .orderBy(desc(sql`count(*)`), asc(storeOrder.rewardName))
    .limit(MOST_SOLD)
  return rows.map((row) => ({ ...row, amount: row.amount ?? 0 }))
}

const MOST_SOLD = 50
