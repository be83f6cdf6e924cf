import type { StepKind, StepOf } from '../steps/index.ts'
import type { Need, Result, World } from '../world/index.ts'
import type { About, NeedWithin } from './about.ts'
import type { Around } from './around.ts'
import type { Queued, StepContext } from './queue.ts'
import type { Run } from './run.ts'

/** What is around a step while it is looked at what it needs. */
export interface Needing {
  readonly about: About
  readonly called: readonly number[]
  readonly within: NeedWithin
}

/** All that there is to a kind of step. */
export interface StepRule<K extends StepKind> {
  /** The texts that it says or shows. */
  readonly texts?: (step: StepOf<K>) => readonly string[]
  /** What is wrong with it, beside its texts. */
  readonly faults?: (step: StepOf<K>, around: Around) => readonly string[]
  readonly needs?: (world: World, step: StepOf<K>, needing: Needing) => Need[]
  /** Does it. @returns What it came to, as a sentence; or why it cannot be done, and with it the whole run. */
  readonly act?: (run: Run, step: StepOf<K>) => Result<string>
  /** The steps that it leads to, where it leads to others. */
  readonly into?: (run: Run, step: StepOf<K>, depth: number, on: StepContext | undefined) => Result<Queued[]>
}
