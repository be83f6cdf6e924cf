import { startFrom } from '../../entering/index.ts'
import { actOn, needAct, type RaffleRow, raffleFrom } from '../../raffles/index.ts'
import { ok, refuse, type World } from '../../world/index.ts'
import { setupFaults } from '../faultsIn.ts'
import type { StepRule } from '../rule.ts'

const HOWS = { start: 'Starts', close: 'Closes', draw: 'Draws', callOff: 'Calls off' } as const

const goOn = (world: World, running: RaffleRow | undefined, how: 'close' | 'draw' | 'callOff', by: string) =>
  running === undefined
    ? refuse('raffle_not_found', 'No raffle from this template is on.')
    : actOn(world, running, how, { by })

/** Starts a raffle from a set-up that is kept, or goes on with the one that was started from it. */
export const raffle: StepRule<'raffle'> = {
  faults: ({ setup }, around) => setupFaults(setup, around),
  needs(world, { how, setup }) {
    const running = raffleFrom(world, setup)
    return running === undefined || how === 'start' ? [] : needAct(world, running, how)
  },
  act(run, { how, setup }) {
    const { world } = run
    const by = run.caller?.name ?? 'a trigger'
    const done = how === 'start' ? startFrom(world, setup, by) : goOn(world, raffleFrom(world, setup), how, by)
    return done.ok ? ok(`${HOWS[how]} the raffle “${done.value.settings.title}”.`) : done
  },
}
