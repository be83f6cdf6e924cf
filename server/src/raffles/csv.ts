import { chanceInWords } from '#core/raffles'
import type { Reader } from '../database/index.ts'
import { csvOf, csvTime } from '../http/index.ts'
import { entriesOf } from './entries.ts'
import { endedRaffles, type WinnerShown } from './read.ts'

const MOST_RAFFLES = 10_000
const MOST_ENTRIES = 1_000_000

const winnerCells = (one: WinnerShown | undefined) => ({
  draw: one?.draw ?? '',
  winner: one?.name ?? '',
  outcome: one?.state ?? '',
  chance: one === undefined ? '' : chanceInWords(one.weight, one.total),
  said: one?.line ?? '',
  claimed: csvTime(one?.claimedAt ?? null),
  delivered: csvTime(one?.deliveredAt ?? null),
  note: one?.note ?? '',
})

/** The raffles that have ended as comma-separated values: a line for each who was drawn, times in UTC. */
export async function rafflesCsv(db: Reader, channel: number, text: string | undefined): Promise<string> {
  const rows = await endedRaffles(db, channel, { text, limit: MOST_RAFFLES })
  const data = rows.flatMap((row) => {
    const { id, settings, status, openedAt, endedAt, people, tickets, paid, winners } = row
    const own = {
      raffle: id,
      title: settings.title,
      status,
      opened: csvTime(openedAt),
      ended: csvTime(endedAt),
      people,
      tickets,
      paid,
    }
    return (winners.length === 0 ? [undefined] : winners).map((winner) => ({ ...own, ...winnerCells(winner) }))
  })
  const fields = [
    'raffle',
    'title',
    'status',
    'opened',
    'ended',
    'people',
    'tickets',
    'paid',
    'draw',
    'winner',
    'outcome',
    'chance',
    'said',
    'claimed',
    'delivered',
    'note',
  ]
  return csvOf(fields, data)
}

/** Everybody who is or was in a raffle as comma-separated values. */
export async function entriesCsv(db: Reader, channel: number, id: number): Promise<string> {
  const rows = await entriesOf(db, channel, id, { limit: MOST_ENTRIES })
  const data = rows.map(({ nr, name, tickets, free, paid, weight, standing, at, guess, state, why }) => ({
    nr,
    viewer: name,
    tickets,
    free,
    paid,
    weight: weight / 100,
    standing: standing ?? '',
    entered: csvTime(at),
    guess: guess ?? '',
    state,
    why: why ?? '',
  }))
  return csvOf(
    ['nr', 'viewer', 'tickets', 'free', 'paid', 'weight', 'standing', 'entered', 'guess', 'state', 'why'],
    data,
  )
}
