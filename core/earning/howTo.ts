import { type Currency, durationInWords, inWords } from '../currency/index.ts'
import { holds, type Standing } from '../people/index.ts'
import { checkInPays } from './checkIn.ts'
import { weekdayName } from './difference.ts'
import { bonusInWords, payoutOf } from './payout.ts'
import type { EarningPlan } from './schema.ts'

/** One way to earn, as a sentence for viewers; `yours`: what it comes to for who reads it, if that is more. */
export interface Way {
  readonly way: string
  readonly yours?: string
}

interface Reader {
  readonly standings: readonly Standing[]
  readonly nameOf: (standing: Standing) => string
  /** The word in chat for checking in. */
  readonly here: string
}

/** How to earn by a plan, in plain words, with the reader's own standings applied. What pays nothing is left out. */
export function waysToEarn(plan: EarningPlan, currency: Currency, reader: Reader): Way[] {
  return [
    ...watchingWays(plan, currency, reader),
    ...chattingWays(plan, currency, reader),
    ...supportWays(plan, currency),
    ...weeklyWays(plan, currency, reader),
  ]
}

function watchingWays(plan: EarningPlan, currency: Currency, { standings, nameOf }: Reader): Way[] {
  const plain = payoutOf(plan, [], false, false)
  const yours = payoutOf(plan, standings, false, false)
  const every = durationInWords(plan.intervalSeconds)
  const ways: Way[] = []
  if (Math.max(plain, yours) > 0) {
    const way = `Watch: ${inWords(plain, currency)} for every ${every} in the chat while the show is on.`
    const why = bonusInWords(plan, standings, false, nameOf)
    ways.push(yours > plain ? { way, yours: `For you ${inWords(yours, currency)}: ${why}.` } : { way })
  }
  const chatting = payoutOf(plan, standings, true, false) - yours
  if (chatting > 0)
    ways.push({
      way: `Chat along: ${inWords(chatting, currency)} more each time, if you wrote within ${durationInWords(plan.active.withinSeconds)}.`,
    })
  if (plan.offAir.base > 0)
    ways.push({
      way: `Be in the chat off air: ${inWords(plan.offAir.base, currency)} for every ${durationInWords(plan.offAir.intervalSeconds)}.`,
    })
  return ways
}

function chattingWays({ chat, checkIn }: EarningPlan, currency: Currency, { here }: Reader): Way[] {
  const ways: Way[] = []
  if (chat.amount > 0)
    ways.push({
      way: `Write: ${inWords(chat.amount, currency)} for a line, at most every ${durationInWords(chat.everySeconds)}.`,
    })
  if (checkIn.amount > 0) {
    const most = checkInPays(checkIn, 1000)
    const streak = most > checkIn.amount ? `, up to ${inWords(most, currency)} for shows in a row` : ''
    ways.push({ way: `Check in once a show, here or with !${here}: ${inWords(checkIn.amount, currency)}${streak}.` })
  }
  return ways
}

function supportWays({ support }: EarningPlan, currency: Currency): Way[] {
  const tiers = support.subscription.filter((pays) => pays > 0)
  const parts: [number, string][] = [
    [support.follow, `Follow: ${inWords(support.follow, currency)}, once.`],
    [
      tiers.length,
      `Subscribe: ${[...new Set(support.subscription)].map((pays) => inWords(pays, currency)).join(', ')} by tier, each month.`,
    ],
    [support.gift, `Give subscriptions: ${inWords(support.gift, currency)} each.`],
    [
      support.raid.fixed + support.raid.perViewer,
      `Raid the channel: ${inWords(support.raid.fixed, currency)} and ${inWords(support.raid.perViewer, currency)} for each.`,
    ],
    [support.tip, `Tip: ${inWords(support.tip, currency)} for each whole unit of money.`],
    [support.cheer, `Cheer: ${inWords(support.cheer, currency)} for a hundred.`],
  ]
  return parts.filter(([pays]) => pays > 0).map(([, way]) => ({ way }))
}

function weeklyWays({ allowance, welcome }: EarningPlan, currency: Currency, { standings, nameOf }: Reader): Way[] {
  const ways: Way[] = []
  if (allowance.amount > 0 && allowance.to.length > 0) {
    const whom = allowance.to.map(nameOf).join(', ')
    const way = `Every ${weekdayName(allowance.weekday)}: ${inWords(allowance.amount, currency)} for ${whom}.`
    ways.push(allowance.to.some((one) => holds(standings, one)) ? { way, yours: 'You get it.' } : { way })
  }
  if (welcome > 0) ways.push({ way: `Come for the first time: ${inWords(welcome, currency)}.` })
  return ways
}
