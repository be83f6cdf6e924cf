import { ok } from '../../world/index.ts'
import type { GamePlay } from '../play.ts'
import { openRoundOf } from '../rounds.ts'
import { advanceCup } from './cup.ts'
import { enterCup } from './entrants.ts'

export const cupPlay: GamePlay<'cup'> = {
  acts: {
    cup: {
      read: () => ok({ do: 'cup' }),
      rounds: (world) => [openRoundOf(world, 'cup')],
      mayEnd: true,
      play: enterCup,
    },
  },
  opens: null,
  advance: advanceCup,
}
