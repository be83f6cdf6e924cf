import type { StepOf } from '../../steps/index.ts'
import { needTally } from '../../tallies/index.ts'
import { ok } from '../../world/index.ts'
import type { Around } from '../around.ts'
import { holdsNow } from '../condition.ts'
import type { StepRule } from '../rule.ts'
import { queued } from '../run.ts'

function conditionFaults(condition: StepOf<'when'>['if'], around: Around): string[] {
  const asks = Object.values(condition).some((value) => value !== undefined)
  const { tally, standing } = condition
  const circle = /^circle:(\d+)$/.exec(standing ?? '')?.[1]
  return [
    ...(asks ? [] : ['Choose what must hold.']),
    ...(tally !== undefined && !around.tallies.some(({ id }) => id === tally.tally) ? ['Choose a tally.'] : []),
    ...(circle !== undefined && !around.circles.some(({ id }) => id === Number(circle)) ? ['Choose a circle.'] : []),
  ]
}

export const when: StepRule<'when'> = {
  faults: (step, around) => conditionFaults(step.if, around),
  needs(_, step, { about, called, within }) {
    const asked = step.if.tally
    const own = asked === undefined || about.caller === undefined ? [] : [needTally(asked.tally, about.caller)]
    return [...own, ...within([...step.steps, ...step.otherwise], about, called)]
  },
  into(run, step, depth, on) {
    const held = holdsNow(run, step.if)
    run.log.push({ do: 'when', sentence: held ? 'It holds.' : 'It does not hold.' })
    return ok(queued(held ? step.steps : step.otherwise, depth, on))
  },
}
