import { type Backer, paidTo, paymentOf } from '../../core/bets/index.ts'
import { accrue, type Bonus, NO_SUPPORT, payoutOf, supportPays } from '../../core/earning/index.ts'
import { Chance, commitmentOf } from '../../core/fairness/index.ts'
import { contributionOf } from '../../core/goals/index.ts'
import { creditWithinCap } from '../../core/ledger/index.ts'
import { drawnAnswer, nearestFirst, offBy, pickMany, weightOf } from '../../core/raffles/index.ts'
import { rankFor } from '../../core/ranks/index.ts'
import type { Case, Holder } from './case.ts'
import { GAME_HOLDERS } from './holdGames.ts'

interface Credit {
  readonly amount: number
  readonly balance: number
  readonly cap: number | null
  readonly credited: number
}

interface Intervals {
  readonly carrySeconds: number
  readonly presentSpans: readonly (readonly [number, number])[]
  readonly intervalSeconds: number
  readonly payouts: number
  readonly carryAfter: number
}

const credit: Holder = (one) => {
  const { amount, balance, cap, credited } = one as unknown as Credit
  return creditWithinCap(amount, balance, cap) === credited
}

const intervals: Holder = (one) => {
  const { carrySeconds, presentSpans, intervalSeconds, payouts, carryAfter } = one as unknown as Intervals
  let [carry, paid] = [carrySeconds, 0]
  for (const [from, to] of presentSpans) {
    const done = accrue(carry, to - from, intervalSeconds)
    paid += done.payouts
    carry = done.carrySeconds
  }
  return paid === payouts && carry === carryAfter
}

type Event =
  | { readonly kind: 'tip'; readonly minorUnits: number; readonly perUnit: number; readonly payout: number }
  | { readonly kind: 'cheer'; readonly units: number; readonly perHundred: number; readonly payout: number }

const events: Holder = (one) => {
  const event = one as unknown as Event
  const plan = NO_SUPPORT
  const pays =
    event.kind === 'tip'
      ? supportPays({ ...plan, tip: event.perUnit }, { kind: 'tip', minorUnits: event.minorUnits })
      : supportPays({ ...plan, cheer: event.perHundred }, { kind: 'cheer', units: event.units })
  return pays === event.payout
}

interface Earning {
  readonly plan: {
    readonly base: number
    readonly offAirBase: number
    readonly activePlus: number
    readonly standings: Readonly<Record<string, Partial<Bonus>>>
  }
  readonly viewer: { readonly standings: readonly string[]; readonly active: boolean }
  readonly offAir: boolean
  readonly payout: number
}

const earning: Holder = (one) => {
  const { plan, viewer, offAir, payout } = one as unknown as Earning
  const standings = Object.fromEntries(
    Object.entries(plan.standings).map(([name, bonus]) => [name, { plus: 0, times: 100, ...bonus }]),
  )
  const rules = {
    base: plan.base,
    offAir: { base: plan.offAirBase },
    standings,
    active: { plus: plan.activePlus },
  }
  return payoutOf(rules, viewer.standings, viewer.active, offAir) === payout
}

interface RankCase {
  readonly ranks: readonly { readonly name: string; readonly from: number; readonly needs: string | null }[]
  readonly measure: number
  readonly standings: readonly string[]
  readonly rank: string | null
}

const ranks: Holder = (one) => {
  const { ranks: all, measure, standings, rank } = one as unknown as RankCase
  return (rankFor(all, measure, standings)?.name ?? null) === rank
}

interface ChanceCase {
  readonly seed: string
  readonly commitment: string
  readonly label: string
  readonly bounds: readonly string[]
  readonly values: readonly string[]
}

const chance: Holder = (one) => {
  const { seed, commitment, label, bounds, values } = one as unknown as ChanceCase
  const stream = new Chance(seed, label)
  return commitmentOf(seed) === commitment && bounds.every((bound, i) => String(stream.big(BigInt(bound))) === values[i])
}

interface RaffleCase {
  readonly seed: string
  readonly commitment: string
  readonly raffle: string
  readonly entrants: readonly { readonly viewer: string; readonly tickets: number; readonly weight: number }[]
  readonly picks: number
  readonly draws: readonly {
    readonly draw: number
    readonly entrantsDigest: string
    readonly totalWeight: number
    readonly point: number
    readonly winner: string
    readonly chance: string
  }[]
}

const raffle: Holder = (one) => {
  const { seed, commitment, raffle: id, entrants, picks, draws } = one as unknown as RaffleCase
  const weighed = entrants.map(({ viewer, tickets, weight }) => ({ viewer, weight: weightOf(tickets, weight) }))
  const picked = pickMany(seed, id, weighed, picks).map(({ draw, digest, total, point, winner, weight }) => ({
    draw,
    entrantsDigest: digest,
    totalWeight: total,
    point,
    winner,
    chance: `${weight}/${total}`,
  }))
  return commitmentOf(seed) === commitment && JSON.stringify(picked) === JSON.stringify(draws.map(({ draw, entrantsDigest, totalWeight, point, winner, chance }) => ({ draw, entrantsDigest, totalWeight, point, winner, chance })))
}

interface Goal {
  readonly target: number
  readonly soFar: number
  readonly balance: number
  readonly asked: number
  readonly taken: number
  readonly why?: string
  readonly complete?: boolean
}

const goal: Holder = (one) => {
  const { target, soFar, balance, asked, taken, why, complete } = one as unknown as Goal
  // What is in it is told as it is after that.
  const found = contributionOf({ target, soFar: soFar - taken, balance, asked })
  return found.taken === taken && ('why' in found ? found.why === why : found.complete === complete)
}

interface GuessCase {
  readonly answer: number
  readonly seed?: string
  readonly raffle?: string
  readonly least?: number
  readonly most?: number
  readonly guesses: readonly { readonly viewer: string; readonly guess: number }[]
  readonly winners: number
  readonly won: readonly { readonly viewer: string; readonly guess: number; readonly off: number }[]
}

const guess: Holder = (one) => {
  const { answer, guesses, winners, won, seed, raffle: id, least = 0, most = 0 } = one as unknown as GuessCase
  // A later guess takes the place of an earlier one of the same person.
  const last = new Map(guesses.map(({ viewer, guess: number }, order) => [viewer, { viewer, guess: number, order }]))
  const nearest = nearestFirst([...last.values()], answer).slice(0, winners)
  const told = nearest.map(({ viewer, guess: number }) => ({ viewer, guess: number, off: offBy(number, answer) }))
  const drawn = seed === undefined ? answer : drawnAnswer(seed, id ?? '', { least, most })
  return drawn === answer && JSON.stringify(told) === JSON.stringify(won)
}

interface Pool {
  readonly stakes: readonly { readonly option: number; readonly amount: number }[]
  readonly winning: number
  readonly rakeBasisPoints: number
  readonly outcome: 'won' | 'even' | 'refund'
  readonly rake: number
  readonly paid: readonly number[]
}

const pool: Holder = (one) => {
  const { stakes, winning, rakeBasisPoints, outcome, rake, paid } = one as unknown as Pool
  const backers = stakes.map(
    ({ option, amount }, i): Backer => ({ nr: i + 1, laid: [{ outcome: option, amount, at: 0 }] }),
  )
  const payment = paymentOf(backers, winning, { rakeBp: rakeBasisPoints, knownFrom: null })
  const sums = backers.map((backer) => paidTo(backer, payment)).map(({ back, won }) => back + won)
  const came = payment.winning === null ? 'refund' : stakes.every(({ option }) => option === winning) ? 'even' : 'won'
  return came === outcome && payment.rake === rake && JSON.stringify(sums) === JSON.stringify(paid)
}

/** The rules that are built, by the name of their file of cases. */
export const HOLDERS: Readonly<Record<string, Holder>> = {
  chance,
  credit,
  intervals,
  events,
  earning,
  ranks,
  ...GAME_HOLDERS,
  raffle,
  pool,
  goal,
  guess,
}

/** How many of the cases the rules of this name get wrong; undefined where those rules are not built yet. */
export function wrongCases(name: string, cases: readonly Case[]): number | undefined {
  const holds = Object.hasOwn(HOLDERS, name) ? HOLDERS[name] : undefined
  return holds && cases.filter((one) => !holds(one)).length
}
