import { digits, durationInWords } from '../currency/index.ts'
import { type CircleRow, standingName } from '../people/index.ts'
import { timesInWords } from './payout.ts'
import type { Bonus, EarningPlan } from './schema.ts'
import { SUPPORT_KINDS } from './supportPlan.ts'

/** One thing that differs between two plans, as people read it. */
export interface Difference {
  readonly what: string
  readonly before: string
  readonly after: string
}

type Circles = readonly Pick<CircleRow, 'id' | 'name'>[]
type Line = readonly [what: string, value: string]

const amount = (n: number): string => (n === 0 ? 'nothing' : digits(n))
const yes = (on: boolean): string => (on ? 'yes' : 'no')
const bonusText = ({ plus, times }: Bonus): string => `+${digits(plus)}, × ${timesInWords(times)}`
const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']

/** A weekday's name: 1 is Monday, 7 Sunday. */
export const weekdayName = (weekday: number): string => WEEKDAYS[weekday - 1] ?? ''

function watchingLines(plan: EarningPlan): Line[] {
  return [
    ['Pay viewers every', durationInWords(plan.intervalSeconds)],
    ['Each payment', amount(plan.base)],
    ['Balance cap', plan.cap === null ? 'no limit' : digits(plan.cap)],
    ['Off air, pay viewers every', durationInWords(plan.offAir.intervalSeconds)],
    ['Off air, each payment', amount(plan.offAir.base)],
    ['For recent chatters', amount(plan.active.plus)],
    ['Recent means within', durationInWords(plan.active.withinSeconds)],
    ['Each line of chat', amount(plan.chat.amount)],
    ['Lines are paid at most every', durationInWords(plan.chat.everySeconds)],
    ['Commands count as chat', yes(plan.chat.commands)],
    ['Chat is paid off air, too', yes(plan.chat.offAir)],
  ]
}

function moreLines(plan: EarningPlan, circles: Circles): Line[] {
  const { checkIn, allowance } = plan
  const to = allowance.to.map((standing) => standingName(standing, circles)).join(', ') || 'nobody'
  return [
    ['A check-in', amount(checkIn.amount)],
    ['Check-in, bonus for each show in a row', amount(checkIn.streakPlus)],
    ['Check-in, bonus cap', amount(checkIn.streakMost)],
    ['Check-in, one missed show is forgiven', yes(checkIn.missedAllowed)],
    ['The weekly allowance', amount(allowance.amount)],
    ['The allowance is paid', `${weekdayName(allowance.weekday)}, ${allowance.hour}:00`],
    ['The allowance goes to', to],
    ['For a first visit', amount(plan.welcome)],
    ['Newcomers wait', plan.newcomerWaitSeconds === 0 ? 'no time' : durationInWords(plan.newcomerWaitSeconds)],
  ]
}

function supportLines({ support }: EarningPlan): Line[] {
  const said = SUPPORT_KINDS.flatMap((kind): Line[] => [
    [`Thanks in chat, ${kind}`, support.thanks[kind]?.say || 'none'],
    [`Thanks on screen, ${kind}`, support.thanks[kind]?.alert || 'none'],
  ])
  return [
    ['A follow', amount(support.follow)],
    ...support.subscription.map((pays, i): Line => [`A subscription, tier ${i + 1}`, amount(pays)]),
    ['A gift subscription', amount(support.gift)],
    ['A gift subscription received', amount(support.giftReceived)],
    ['A raid', amount(support.raid.fixed)],
    ['A raid, for each viewer', amount(support.raid.perViewer)],
    ['Raids are paid to followers only', yes(support.raid.followersOnly)],
    ['A tip, per whole unit', amount(support.tip)],
    ['A cheer, per hundred', amount(support.cheer)],
    ...said,
  ]
}

const linesOf = (plan: EarningPlan, circles: Circles): Line[] => [
  ...watchingLines(plan),
  ...moreLines(plan, circles),
  ...supportLines(plan),
]

const NO_BONUS: Bonus = { plus: 0, times: 100 }

/** What differs between two plans, in the order of the page: "Each payment: 10 -> 12". Empty if nothing does. */
export function planDifference(before: EarningPlan, after: EarningPlan, circles: Circles = []): Difference[] {
  const [old, fresh] = [linesOf(before, circles), linesOf(after, circles)]
  const standings = [...new Set([...Object.keys(before.standings), ...Object.keys(after.standings)])]
  const bonuses = standings.map((standing) => ({
    what: `Bonus of ${standingName(standing, circles)}`,
    before: bonusText(before.standings[standing] ?? NO_BONUS),
    after: bonusText(after.standings[standing] ?? NO_BONUS),
  }))
  const others = old.map(([what, value], i) => ({ what, before: value, after: fresh[i]?.[1] ?? '' }))
  return [...others, ...bonuses].filter((line) => line.before !== line.after)
}
