import { accrue, supportPays, supportSetting } from '../earning/index.ts'
import { creditWithinCap } from '../ledger/index.ts'

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
  const plan = supportSetting.initial
  const pays =
    event.kind === 'tip'
      ? supportPays({ ...plan, tip: event.perUnit }, { kind: 'tip', minorUnits: event.minorUnits })
      : supportPays({ ...plan, cheer: event.perHundred }, { kind: 'cheer', units: event.units })
  return pays === event.payout
}

/** The rules that are built, by the name of their file of cases. */
export const HOLDERS: Readonly<Record<string, Holder>> = { credit, intervals, events }

/** How many of the cases the rules of this name get wrong; undefined where those rules are not built yet. */
export function wrongCases(name: string, cases: readonly Case[]): number | undefined {
  const holds = Object.hasOwn(HOLDERS, name) ? HOLDERS[name] : undefined
  return holds && cases.filter((one) => !holds(one)).length
}
