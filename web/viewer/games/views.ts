import type { Game } from '#core/games'
import { bossView } from './BossCard.tsx'
import { cupView } from './CupCard.tsx'
import { duelView } from './DuelCard.tsx'
import type { GameView } from './gameView.ts'
import { heistView } from './HeistCard.tsx'
import { coinView, reelsView } from './MachineCards.tsx'
import { scrambleView } from './ScrambleCard.tsx'
import { rouletteView } from './WheelCard.tsx'

/** How each game is shown to viewers, in the order in which they stand on the page. */
export const VIEWS: { readonly [G in Game]: GameView<G> } = {
  heist: heistView,
  boss: bossView,
  scramble: scrambleView,
  duel: duelView,
  cup: cupView,
  roulette: rouletteView,
  reels: reelsView,
  coin: coinView,
}
