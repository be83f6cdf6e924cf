import { bossPlay } from './boss/play.ts'
import { coinPlay } from './coin/play.ts'
import { cupPlay } from './cup/play.ts'
import { duelPlay } from './duel/play.ts'
import { heistPlay } from './heist/play.ts'
import type { Game } from './names.ts'
import type { GamePlay } from './play.ts'
import { reelsPlay } from './reels/play.ts'
import { roulettePlay } from './roulette/play.ts'
import { scramblePlay } from './scramble/play.ts'

/** How each game is played. */
export const PLAYS: { readonly [G in Game]: GamePlay<G> } = {
  heist: heistPlay,
  duel: duelPlay,
  roulette: roulettePlay,
  reels: reelsPlay,
  coin: coinPlay,
  cup: cupPlay,
  scramble: scramblePlay,
  boss: bossPlay,
}
