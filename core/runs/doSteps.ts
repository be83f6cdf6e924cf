import { viewers } from '../people/index.ts'
import type { Seconds } from '../schema.ts'
import type { Refusal } from '../world/index.ts'
import { MOST_CALLS, MOST_DONE, type Queued, type StepContext } from './queue.ts'
import { ruleOf } from './rules.ts'
import type { Run } from './run.ts'

export type Ended =
  | { readonly status: 'done' }
  | { readonly status: 'waiting'; readonly seconds: Seconds; readonly queue: readonly Queued[] }
  | { readonly status: 'failed'; readonly refusal: Refusal }

/** Does steps one after the other, until all are done, one says to wait, or one fails. The caller undoes what failed. */
export function doSteps(run: Run, from: readonly Queued[]): Ended {
  const queue = [...from]
  const began = { caller: run.caller, figures: run.figures }
  for (let done = 0; queue.length > 0; done++) {
    const { step, depth, on } = queue.shift() as Queued
    turnTo(run, began, on)
    if (done >= MOST_DONE || depth > MOST_CALLS) return { status: 'failed', refusal: tooMany(depth > MOST_CALLS) }
    if (step.do === 'wait') {
      run.log.push({ do: 'wait', sentence: `Waits ${step.seconds} s.` })
      return { status: 'waiting', seconds: step.seconds, queue }
    }
    const { into, act } = ruleOf(step)
    const next = into?.(run, step, depth, on)
    if (next !== undefined) {
      if (!next.ok) return { status: 'failed', refusal: next.refusal }
      queue.unshift(...next.value)
      continue
    }
    const outcome = act?.(run, step)
    if (outcome === undefined) continue
    if (!outcome.ok) return { status: 'failed', refusal: outcome.refusal }
    run.log.push({ do: step.do, sentence: outcome.value })
  }
  return { status: 'done' }
}

/** What a step is for: what the run began with, or the order that led to it. */
function turnTo(run: Run, began: Pick<Run, 'caller' | 'figures'>, on: StepContext | undefined): void {
  run.caller = on === undefined ? began.caller : run.world.get(viewers, on.caller)
  run.figures = on === undefined ? began.figures : on.figures
}

const tooMany = (calls: boolean): Refusal => ({
  code: 'steps_too_many',
  sentence: calls
    ? `Commands call one another more than ${MOST_CALLS} times. One of them comes back to where it began.`
    : `That is more than ${MOST_DONE} steps in one run.`,
})
