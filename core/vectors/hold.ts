import { accrue, type Bonus, NO_SUPPORT, payoutOf, supportPays } from '../earning/index.ts'
import { Chance, commitmentOf } from '../fairness/index.ts'
import { creditWithinCap } from '../ledger/index.ts'
import { rankFor } from '../ranks/index.ts'

/** A rule case: what goes in and what must come out, as in the files beside this one. */
export type Case = Readonly<Record<string, unknown>>

/** Whether the rules give what a case says. */
type Holder = (one: Case) => boolean

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

/** The rules that are built, by the name of their file of cases. */
export const HOLDERS: Readonly<Record<string, Holder>> = { chance, credit, intervals, events, earning, ranks }

/** How many of the cases the rules of this name get wrong; undefined where those rules are not built yet. */
export function wrongCases(name: string, cases: readonly Case[]): number | undefined {
  const holds = Object.hasOwn(HOLDERS, name) ? HOLDERS[name] : undefined
  return holds && cases.filter((one) => !holds(one)).length
}
