import type { Amount } from '../schema.ts'

interface Asked {
  readonly target: Amount
  /** What is in it so far. */
  readonly soFar: Amount
  readonly balance: Amount
  readonly asked: Amount
}

/** What of an amount a goal takes; or why nothing: there is nothing to take, it is finished, or the wallet holds less. */
export type Contribution =
  | { readonly taken: Amount; readonly complete: boolean }
  | { readonly taken: 0; readonly why: 'amount' | 'finished' | 'balance' }

/** A contribution takes at most what is missing; a goal that is reached takes no more. */
export function contributionOf({ target, soFar, balance, asked }: Asked): Contribution {
  if (soFar >= target) return { taken: 0, why: 'finished' }
  if (asked <= 0) return { taken: 0, why: 'amount' }
  const taken = Math.min(asked, target - soFar)
  return taken > balance ? { taken: 0, why: 'balance' } : { taken, complete: soFar + taken === target }
}
