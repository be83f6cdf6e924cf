import type { Step, StepOf } from '../../steps/index.ts'
import { ok } from '../../world/index.ts'
import type { StepRule } from '../rule.ts'
import { queued, type Run } from '../run.ts'

/** Draws a branch, each as likely as its weight: the first whose running sum is above the point drawn. */
function draw(run: Run, { branches }: StepOf<'choose'>): readonly Step[] {
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

export const choose: StepRule<'choose'> = {
  needs: (_, { branches }, { about, called, within }) => branches.flatMap(({ steps }) => within(steps, about, called)),
  into: (run, step, depth, on) => ok(queued(draw(run, step), depth, on)),
}
