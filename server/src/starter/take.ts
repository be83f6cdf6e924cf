import type { Intent } from '#core/engine'
import type { StarterPiece } from '#core/starter'
import type { Channels } from '../channels.ts'
import type { Call } from '../http/index.ts'
import { isThere, type Known } from './known.ts'

/** How what a piece makes is handed in; undefined: there is nothing to make it in. */
function intentOf({ made }: StarterPiece, { overlay }: Known, by: string): Intent | undefined {
  switch (made.of) {
    case 'earning':
      return { kind: 'earning.change', plan: made.plan, by }
    case 'ranks':
      return { kind: 'ranks.change', plan: made.plan }
    case 'reward':
      return { kind: 'store.save', reward: null, settings: made.settings }
    case 'command':
      return { kind: 'command.save', command: null, settings: made.settings }
    case 'trigger':
      return { kind: 'trigger.save', trigger: null, settings: made.settings }
    case 'raffle':
      return { kind: 'raffle.saveSetup', setup: null, settings: made.settings, digit: 1 }
    case 'game':
      return { kind: 'game.change', game: made.game, settings: made.settings }
    case 'overlay': {
      if (overlay === undefined) return undefined
      const { id, name, width, height, background } = overlay
      return {
        kind: 'screen.save',
        overlay: id,
        settings: { name, width, height, background, pieces: [...made.pieces] },
      }
    }
  }
}

/**
 * Makes the pieces that were chosen, one after the other. What is there already stays as it is, so taking a starter twice, or
 * by two at once, makes nothing twice.
 */
export async function takePieces(
  channels: Channels,
  { channel, caller, key }: Call<unknown>,
  pieces: readonly StarterPiece[],
  known: Known,
) {
  const refused: { name: string; why: string }[] = []
  let taken = 0
  for (const piece of pieces) {
    const intent = isThere(known, piece) ? undefined : intentOf(piece, known, caller.name)
    if (intent === undefined) continue
    const done = await channels.submit(channel.id, `${key}/${piece.key}`, intent)
    if (done.ok) taken++
    else refused.push({ name: piece.name, why: done.refusal.sentence })
  }
  return { taken, refused }
}
