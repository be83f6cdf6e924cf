import { mulDiv } from '../ledger/index.ts'
import type { Amount, UnixSeconds } from '../schema.ts'

/** One time that somebody put something on an outcome. `outcome`: from 0. */
export interface Laid {
  readonly outcome: number
  readonly amount: Amount
  readonly at: UnixSeconds
}

/** All that one person has in a bet. `nr`: the order of first stakes. */
export interface Backer {
  readonly nr: number
  readonly laid: readonly Laid[]
}

/**
 * How a bet is paid. Whoever won gets the stake back and floor(prize x stake / winning); the units that are left over go one
 * each to the largest fractions, the earlier stake first: to those above `cut`, and of those at it up to its `nr`.
 */
export interface Payment {
  /** The outcome that came true, from 0; null: nobody wins, all stakes go back. */
  readonly winning: number | null
  /** Stakes laid from then on go back first; null: all count. */
  readonly knownFrom: UnixSeconds | null
  /** All counted stakes on the winning outcome, and what their owners share beside them. */
  readonly winningStakes: Amount
  readonly prize: Amount
  readonly rake: Amount
  /** Stakes that came too late. */
  readonly late: Amount
  readonly winners: number
  readonly cut: { readonly fraction: number; readonly nr: number } | null
}

const isLate = ({ at }: Laid, knownFrom: UnixSeconds | null): boolean => knownFrom !== null && at >= knownFrom

/** What somebody has on an outcome that counts. */
export function countedOn({ laid }: Backer, outcome: number, knownFrom: UnixSeconds | null): Amount {
  let sum = 0
  for (const one of laid) if (one.outcome === outcome && !isLate(one, knownFrom)) sum += one.amount
  return sum
}

/** What somebody has in a bet, late or not. */
export const stakedIn = (laid: readonly Laid[]): Amount => laid.reduce((sum, { amount }) => sum + amount, 0)

/** (prize x stake) mod winning: the fraction that a winner's share is rounded down by, in parts of the winning stakes. */
const fractionOf = (prize: Amount, stake: Amount, winning: Amount): number =>
  Number((BigInt(prize) * BigInt(stake)) % BigInt(winning))

/**
 * How a bet is paid, from everybody who is in it. Nobody on the winning outcome, or no outcome at all: all stakes back, no
 * rake. Rake = losing stakes x bp / 10,000, rounded down. What is paid and the rake are the pot, exactly.
 */
export function paymentOf(
  backers: readonly Backer[],
  winning: number | null,
  { rakeBp, knownFrom }: { readonly rakeBp: number; readonly knownFrom: UnixSeconds | null },
): Payment {
  let [counted, all, winners] = [0, 0, 0]
  let winningStakes = 0
  for (const backer of backers) {
    const own = winning === null ? 0 : countedOn(backer, winning, knownFrom)
    winningStakes += own
    winners += own > 0 ? 1 : 0
    for (const one of backer.laid) {
      all += one.amount
      counted += isLate(one, knownFrom) ? 0 : one.amount
    }
  }
  const late = all - counted
  const off = { winning: null, knownFrom, winningStakes: 0, prize: 0, rake: 0, late, winners: 0, cut: null }
  if (winning === null || winningStakes === 0) return off
  const losing = counted - winningStakes
  const rake = mulDiv(losing, rakeBp, 10_000)
  const payment = { winning, knownFrom, winningStakes, prize: losing - rake, rake, late, winners, cut: null }
  return { ...payment, cut: cutOf(backers, payment) }
}

/** Up to whom the units that rounding leaves over go. */
function cutOf(backers: readonly Backer[], { winning, knownFrom, winningStakes, prize }: Payment): Payment['cut'] {
  let left = prize
  const fractions: { fraction: number; nr: number }[] = []
  for (const backer of backers) {
    const stake = countedOn(backer, winning ?? -1, knownFrom)
    if (stake === 0) continue
    left -= mulDiv(prize, stake, winningStakes)
    fractions.push({ fraction: fractionOf(prize, stake, winningStakes), nr: backer.nr })
  }
  if (left === 0) return null
  fractions.sort((a, b) => b.fraction - a.fraction || a.nr - b.nr)
  return fractions[left - 1] ?? null
}

/** What somebody gets of a bet. `back`: of stakes that were not in play; `won`: stake and share of whoever won. */
export function paidTo(backer: Backer, payment: Payment): { readonly back: Amount; readonly won: Amount } {
  const { winning, knownFrom, winningStakes, prize, cut } = payment
  if (winning === null) return { back: stakedIn(backer.laid), won: 0 }
  const back = stakedIn(backer.laid.filter((one) => isLate(one, knownFrom)))
  const stake = countedOn(backer, winning, knownFrom)
  if (stake === 0) return { back, won: 0 }
  const fraction = fractionOf(prize, stake, winningStakes)
  const above = cut !== null && (fraction > cut.fraction || (fraction === cut.fraction && backer.nr <= cut.nr))
  return { back, won: stake + mulDiv(prize, stake, winningStakes) + (above ? 1 : 0) }
}

/**
 * What so much more on an outcome would bring now, itself included, if that outcome came true and nothing else were laid.
 * @param staked - What is on each outcome.
 */
export function wouldBring(staked: readonly Amount[], outcome: number, more: Amount, rakeBp: number): Amount {
  const own = (staked[outcome] ?? 0) + more
  const losing = staked.reduce((sum, amount, i) => (i === outcome ? sum : sum + amount), 0)
  const prize = losing - mulDiv(losing, rakeBp, 10_000)
  return more + (own === 0 ? 0 : mulDiv(prize, more, own))
}
