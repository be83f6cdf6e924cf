import type { Intent } from '#core/engine'
import { MOST_ADJUSTED } from '#core/people'
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
  let [taken, welcomed] = [0, 0]
  for (const piece of pieces) {
    const intent = isThere(known, piece) ? undefined : intentOf(piece, known, caller.name)
    if (intent === undefined) continue
    const done = await channels.submit(channel.id, `${key}/${piece.key}`, intent)
    if (done.ok && piece.made.of === 'earning')
      welcomed = await welcomeAll(channels, { channel, caller, key }, piece.made.plan.welcome)
    if (done.ok) taken++
    else refused.push({ name: piece.name, why: done.refusal.sentence })
  }
  return { taken, welcomed, refused }
}

/**
 * Gives who is in the room already what a first visit pays: they came before there was anything to pay it by. Only before the
 * first show, and it can be taken back like any correction. @returns How many got it.
 */
async function welcomeAll(
  channels: Channels,
  { channel, caller, key }: Pick<Call<unknown>, 'channel' | 'caller' | 'key'>,
  amount: number,
): Promise<number> {
  const text = `select id from viewer where channel = $1 and present and not ignored and merged_into is null
    and not exists (select from show where channel = $1) limit ${MOST_ADJUSTED}`
  const ids = (await channels.pool.query<{ id: number }>(text, [channel.id])).rows.map(({ id }) => Number(id))
  if (ids.length === 0 || amount === 0) return 0
  const gift = { viewers: ids, of: 'balance', how: 'give', amount, why: 'Welcome', by: caller.account } as const
  const given = await channels.submit(channel.id, `${key}/welcome`, { kind: 'people.adjust', ...gift })
  return given.ok ? ids.length : 0
}
