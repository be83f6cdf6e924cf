import { mulDiv } from '../ledger/index.ts'
import { type CircleRow, circleStanding, holds } from '../people/index.ts'
import type { Amount, Seconds } from '../schema.ts'
import { payoutOf } from './payout.ts'
import type { EarningPlan } from './schema.ts'

/** Somebody made up, to show what a plan means for one like them. */
export interface Example {
  readonly name: string
  readonly standings: readonly string[]
  readonly chats: boolean
}

/** What an example viewer gets. */
export interface Gets {
  readonly interval: number
  readonly hour: number
  readonly week: number
}

/** How much of a typical week the channel is on air. */
export interface Week {
  readonly shows: number
  readonly seconds: Seconds
}

/** The example viewers of a channel: who only watches, who chats, each standing, and one of each circle. */
export const examplesOf = (circles: readonly Pick<CircleRow, 'id' | 'name'>[]): Example[] => [
  { name: 'Only watches', standings: [], chats: false },
  { name: 'Chats along', standings: [], chats: true },
  { name: 'Follower who chats', standings: ['follower'], chats: true },
  { name: 'Subscriber, tier 1', standings: ['follower', 'tier1'], chats: true },
  { name: 'Subscriber, tier 2', standings: ['follower', 'tier2'], chats: true },
  { name: 'Subscriber, tier 3', standings: ['follower', 'tier3'], chats: true },
  { name: 'Moderator', standings: ['follower', 'moderator'], chats: true },
  ...circles.map(({ id, name }) => ({
    name: `In "${name}"`,
    standings: ['follower', circleStanding(id)],
    chats: true,
  })),
]

/**
 * What one like the example gets by a plan, cap and support left out: for one interval, for an hour of watching, and for a
 * typical week in which they miss nothing and check in to every show (their streak being long). A chatter is taken to
 * write once every five minutes.
 */
export function getsOf(plan: EarningPlan, { standings, chats }: Example, week: Week): Gets {
  const interval = payoutOf(plan, standings, chats, false)
  const forSeconds = (seconds: Seconds) =>
    Math.floor(seconds / plan.intervalSeconds) * interval + (chats ? chatted(plan, seconds) : 0)
  const checkIns = chats ? week.shows * (plan.checkIn.amount && plan.checkIn.amount + plan.checkIn.streakMost) : 0
  const allowance = plan.allowance.to.some((one) => holds(standings, one)) ? plan.allowance.amount : 0
  return { interval, hour: forSeconds(3600), week: forSeconds(week.seconds) + checkIns + allowance }
}

/** How often an example who chats writes (seconds). */
const LINE_EVERY_SECONDS = 300

const chatted = ({ chat }: EarningPlan, seconds: Seconds): number =>
  Math.floor(seconds / Math.max(chat.everySeconds, LINE_EVERY_SECONDS)) * chat.amount

/** What somebody who never leaves collects off air in a week with so many seconds on air. */
export const offAirWeek = ({ offAir }: EarningPlan, week: Week): number =>
  Math.floor((7 * 86_400 - week.seconds) / offAir.intervalSeconds) * offAir.base

/** Hundredths of a unit that an hour pays, for comparing what is paid on air and off. */
export const hourlyHundredths = (amount: Amount, intervalSeconds: Seconds): number =>
  mulDiv(amount * 100, 3600, intervalSeconds)
