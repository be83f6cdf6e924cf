import { entries, type RaffleRow, raffles, type WinnerRow, winners } from '../../core/raffles/index.ts'
import type { Answer, Result } from '../../core/world/index.ts'
import { evening, later } from './evening.ts'

/** A channel on air with people who hold 1,000 each, and what tests of raffles look at and press. */
export function raffleEvening() {
  const channel = evening()
  const rows = (id: number) => channel.world.all(winners).filter((one): one is WinnerRow => one.raffle === id)
  return {
    channel,
    later: (seconds: number): void => later(channel, seconds),
    raffle: (id: number): RaffleRow => channel.world.get(raffles, id) as RaffleRow,
    /** Everybody who was drawn, in that order. */
    drawn: (id: number): WinnerRow[] => rows(id).sort((a, b) => a.draw - b.draw),
    entrants: (id: number) =>
      channel.world
        .all(entries)
        .filter((one) => one.raffle === id && one.state === 'in')
        .sort((a, b) => a.nr - b.nr),
    act: (id: number, does: 'open' | 'close' | 'draw' | 'callOff' | 'finish', draw?: number): Result<Answer> =>
      channel.send({ kind: 'raffle.act', raffle: id, does, by: 'wanda', ...(draw !== undefined && { draw }) }),
  }
}

/** The last of what was said; nothing: an empty line. */
export const last = (lines: readonly string[]): string => lines.at(-1) ?? ''

/** What somebody is told: the sentence of a refusal, or "done". */
export const sentence = (result: Result<Answer>): string => (result.ok ? 'done' : result.refusal.sentence)
