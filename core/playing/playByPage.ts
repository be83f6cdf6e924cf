import { type Act, needAct, play } from '../games/index.ts'
import { balanceOf } from '../ledger/index.ts'
import { findViewer, keyOf, meet, needWatch, type Who } from '../people/index.ts'
import { type Handler, ok } from '../world/index.ts'

export interface PlayGame {
  readonly kind: 'game.play'
  readonly who: Who
  readonly act: Act
}

/** A play on the viewer page: the same as in chat, and told there, too. */
export const playByPage = {
  needs(world, { who, act }) {
    const needed = needWatch(world, keyOf(who))
    if (!needed.every((need) => world.rows.has(need))) return needed
    return [...needed, ...needAct(world, findViewer(world, keyOf(who))?.id, act)]
  },
  decide(world, { who, act }) {
    const viewer = meet(world, who)
    const played = play(world, viewer, act)
    return played.ok ? ok({ ...played.value, balance: balanceOf(world, viewer.id) }) : played
  },
} satisfies Handler<PlayGame>
