import { payFor } from '../../earning/index.ts'
import { balanceOf } from '../../ledger/index.ts'
import type { StepOf } from '../../steps/index.ts'
import { ok, type Result } from '../../world/index.ts'
import { needTarget } from '../about.ts'
import { amountFaults, targetFaults } from '../faultsIn.ts'
import { change, sum } from '../money.ts'
import { amountOf, peopleOf, whom } from '../people.ts'
import type { StepRule } from '../rule.ts'
import type { Run } from '../run.ts'

function payAll(run: Run, step: StepOf<'pay'>): Result<string> {
  const { world, source } = run
  const people = peopleOf(run, step.to)
  if (!people.ok) return people
  const amount = amountOf(run, step.amount)
  if (amount === 0) return ok('Pays nothing.')
  let [paid, said] = [0, '']
  for (const viewer of people.value) {
    const before = balanceOf(world, viewer.id)
    const got = payFor(world, viewer, amount, {
      reason: 'run',
      about: run.id,
      detail: { name: source.name, pays: amount },
    })
    paid += got
    said = change(run, viewer, before, before + got)
  }
  run.paid += paid
  return ok(`Pays ${sum(run, paid)} to ${whom(people.value)}${people.value.length === 1 ? `: ${said}` : ''}.`)
}

export const pay: StepRule<'pay'> = {
  faults: ({ to, amount }, around) => [...targetFaults(to, around), ...amountFaults(amount, around)],
  needs: (world, { to }, { about }) => needTarget(world, to, about),
  act: payAll,
}
