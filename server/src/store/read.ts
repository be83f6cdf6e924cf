import { and, asc, desc, eq, sql } from 'drizzle-orm'
import { type Reader, schema } from '../database/index.ts'

const { reward, storeOrder } = schema

/** What the store sells, cheapest first. */
export function rewardsOf(db: Reader, channel: number) {
  const { id, word, name, description, price, delivery, ask, picture, open } = reward
  return db
    .select({ id, word, name, description, price, delivery, ask, picture, open })
    .from(reward)
    .where(eq(reward.channel, channel))
    .orderBy(asc(price), asc(id))
}

/** Orders that wait, oldest first. */
export function waitingOrders(db: Reader, channel: number, limit: number) {
  return db
    .select()
    .from(storeOrder)
    .where(and(eq(storeOrder.channel, channel), eq(storeOrder.status, 'waiting')))
    .orderBy(asc(storeOrder.id))
    .limit(limit)
}

/** A viewer's latest orders, newest first; a waiting one with its place in the queue (1 = next). */
export function ordersOfViewer(db: Reader, channel: number, viewer: number, limit: number) {
  const { id, rewardName, price, text, status, placedAt, endedAt } = storeOrder
  const place = sql<number | null>`case when ${status} = 'waiting' then (
    select count(*)::int from store_order as ahead
    where ahead.channel = ${channel} and ahead.status = 'waiting' and ahead.id <= ${id}) end`
  return db
    .select({ id, rewardName, price, text, status, placedAt, endedAt, place })
    .from(storeOrder)
    .where(and(eq(storeOrder.channel, channel), eq(storeOrder.viewer, viewer)))
    .orderBy(desc(id))
    .limit(limit)
}
