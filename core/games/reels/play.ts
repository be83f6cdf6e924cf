import { ok } from '../../world/index.ts'
import { fieldsOf, playAtOnce } from '../atOnce.ts'
import { type GamePlay, stakeIn, usage } from '../play.ts'
import { settingsOf } from '../settings.ts'
import { tell } from '../tell.ts'
import { spinPays, spinReels } from './reels.ts'

export const reelsPlay: GamePlay<'reels'> = {
  acts: {
    reels: {
      read: (world, { first }) =>
        first === ''
          ? usage(`!${settingsOf(world, 'reels').word.word} 50`)
          : ok({ do: 'reels', stake: stakeIn(first) }),
      /** Pulls the lever once. */
      play(world, viewer, { stake: typed }) {
        const { strip, table } = settingsOf(world, 'reels')
        const machine = { strip, table }
        return playAtOnce(world, 'reels', viewer, typed, {
          before: { of: 'reels', machine, shown: [] },
          draw: (round, stake) => {
            const shown = spinReels(round.seed, round.id, machine)
            const paid = spinPays(machine, stake, shown)
            const fields = { shown: shown.join(' · '), ...fieldsOf(world, viewer, stake, paid) }
            return {
              state: { of: 'reels', machine, shown },
              paid,
              tell: () => tell(world, paid > 0 ? 'reels.won' : 'reels.lost', fields, { likeness: 'reels' }),
            }
          },
        })
      },
    },
  },
  opens: null,
  advance: null,
}
