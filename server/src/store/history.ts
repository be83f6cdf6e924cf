import { and, asc, desc, eq, gt, ilike, inArray, lt, or, type SQL, sql } from 'drizzle-orm'
import type { RewardId, ViewerId } from '#core/schema'
import { type Reader, schema } from '../database/index.ts'
import { csvOf, csvTime } from '../http/index.ts'
import { DESK_ORDER } from './read.ts'

const { storeOrder } = schema

export const SHOWN = ['open', 'running', 'done', 'refunded', 'all'] as const
export type Shown = (typeof SHOWN)[number]

export interface OrdersAsked {
  readonly shown: Shown
  readonly reward?: RewardId | undefined
  readonly viewer?: ViewerId | undefined
  /** A part of the buyer's name, of what they said, or of the reward's name. */
  readonly text?: string | undefined
  readonly oldestFirst: boolean
  /** Go on after this order. */
  readonly after?: number | undefined
}

const STATUSES = {
  open: ['waiting', 'back'],
  running: ['running'],
  done: ['done'],
  refunded: ['refunded'],
} as const

function wanted(
  channel: number,
  { shown, reward, viewer, text }: Omit<OrdersAsked, 'oldestFirst' | 'after'>,
): SQL | undefined {
  const like = text === undefined ? undefined : `%${text.replaceAll(/[%_\\]/g, '\\$&')}%`
  return and(
    eq(storeOrder.channel, channel),
    shown === 'all' ? undefined : inArray(storeOrder.status, [...STATUSES[shown]]),
    reward === undefined ? undefined : eq(storeOrder.reward, reward),
    viewer === undefined ? undefined : eq(storeOrder.viewer, viewer),
    like === undefined
      ? undefined
      : or(ilike(storeOrder.viewerName, like), ilike(storeOrder.text, like), ilike(storeOrder.rewardName, like)),
  )
}

const PAGE = 100

/** A page of orders, and how many there are of each kind. */
export async function ordersPage(db: Reader, channel: number, asked: OrdersAsked) {
  const { oldestFirst, after } = asked
  const further = after === undefined ? undefined : oldestFirst ? gt(storeOrder.id, after) : lt(storeOrder.id, after)
  const rows = await db
    .select(DESK_ORDER)
    .from(storeOrder)
    .where(and(wanted(channel, asked), further))
    .orderBy(oldestFirst ? asc(storeOrder.id) : desc(storeOrder.id))
    .limit(PAGE)
  return {
    orders: rows,
    after: rows.length === PAGE ? (rows.at(-1)?.id ?? null) : null,
    counts: await countsOf(db, channel),
  }
}

async function countsOf(db: Reader, channel: number): Promise<Record<Exclude<Shown, 'all'>, number>> {
  const rows = await db
    .select({ status: storeOrder.status, count: sql<number>`count(*)::int` })
    .from(storeOrder)
    .where(eq(storeOrder.channel, channel))
    .groupBy(storeOrder.status)
  const of = (statuses: readonly string[]) =>
    rows.filter(({ status }) => statuses.includes(status)).reduce((sum, { count }) => sum + count, 0)
  return {
    open: of(STATUSES.open),
    running: of(STATUSES.running),
    done: of(STATUSES.done),
    refunded: of(STATUSES.refunded),
  }
}

const MOST_LINES = 100_000

/** The same orders as a file of comma-separated values, times in UTC. Cells that a spreadsheet would take for a formula are quoted. */
export async function ordersCsv(db: Reader, channel: number, asked: OrdersAsked): Promise<string> {
  const rows = await db
    .select(DESK_ORDER)
    .from(storeOrder)
    .where(wanted(channel, asked))
    .orderBy(asked.oldestFirst ? asc(storeOrder.id) : desc(storeOrder.id))
    .limit(MOST_LINES)
  const data = rows.map((order) => ({
    order: order.id,
    placed: csvTime(order.placedAt),
    reward: order.rewardName,
    viewer: order.viewerName,
    price: order.price,
    text: order.text ?? '',
    status: order.status,
    ended: csvTime(order.endedAt),
    by: order.endedBy ?? '',
  }))
  const fields = ['order', 'placed', 'reward', 'viewer', 'price', 'text', 'status', 'ended', 'by']
  return csvOf(fields, data)
}
