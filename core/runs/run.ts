import type { LimitKey } from '../access/index.ts'
import { chanceFor, seedSetting } from '../fairness/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { Amount } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import type { Step } from '../steps/index.ts'
import type { Asker, Reply } from '../voice/index.ts'
import type { Argument, Given } from '../words/index.ts'
import type { World } from '../world/index.ts'
import type { Queued, StepContext } from './queue.ts'
import type { RunRow, StepOutcome } from './runs.ts'

/** A run of steps under way. What it did so far is in its log. */
export interface Run {
  readonly world: World
  readonly id: number
  readonly source: Pick<RunRow, 'source' | 'of' | 'name'>
  readonly limitKey: LimitKey
  /** Who set it off; undefined: nobody, a timer. Somebody else while steps of a reward are done that was ordered for them. */
  caller: ViewerRow | undefined
  readonly wanted: readonly Argument[]
  readonly given: Given
  figures: Readonly<Record<string, string | number>>
  /** How many triggers led here: it goes on counting after a wait. */
  readonly depth: number
  readonly asker: Asker | null
  readonly reply: Reply | null
  readonly log: StepOutcome[]
  paid: Amount
  taken: number
  /** The seed that was drawn from. */
  seed: number | null
  readonly draw: (below: number) => number
}

export type RunParts = Omit<Run, 'draw' | 'seed' | 'log'>

/** A run at its beginning, or going on after a wait. Draws are numbered on within it by its log, so none is made twice. */
export function newRun(parts: RunParts): Run {
  const { world, id } = parts
  const log: StepOutcome[] = []
  let chance: ReturnType<typeof chanceFor> | undefined
  const run: Run = {
    ...parts,
    log,
    seed: null,
    draw: (below) => {
      chance ??= chanceFor(world, `run/${id}/${world.at}`)
      run.seed = readSetting(world, seedSetting).id
      return chance.below(below)
    },
  }
  return run
}

export const queued = (steps: readonly Step[], depth = 0, on?: StepContext): Queued[] =>
  steps.map((step) => (on === undefined ? { step, depth } : { step, depth, on }))
