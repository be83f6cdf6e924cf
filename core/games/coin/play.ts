import { ok } from '../../world/index.ts'
import { fieldsOf, playAtOnce } from '../atOnce.ts'
import { type GamePlay, stakeIn, usage } from '../play.ts'
import { settingsOf } from '../settings.ts'
import { tell } from '../tell.ts'
import { coinPays, tossCoin } from './coin.ts'

export const coinPlay: GamePlay<'coin'> = {
  acts: {
    coin: {
      read(world, { first, second }) {
        const { word } = settingsOf(world, 'coin').word
        const called = second.toLowerCase()
        if (first === '' || !['', 'heads', 'tails', 'h', 't'].includes(called))
          return usage(`!${word} 50, or !${word} 50 tails`)
        return ok({ do: 'coin', stake: stakeIn(first), side: called.startsWith('t') ? 'tails' : 'heads' })
      },
      /** Tosses the coin once. */
      play(world, viewer, { stake: typed, side: called }) {
        const { multiplier } = settingsOf(world, 'coin')
        return playAtOnce(world, 'coin', viewer, typed, {
          before: { of: 'coin', multiplier, called, side: called },
          draw: (round, stake) => {
            const side = tossCoin(round.seed, round.id)
            const paid = coinPays(stake, called, side, multiplier)
            const fields = { side, ...fieldsOf(world, viewer, stake, paid) }
            return {
              state: { of: 'coin', multiplier, called, side },
              paid,
              tell: () => tell(world, paid > 0 ? 'coin.won' : 'coin.lost', fields, { likeness: 'coin' }),
            }
          },
        })
      },
    },
  },
  opens: null,
  advance: null,
}
