import { type ChangeSeed, openNextSeed, seedSetting } from '../fairness/index.ts'
import { floors, isOver, rounds } from '../games/index.ts'
import { runningRaffles } from '../raffles/index.ts'
import { readSetting } from '../settings/index.ts'
import { type Handler, ok, type World } from '../world/index.ts'

const openRounds = (world: World): number[] => world.all(floors).flatMap(({ open }) => open)

/** Whether anything that is still open has a seed that follows from the channel's, as all had before they got their own. */
function determinesSomethingOpen(world: World): boolean {
  const raffle = runningRaffles(world).some(({ seedOrigin, seed }) => seedOrigin === 'channel' && seed !== '')
  return (
    raffle ||
    openRounds(world).some((id) => {
      const round = world.get(rounds, id)
      return round !== undefined && !isOver(round) && round.seedOrigin === 'channel'
    })
  )
}

/** Publishes the channel's seed and opens the next; not while it would give away the outcome of something that is open. */
export const rotateSeed = {
  decide(world, intent) {
    if (determinesSomethingOpen(world)) return ok({ seed: readSetting(world, seedSetting).id })
    return openNextSeed(world, intent)
  },
} satisfies Handler<ChangeSeed>
