import { viewers } from '../people/index.ts'
import type { Seconds } from '../schema.ts'
import type { Step, StepOf } from '../steps/index.ts'
import { commandOf } from '../words/index.ts'
import { type Refusal, type Result, refuse } from '../world/index.ts'
import { act } from './act.ts'
import { holdsNow } from './condition.ts'
import { orderFree } from './order.ts'
import { MOST_CALLS, MOST_DONE, type Queued, type StepContext } from './queue.ts'
import { queued, type Run } from './run.ts'

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
    const next = into(run, step, depth, on)
    if (next !== undefined) {
      if (!next.ok) return { status: 'failed', refusal: next.refusal }
      queue.unshift(...next.value)
      continue
    }
    const outcome = act(run, step as Parameters<typeof act>[1])
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

/** The steps that a step leads to; undefined for one that does something itself. */
function into(run: Run, step: Step, depth: number, on: StepContext | undefined): Result<Queued[]> | undefined {
  switch (step.do) {
    case 'choose':
      return { ok: true, value: queued(choose(run, step), depth, on) }
    case 'when': {
      const held = holdsNow(run, step.if)
      run.log.push({ do: 'when', sentence: held ? 'It holds.' : 'It does not hold.' })
      return { ok: true, value: queued(held ? step.steps : step.otherwise, depth, on) }
    }
    case 'call': {
      const command = commandOf(run.world, step.command)
      if (command === undefined) return refuse('command_not_found', 'The command whose steps it calls is gone.')
      run.log.push({ do: 'call', sentence: `Goes on with the steps of !${command.settings.word}.` })
      return { ok: true, value: queued(command.settings.steps, depth + 1, on) }
    }
    case 'order':
      return orderFree(run, step, depth)
    default:
      return undefined
  }
}

/** Draws a branch, each as likely as its weight: the first whose running sum is above the point drawn. */
function choose(run: Run, { branches }: StepOf<'choose'>): readonly Step[] {
  const total = branches.reduce((sum, { weight }) => sum + weight, 0)
  const point = run.draw(total)
  let sum = 0
  const found = branches.findIndex(({ weight }) => {
    sum += weight
    return sum > point
  })
  const name = branches[found]?.name || `branch ${found + 1}`
  run.log.push({ do: 'choose', sentence: `Drew ${point} of ${total}: ${name}.` })
  return branches[found]?.steps ?? []
}
