import { betDefaultsOf, headOf, runningRows } from '../bets/index.ts'
import type { Reader } from '../database/index.ts'

const ORDER = ['announced', 'paying', 'open', 'locked', 'returning'] as const

/** The bet that is looked at, as its piece shows it: one that is being decided, then the one opened last. */
export async function betOnScreen(db: Reader, channel: number, now: number) {
  const all = (await runningRows(db, channel)).map(headOf)
  const bet = ORDER.map((status) => all.findLast((one) => one.status === status)).find((one) => one !== undefined)
  if (bet === undefined) return undefined
  const { id, status, question, lanes, backers, winner, rakeBp, payment, locksAt, paysAt } = bet
  const until = status === 'open' ? locksAt : status === 'announced' ? paysAt : null
  return {
    bet: {
      ...{ id, status, question, lanes, backers, winner, rakeBp },
      left: until === null ? null : Math.max(0, until - now),
      word: (await betDefaultsOf(db, channel)).word.word,
      winners: payment?.winners ?? 0,
      prize: payment?.prize ?? 0,
      refunded: payment?.refunded ?? false,
    },
  }
}
