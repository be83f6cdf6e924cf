import { OPERATORS_ROOM } from '#core/rooms'
import type { UnixSeconds } from '#core/schema'
import type { Clock } from '../clock.ts'
import type { Pool } from '../database/index.ts'
import { onlyRow } from '../database/index.ts'
import { type ChatState, LACKS } from './answers.ts'

const NO_SEAT: ChatState = {
  status: 'off',
  sentence: 'No chat room is set for this channel.',
  since: 0,
  room: null,
  lacks: [],
}
const AWAY = 'The server that was in the room is away; another one takes over.'
/** A room that has been lost for so long is out of what is known: those who are only there are taken to have left. */
export const LOST_SECONDS = 600

// The seats of streamers' own accounts have numbers below 0: nothing that is known of a room hangs on them.
// While a room is connected it is known who is there, as long as the lease of its connection lasts.
const SEATS = `select s.room_id as id, s.status, s.sentence, s.since, s.room, s.lacks, s.known_until as "knownUntil",
    l.renewed_at as "renewedAt", coalesce(l.until > extract(epoch from clock_timestamp()) * 1000, false) as alive
  from chat_seat s left join chat_lease l on l.connection = s.connection where s.channel = $1 and (s.room_id < 0) = $2 order by s.room_id`

interface SeatRow extends ChatState {
  readonly id: number
  readonly knownUntil: UnixSeconds
  /** When its connection's lease was renewed last (milliseconds); null: nobody holds it. */
  readonly renewedAt: number | null
  readonly alive: boolean
}

/** How one room of a channel stands. */
export interface RoomState extends ChatState {
  readonly id: number
}

/** How the rooms of each channel stand, as the instance that sits there writes it down for all others. */
export class SeatTable {
  constructor(
    readonly pool: Pool,
    readonly clock: Clock,
  ) {}

  /** How each room stands, the operator's first. */
  statesOf(channel: number): Promise<RoomState[]> {
    return this.#states(channel, false)
  }

  /** How the streamer's own accounts stand in the rooms, by the numbers of their seats. */
  ownVoicesOf(channel: number): Promise<RoomState[]> {
    return this.#states(channel, true)
  }

  async #states(channel: number, own: boolean): Promise<RoomState[]> {
    return (await this.#rows(channel, own)).map(({ id, status, sentence, since, room, lacks, alive }) => {
      const state = { id, status, sentence, since, room, lacks }
      return status === 'connected' && !alive ? { ...state, status: 'connecting', sentence: AWAY } : state
    })
  }

  /** How the chat stands as a whole: as the room that is worst off, if any is. */
  async stateOf(channel: number): Promise<ChatState> {
    const states = await this.statesOf(channel)
    const worst =
      states.find(({ status }) => status === 'refused') ?? states.find(({ status }) => status === 'connecting')
    const [first] = states
    if (worst === undefined && first === undefined) return NO_SEAT
    const { id: _, ...state } = worst ?? (first as RoomState)
    const lacks = LACKS.filter((lack) => states.some((one) => one.lacks.includes(lack)))
    if (worst !== undefined || states.length === 1) return { ...state, lacks }
    return { ...state, lacks, sentence: states.map(({ sentence }) => sentence).join(' ') }
  }

  /** Up to when it is known who is present in a channel: now while its rooms are connected, and where it has none. */
  async knownUntil(channel: number): Promise<number> {
    const now = this.clock()
    const rows = (await this.#rows(channel)).filter(({ status }) => status !== 'off')
    const known = rows.map(({ status, alive, knownUntil, renewedAt }) => {
      if (status !== 'connected') return knownUntil
      return alive ? now : Math.max(knownUntil, Math.floor((renewedAt ?? 0) / 1000))
    })
    // With a room that was lost long ago the others do not wait.
    const lasting = known.filter((until) => now - until < LOST_SECONDS)
    const counted = lasting.length > 0 ? lasting : known
    return counted.length === 0 ? now : Math.min(...counted)
  }

  /** What was left by whoever sat there last: up to when the room was known, and what had been said by then. */
  async taken(
    { channel, room, connection, renewedBefore }: TakenSeat,
    firstKnown: number,
    lastSeq: number,
  ): Promise<{ knownUntil: UnixSeconds; spokenSeq: number }> {
    const text = `insert into chat_seat (channel, room_id, status, sentence, since, known_until, spoken_seq, connection)
      values ($1, $2, 'connecting', 'Connecting.', $3, $4, $5, $6) on conflict (channel, room_id) do update set
        known_until = case when chat_seat.status = 'connected' then greatest(chat_seat.known_until, $7)
          else chat_seat.known_until end, status = 'connecting', connection = excluded.connection
      returning known_until as "knownUntil", spoken_seq as "spokenSeq"`
    const values = [channel, room, this.clock(), firstKnown, lastSeq, connection, renewedBefore]
    return onlyRow(await this.pool.query<{ knownUntil: UnixSeconds; spokenSeq: number }>(text, values))
  }

  async write(
    channel: number,
    room: number,
    state: ChatState,
    { knownUntil, spokenSeq }: { readonly knownUntil: UnixSeconds; readonly spokenSeq: number },
  ): Promise<void> {
    const text = `update chat_seat set status = $3, sentence = $4, room = $5, since = $6, known_until = $7, spoken_seq = $8, lacks = $9
      where channel = $1 and room_id = $2`
    const { status, sentence, room: name, since, lacks } = state
    const values = [channel, room, status, sentence, name, since, knownUntil, spokenSeq, JSON.stringify(lacks)]
    await this.pool.query({ name: 'seat-write', text, values })
  }

  /** Nobody sits in a room that was removed. */
  async gone(channel: number, room: number): Promise<void> {
    if (room !== OPERATORS_ROOM)
      await this.pool.query('delete from chat_seat where channel = $1 and room_id = $2', [channel, room])
  }

  async #rows(channel: number, own = false): Promise<SeatRow[]> {
    return (await this.pool.query<SeatRow>({ name: 'seats', text: SEATS, values: [channel, own] })).rows
  }
}

/** The keys of the accounts that a channel holds for present in one of its rooms. */
export async function accountsIn(pool: Pool, channel: number, room: number): Promise<string[]> {
  const text = 'select account_key as account from viewer where channel = $1 and present and rooms @> $2::jsonb'
  const { rows } = await pool.query<{ account: string }>(text, [channel, JSON.stringify([room])])
  return rows.map(({ account }) => account)
}

/** A seat that is taken. */
export interface TakenSeat {
  readonly channel: number
  readonly room: number
  readonly connection: string
  /** When the connection's lease was renewed last by whoever held it before (Unix seconds; 0: nobody did). */
  readonly renewedBefore: UnixSeconds
}
