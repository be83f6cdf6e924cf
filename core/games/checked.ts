import type { Amount, RoundId, ViewerId } from '../schema.ts'
import type { SeatState } from './schema.ts'

/** A round of one game as its outcome is checked: how it stood, and each seat. */
export interface Told<S, P> {
  readonly id: RoundId
  /** 32 bytes in hex. */
  readonly seed: string
  readonly state: S
  readonly seats: readonly {
    readonly viewer: ViewerId
    readonly name: string
    readonly stake: Amount
    readonly plan: P
    readonly state: SeatState
    readonly room: number | null
    readonly paid: Amount
  }[]
}

/** One thing that follows from the seed: what it was drawn from, what comes out now, and what was told then. */
export interface CheckedStep {
  readonly what: string
  readonly label: string
  readonly drawn: string
  readonly told: string
}

/** Whether a step came out as it was told. */
export const agrees = ({ drawn, told }: CheckedStep): boolean => drawn === told

/** What somebody was paid, and what they have to be paid. */
export const paidStep = (
  { name, paid }: { name: string; paid: Amount },
  label: string,
  drawn: number,
): CheckedStep => ({
  what: `${name} is paid`,
  label,
  drawn: String(drawn),
  told: String(paid),
})
