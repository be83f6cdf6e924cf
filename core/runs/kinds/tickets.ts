import { enterRaffle, needEntry, raffleFrom, setupOf, ticketsInWords } from '../../raffles/index.ts'
import { ok, refuse } from '../../world/index.ts'
import { idsOf, needTarget } from '../about.ts'
import { amountFaults, oneOnly, setupFaults, targetFaults } from '../faultsIn.ts'
import { amountOf, oneOf } from '../people.ts'
import type { StepRule } from '../rule.ts'

/** Gives somebody tickets of the raffle that is on, without their price. */
export const tickets: StepRule<'tickets'> = {
  faults: ({ setup, to, tickets: many }, around) => [
    ...setupFaults(setup, around),
    ...targetFaults(to, around),
    ...oneOnly(to),
    ...amountFaults(many, around),
  ],
  needs(world, { setup, to }, { about }) {
    const running = raffleFrom(world, setup)
    const entries = running === undefined ? [] : idsOf(world, to, about).flatMap((id) => needEntry(running.id, id))
    return [...needTarget(world, to, about), ...entries]
  },
  act(run, { setup, to, tickets: many }) {
    const { world } = run
    const running = raffleFrom(world, setup)
    if (running === undefined) {
      const title = setupOf(world, setup)?.settings.title
      return refuse(
        'raffle_not_found',
        title === undefined ? 'No raffle from this template is on.' : `The raffle “${title}” is not on.`,
      )
    }
    const who = oneOf(run, to)
    if (!who.ok) return who
    const wanted = amountOf(run, many)
    if (wanted === 0) return ok('Gives no tickets.')
    const entered = enterRaffle(world, running, who.value, wanted, 'step')
    return entered.ok
      ? ok(`${who.value.name} gets ${ticketsInWords(entered.value.added)} of “${running.settings.title}”.`)
      : entered
  },
}
