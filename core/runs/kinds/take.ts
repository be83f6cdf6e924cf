import { currencySetting, digits, inWords } from '../../currency/index.ts'
import { BOOKS, balanceOf, transfer } from '../../ledger/index.ts'
import type { ViewerRow } from '../../people/index.ts'
import type { Amount } from '../../schema.ts'
import { checkEconomy, readSetting } from '../../settings/index.ts'
import type { StepOf } from '../../steps/index.ts'
import { ok, type Result, refuse } from '../../world/index.ts'
import { needTarget } from '../about.ts'
import { amountFaults, targetFaults } from '../faultsIn.ts'
import { change, sum } from '../money.ts'
import { amountOf, peopleOf, whom } from '../people.ts'
import type { StepRule } from '../rule.ts'
import type { Run } from '../run.ts'

/** Of one person all of it or the run fails; of many at most what each has. */
function takeAll(run: Run, step: StepOf<'take'>): Result<string> {
  const { world, source } = run
  const people = peopleOf(run, step.from)
  if (!people.ok) return people
  const economy = checkEconomy(world)
  if (!economy.ok) return economy
  const amount = amountOf(run, step.amount)
  const many = step.from.of === 'present' || step.from.of === 'circle'
  let [taken, said] = [0, '']
  for (const viewer of people.value) {
    const before = balanceOf(world, viewer.id)
    const asked = many ? Math.min(amount, before) : amount
    if (asked === 0) continue
    const detail = { name: source.name }
    const moved = transfer(world, {
      from: viewer.id,
      to: BOOKS.spent,
      amount: asked,
      reason: 'charged',
      about: run.id,
      detail,
    })
    if (!moved.ok) return tooLittle(run, viewer, asked, before)
    world.fact('balance.changed', `viewer:${viewer.id}`, { balance: before - asked })
    taken += asked
    said = change(run, viewer, before, before - asked)
  }
  run.taken += taken
  return ok(`Takes ${sum(run, taken)} from ${whom(people.value)}${people.value.length === 1 ? `: ${said}` : ''}.`)
}

function tooLittle(run: Run, { name }: ViewerRow, asked: number, balance: Amount): Result<never> {
  const currency = readSetting(run.world, currencySetting)
  const short = asked - balance
  const sentence = `That takes ${inWords(asked, currency)}; ${name} has ${digits(balance)}, ${digits(short)} short.`
  return refuse('balance_too_small', sentence, { balance, short })
}

export const take: StepRule<'take'> = {
  faults: ({ from, amount }, around) => [...targetFaults(from, around), ...amountFaults(amount, around)],
  needs: (world, { from }, { about }) => needTarget(world, from, about),
  act: takeAll,
}
