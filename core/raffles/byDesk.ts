import { accounts } from '../ledger/index.ts'
import { payeeOf } from '../people/index.ts'
import type { RaffleId, ViewerId } from '../schema.ts'
import { type Handler, type Need, needKey, ok, refuse, type World } from '../world/index.ts'
import { passOver } from './claim.ts'
import { closeRaffle } from './close.ts'
import { drawRaffle, needDraw } from './drawing.ts'
import { callOffRaffle, finishRaffle, needCallOff } from './finish.ts'
import { removeEntry } from './leave.ts'
import { openAgain, openRaffle } from './open.ts'
import { type RaffleRow, runningRaffle, type WinnerRow, winnerKey, winners } from './rows.ts'

export const GONE = 'This raffle no longer exists or has ended.'

export interface ActOnRaffle {
  readonly kind: 'raffle.act'
  readonly raffle: RaffleId
  readonly does: 'open' | 'close' | 'draw' | 'callOff' | 'finish'
  /** Of a draw: its number, so that two who press make one. */
  readonly draw?: number
  /** Why it is called off. */
  readonly why?: string
  readonly by: string
}

/** What it needs that something is done to a raffle. */
export function needAct(world: World, raffle: RaffleRow, does: ActOnRaffle['does']): Need[] {
  if (does === 'callOff') return needCallOff(raffle)
  return [needKey(accounts, raffle.id), ...(does === 'draw' ? needDraw(world, raffle) : [])]
}

/** Does something to a raffle: the same for desk, chat and steps. Needs `needAct`. @param draw - Null: whichever is next. */
export function actOn(
  world: World,
  raffle: RaffleRow,
  does: ActOnRaffle['does'],
  { draw = null, why = '', by }: { draw?: number | null; why?: string; by: string },
) {
  switch (does) {
    case 'open':
      if (raffle.status === 'closed') return openAgain(world, raffle)
      return raffle.status === 'planned' ? openRaffle(world, raffle) : refuse('raffle_drawn', 'It is already open.')
    case 'close':
      return raffle.status === 'open'
        ? ok(closeRaffle(world, raffle, 'hand'))
        : refuse('raffle_closed', raffle.status === 'planned' ? 'It is not open yet.' : 'It is already closed.')
    case 'draw':
      return drawRaffle(world, raffle, draw)
    case 'callOff':
      return callOffRaffle(world, raffle, why.trim() === '' ? `${by} called it off.` : `${why.trim()} (${by})`)
    case 'finish':
      return finishRaffle(world, raffle)
  }
}

/** Opens, closes, draws, calls off or finishes a raffle. */
export const actOnRaffle = {
  needs(world, { raffle: id, does }) {
    const raffle = runningRaffle(world, id)
    return raffle === undefined ? [] : needAct(world, raffle, does)
  },
  decide(world, { raffle: id, does, draw, why, by }) {
    const raffle = runningRaffle(world, id)
    if (raffle === undefined) return refuse('raffle_not_found', GONE)
    const done = actOn(world, raffle, does, {
      by,
      ...(draw !== undefined && { draw }),
      ...(why !== undefined && { why }),
    })
    return done.ok ? ok({ raffle: id, status: done.value.status, draws: done.value.draws }) : done
  },
} satisfies Handler<ActOnRaffle>

export interface RemoveEntrant {
  readonly kind: 'raffle.remove'
  readonly raffle: RaffleId
  readonly viewer: ViewerId
  readonly why: string
  readonly by: string
}

/** Takes somebody out of a raffle: the money goes back, and everybody can read why. */
export const removeEntrant = {
  decide(world, { raffle, viewer, why, by }) {
    const removed = removeEntry(world, raffle, viewer, payeeOf(world, viewer), why, by)
    return removed.ok ? ok({ raffle, viewer, back: removed.value.paid }) : removed
  },
} satisfies Handler<RemoveEntrant>

export interface PassOverWinner {
  readonly kind: 'raffle.pass'
  readonly raffle: RaffleId
  readonly draw: number
  readonly why: string
  readonly by: string
}

/** Passes over somebody who was drawn. */
export const passOverWinner = {
  decide(world, { raffle, draw, why, by }) {
    const passed = passOver(world, raffle, draw, why, by)
    return passed.ok ? ok({ raffle, draw }) : passed
  },
} satisfies Handler<PassOverWinner>

export interface RecordWinner {
  readonly kind: 'raffle.record'
  readonly raffle: RaffleId
  readonly draw: number
  readonly delivered: boolean
  readonly note: string
}

/** Notes of a winner whether the prize has been handed over, and what else there is to say; also long after the raffle has ended. */
export const recordWinner = {
  decide(world, { raffle, draw, delivered, note }) {
    const winner: WinnerRow | undefined = world.get(winners, winnerKey(raffle, draw))
    if (winner?.state !== 'won') return refuse('raffle_not_found', 'There is no such winner. Reload the page.')
    const byItself = winner.amount > 0 || winner.code !== null
    if (byItself && !delivered)
      return refuse('raffle_delivered', 'This prize was delivered automatically; it cannot be undone here.')
    world.put(winners, {
      ...winner,
      note: note.trim(),
      deliveredAt: delivered ? (winner.deliveredAt ?? world.at) : null,
    })
    world.fact('raffle.recorded', 'desk', { raffle, draw })
    return ok({ raffle, draw })
  },
} satisfies Handler<RecordWinner>
