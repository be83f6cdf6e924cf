import { digits } from '../../currency/index.ts'
import type { StepOf } from '../../steps/index.ts'
import { award, needTally, passOn, tallyInWords, tallyOf } from '../../tallies/index.ts'
import { ok, type Result, refuse } from '../../world/index.ts'
import { idsOf, needTarget } from '../about.ts'
import type { Around } from '../around.ts'
import { amountFaults, oneOnly, targetFaults } from '../faultsIn.ts'
import { amountOf, oneOf, peopleOf, whom } from '../people.ts'
import type { StepRule } from '../rule.ts'
import type { Run } from '../run.ts'

function tallyFaults({ tally: id, how, to, amount }: StepOf<'tally'>, around: Around): string[] {
  const tally = around.tallies.find((one) => one.id === id)
  const passing = how === 'pass' && tally?.passing === false
  return [
    ...(tally === undefined ? ['Choose a tally.'] : []),
    ...(passing ? [`${tally.name} cannot be passed on. Allow it where the tally is set up.`] : []),
    ...(how === 'pass' ? oneOnly(to) : []),
    ...targetFaults(to, around),
    ...amountFaults(amount, around, how === 'set'),
  ]
}

function count(run: Run, step: StepOf<'tally'>): Result<string> {
  const { world } = run
  const tally = tallyOf(world, step.tally)
  if (tally === undefined) return refuse('tally_not_found', 'The tally it counts is gone.')
  const people = peopleOf(run, step.to)
  if (!people.ok) return people
  const amount = amountOf(run, step.amount)
  let said = ''
  for (const { id, name } of people.value) {
    const { before, after } = award(world, tally, id, step.how as 'add', amount)
    said = `: ${name} ${digits(before)} → ${tallyInWords(tally, after)}`
  }
  const one = people.value.length === 1
  return ok(`${tally.name}, ${HOWS[step.how]} ${digits(amount)}, ${whom(people.value)}${one ? said : ''}.`)
}

const HOWS: Readonly<Record<string, string>> = { add: 'adds', take: 'takes', set: 'sets to', pass: 'passes on' }

function pass(run: Run, step: StepOf<'tally'>): Result<string> {
  const { world, caller } = run
  const tally = tallyOf(world, step.tally)
  if (tally === undefined) return refuse('tally_not_found', 'The tally it passes on is gone.')
  const to = oneOf(run, step.to)
  if (!to.ok) return to
  if (caller === undefined) return refuse('person_missing', 'There is nobody to pass anything on.')
  const amount = amountOf(run, step.amount)
  const done = passOn(world, tally, caller.id, to.value.id, amount)
  return done.ok ? ok(`${caller.name} passes ${tallyInWords(tally, amount)} on to ${to.value.name}.`) : done
}

export const tally: StepRule<'tally'> = {
  faults: tallyFaults,
  needs(world, { tally: id, how, to }, { about }) {
    const people = idsOf(world, to, about)
    const own = how === 'pass' && about.caller !== undefined ? [needTally(id, about.caller)] : []
    return [...needTarget(world, to, about), ...own, ...people.map((one) => needTally(id, one))]
  },
  act: (run, step) => (step.how === 'pass' ? pass(run, step) : count(run, step)),
}
