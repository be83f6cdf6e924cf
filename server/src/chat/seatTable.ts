import type { UnixSeconds } from '#core/schema'
import type { Clock } from '../clock.ts'
import type { Pool } from '../database/index.ts'
import { onlyRow } from '../database/index.ts'
import type { ChatState } from './answers.ts'

const NO_SEAT: ChatState = { status: 'off', sentence: 'No chat room is set for this channel.', since: 0, room: null }
/** The instance in the seat gives a sign of life more often than this; after it, nobody is taken to be in the room. */
const ALIVE_SECONDS = 20

/** How the chat of each channel stands, as the instance in its seat writes it down for all others. */
export class SeatTable {
  constructor(
    readonly pool: Pool,
    readonly clock: Clock,
  ) {}

  async stateOf(channel: number): Promise<ChatState> {
    const text = 'select status, sentence, since, room, known_until as "knownUntil" from chat_seat where channel = $1'
    const found = await this.pool.query<ChatState & { knownUntil: UnixSeconds }>({
      name: 'seat-state',
      text,
      values: [channel],
    })
    const row = found.rows[0]
    if (row === undefined) return NO_SEAT
    const { knownUntil, ...state } = row
    if (state.status !== 'connected' || this.clock() - knownUntil <= ALIVE_SECONDS) return state
    return {
      ...state,
      status: 'connecting',
      sentence: 'The server that was in the room is away; another one takes over.',
    }
  }

  /** Up to when it is known who is present in a channel: now while its chat is connected, and where it has none. */
  async knownUntil(channel: number): Promise<number> {
    const text = 'select status, known_until from chat_seat where channel = $1'
    const found = await this.pool.query<{ status: string; known_until: number }>({
      name: 'seat-known',
      text,
      values: [channel],
    })
    const row = found.rows[0]
    if (row === undefined || row.status === 'off') return this.clock()
    const alive = row.status === 'connected' && this.clock() - row.known_until <= ALIVE_SECONDS
    return alive ? this.clock() : row.known_until
  }

  /** What was left by whoever sat there last: up to when the room was known, and what had been said by then. */
  async taken(
    channel: number,
    firstKnown: number,
    lastSeq: number,
  ): Promise<{ knownUntil: UnixSeconds; spokenSeq: number }> {
    const text = `insert into chat_seat (channel, status, sentence, since, known_until, spoken_seq)
      values ($1, 'connecting', 'Connecting.', $2, $3, $4) on conflict (channel) do update set status = 'connecting'
      returning known_until as "knownUntil", spoken_seq as "spokenSeq"`
    const found = await this.pool.query<{ knownUntil: UnixSeconds; spokenSeq: number }>(text, [
      channel,
      this.clock(),
      firstKnown,
      lastSeq,
    ])
    return onlyRow(found)
  }

  async write(channel: number, state: ChatState, knownUntil: UnixSeconds, spokenSeq: number): Promise<void> {
    const text = `update chat_seat set status = $2, sentence = $3, room = $4, since = $5, known_until = $6, spoken_seq = $7
      where channel = $1`
    const { status, sentence, room, since } = state
    await this.pool.query({
      name: 'seat-write',
      text,
      values: [channel, status, sentence, room, since, knownUntil, spokenSeq],
    })
  }
}
