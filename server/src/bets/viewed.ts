import { openToAll, whyNotFor } from '#core/access'
import type { Laid } from '#core/bets'
import { accessWorld } from '../access/index.ts'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import type { Call } from '../http/index.ts'
import { viewerByAccount } from '../people/index.ts'
import { currencyOf } from '../settings/index.ts'
import { betDefaultsOf } from './defaults.ts'
import { endedRows, headOf, ownBackings, runningRows } from './read.ts'

type Row = Awaited<ReturnType<typeof runningRows>>[number]
type Own = Awaited<ReturnType<typeof ownBackings>>[number]

/** The bets as a viewer sees them: what is on, what ended, and what is theirs. */
export async function betsFor(db: Reader, channels: Channels, { channel, caller, asked }: Call<unknown>) {
  const { before } = asked as { readonly before?: number }
  const running = before === undefined ? await runningRows(db, channel.id) : []
  const ended = await endedRows(db, channel.id, { before })
  const viewer = caller.account === '' ? undefined : await viewerByAccount(db, channel.id, caller.account)
  const ids = [...running, ...ended].map(({ id }) => id)
  const own = viewer === undefined ? [] : await ownBackings(db, channel.id, viewer.id, ids)
  const world = await accessWorld(db, channel.id, channels.clock())
  const why = ({ settings }: Row): string | null => {
    if (viewer === undefined) return openToAll(settings.who) ? null : 'This bet is not open to everyone.'
    if (viewer.ignored) return 'This account is ignored in this channel.'
    return whyNotFor(world, settings.who, viewer, 'This bet') ?? null
  }
  const shown = (row: Row) => ({
    ...headOf(row),
    own:
      caller.account === ''
        ? null
        : {
            ...partOf(
              row.settings.outcomes.length,
              own.filter(({ bet }) => bet === row.id),
            ),
            why: why(row),
          },
  })
  return {
    now: channels.clock(),
    currency: await currencyOf(db, channel.id),
    word: (await betDefaultsOf(db, channel.id)).word.word,
    balance: caller.account === '' ? null : (viewer?.balance ?? 0),
    running: running.map(shown),
    ended: ended.map(shown),
  }
}

/** What is somebody's in a bet: of several accounts that are one now, all together. */
function partOf(outcomes: number, own: readonly Own[]) {
  const laid: readonly Laid[] = own.flatMap((one) => one.laid)
  const on = (outcome: number) =>
    laid.filter((one) => one.outcome === outcome).reduce((sum, { amount }) => sum + amount, 0)
  return {
    staked: Array.from({ length: outcomes }, (_, i) => on(i)),
    back: own.reduce((sum, { back }) => sum + back, 0),
    won: own.reduce((sum, { won }) => sum + won, 0),
  }
}
