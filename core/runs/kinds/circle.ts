import { moveInCircle } from '../../ranks/index.ts'
import { ok, refuse } from '../../world/index.ts'
import { needTarget } from '../about.ts'
import { targetFaults } from '../faultsIn.ts'
import { peopleOf, whom } from '../people.ts'
import type { StepRule } from '../rule.ts'

export const circle: StepRule<'circle'> = {
  faults: ({ circle: id, who }, around) => [
    ...(around.circles.some((one) => one.id === id) ? [] : ['Choose a circle.']),
    ...targetFaults(who, around),
  ],
  needs: (world, { who }, { about }) => needTarget(world, who, about),
  act(run, { circle: id, how, who }) {
    const people = peopleOf(run, who)
    if (!people.ok) return people
    const done = moveInCircle(run.world, { circle: id, viewers: people.value.map((one) => one.id), how })
    if (!done.ok) return refuse('circle_not_found', 'The circle it is about is gone.')
    return ok(`${whom(people.value)} ${how === 'in' ? 'joins' : 'leaves'} the circle.`)
  },
}
