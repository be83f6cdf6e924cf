import type { Game } from '#core/games'
import { bossForm } from './boss/form.ts'
import { coinForm } from './coin/form.tsx'
import { cupForm } from './cup/form.tsx'
import { duelForm } from './duel/form.tsx'
import type { GameForm } from './form.ts'
import { heistForm } from './heist/form.tsx'
import { reelsForm } from './reels/form.ts'
import { rouletteForm } from './roulette/form.tsx'
import { scrambleForm } from './scramble/form.ts'

/** How each game is set. */
export const FORMS: { readonly [G in Game]: GameForm<G> } = {
  heist: heistForm,
  duel: duelForm,
  roulette: rouletteForm,
  reels: reelsForm,
  coin: coinForm,
  cup: cupForm,
  scramble: scrambleForm,
  boss: bossForm,
}
