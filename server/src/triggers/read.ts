import { and, asc, desc, eq, isNull } from 'drizzle-orm'
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
  const { id, name, price, seenAt, listed, text, asks, paused, changeable } = outsideReward
  return db
    .select({ id, name, price, seenAt, listed, text, asks, paused, changeable })
    .from(outsideReward)
    .where(eq(outsideReward.channel, channel))
    .orderBy(desc(listed), asc(name))
}

/** What the triggers are called that answer the platform's own rewards, by the id of the reward. */
export async function answeredBy(db: Reader, channel: number): Promise<ReadonlyMap<string, string>> {
  const { trigger } = schema
  const all = await db
    .select({ settings: trigger.settings })
    .from(trigger)
    .where(and(eq(trigger.channel, channel), isNull(trigger.goneAt)))
  return new Map(
    all.flatMap(({ settings: { source, name, on } }) =>
      source.of === 'outside' && on ? [[source.reward, name] as const] : [],
    ),
  )
}
