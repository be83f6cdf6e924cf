import { and, asc, desc, eq } from 'drizzle-orm'
import { type Reader, schema } from '../database/index.ts'

const { redemption, outsideReward } = schema
const MOST = 200

/** Redemptions that wait for a hand, oldest first. */
export function redemptionsWaiting(db: Reader, channel: number) {
  const { id, rewardName, viewer, viewerName, text, at, trigger } = redemption
  return db
    .select({ id, rewardName, viewer, viewerName, text, at, trigger })
    .from(redemption)
    .where(and(eq(redemption.channel, channel), eq(redemption.status, 'waiting')))
    .orderBy(asc(id))
    .limit(MOST)
}

/** The rewards that the platform has reported, the listed ones first. */
export function outsideRewardsOf(db: Reader, channel: number) {
  const { id, name, price, seenAt, listed } = outsideReward
  return db
    .select({ id, name, price, seenAt, listed })
    .from(outsideReward)
    .where(eq(outsideReward.channel, channel))
    .orderBy(desc(listed), asc(name))
}
