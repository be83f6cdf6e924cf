import { callOffOpen, GAME_NAMES, needOpening, openForAll } from '../../games/index.ts'
import { ok } from '../../world/index.ts'
import type { StepRule } from '../rule.ts'

export const round: StepRule<'round'> = {
  needs: (world, { game }) => needOpening(world, game),
  act(run, { how, game }) {
    const by = run.caller?.name ?? 'a trigger'
    const done = how === 'open' ? openForAll(run.world, game) : callOffOpen(run.world, game, by)
    return done.ok ? ok(`${how === 'open' ? 'Opens' : 'Calls off'} the game ${GAME_NAMES[game]}.`) : done
  },
}
