import type { Logger } from 'pino'
import type { LineAnswer } from '#core/commands'
import { keyOf } from '#core/people'
import type { Result } from '#core/world'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import type { ChatState } from './answers.ts'
import { Connection } from './connection.ts'
import { forOne, ownPage } from './forOne.ts'
import { LEASE_MS, Leases, RENEW_MS, type TakenLease } from './lease.ts'
import { OwnVoiceSeat } from './ownVoiceSeat.ts'
import { ChatQuota } from './quota.ts'
import { RoomSeat } from './roomSeat.ts'
import { accountsIn, type SeatTable } from './seatTable.ts'
import { Sitting } from './sitting.ts'
import { ownVoiceSeat, type WantedRoom, type WantedRooms } from './wanted.ts'

/** So often it is looked which rooms there are, beside what is told at once (milliseconds). */
const LOOK_MS = 20_000
/** So many rooms are sat down in at once: each asks the database some questions. */
const AT_ONCE = 16
/** Who does not hear from the database for so long has lost its leases (milliseconds). */
const LOST_MS = LEASE_MS - RENEW_MS

/** What the manager is made from. */
export interface ManagerParts {
  readonly channels: Channels
  readonly table: SeatTable
  readonly wanted: WantedRooms
  readonly db: Reader
  readonly log: Logger
  /** So many lines of one person are taken up in ten seconds. */
  readonly linesPer10s: number
  /** Told of the outcome of every line: some ask for more than the rules could answer. */
  readonly answered: (line: AnsweredLine, result: Result<LineAnswer>, ms: number) => Promise<void>
}

/** A line that was answered: in which channel and room, and its key. */
export interface AnsweredLine {
  readonly channel: number
  readonly room: number
  readonly key: string
}

interface Held {
  readonly renewedBefore: number
  readonly sittings: Map<string, { readonly wanted: WantedRoom; readonly sitting: Sitting }>
  connection: Connection | undefined
}

const nameOf = ({ channel, id }: Pick<WantedRoom, 'channel' | 'id'>): string => `${channel}/${id}`

/** What of a room makes it another seat when it changes. */
const shapeOf = ({ room, roomKey, moderators, issuer, main, connection }: WantedRoom): string =>
  [room, roomKey, moderators, issuer, main, connection].join('\n')

/**
 * The bot's connections to chat networks: one for each network and account, with all its rooms. Instances share them out by
 * leases in the database; what an instance that has died held is taken over within seconds.
 */
export class ConnectionManager {
  readonly #leases: Leases
  readonly #held = new Map<string, Held>()
  #rooms: WantedRoom[] = []
  #lookedAt = Number.NEGATIVE_INFINITY
  #renewedAt = performance.now()
  #timer: NodeJS.Timeout | undefined
  #stopped = false
  #turn: Promise<void> = Promise.resolve()
  #renewing: NodeJS.Timeout | undefined

  constructor(readonly parts: ManagerParts) {
    this.#leases = new Leases(parts.channels.pool)
  }

  /** Sits down wherever nobody sits yet, now and whenever that changes. */
  async start(): Promise<void> {
    // Apart from all else: sitting down in a thousand rooms takes longer than a lease lasts.
    this.#renewing ??= setInterval(() => void this.#renew(), RENEW_MS)
    await this.look()
    this.#timer ??= setInterval(() => void this.#next(), RENEW_MS)
  }

  /** Rooms may have changed: looks at once. */
  look(): Promise<void> {
    this.#lookedAt = Number.NEGATIVE_INFINITY
    return this.#next()
  }

  async stop(): Promise<void> {
    this.#stopped = true
    clearInterval(this.#timer)
    clearInterval(this.#renewing)
    await this.#turn.catch(() => {})
    const held = [...this.#held.keys()]
    await this.#leave(held)
    await this.#leases.letGo(held).catch(() => {})
  }

  /** One after the other: the last that was wanted is what holds. */
  #next(): Promise<void> {
    this.#turn = this.#turn.then(() => this.#look()).catch((err: unknown) => this.#warn(err))
    return this.#turn
  }

  /** Renews what is held, and gets up where it has become another's. */
  async #renew(): Promise<void> {
    try {
      if (this.#held.size === 0) return
      const held = [...this.#held.keys()]
      const still = await this.#leases.renew()
      this.#renewedAt = performance.now()
      await this.#leave(held.filter((one) => !still.has(one)))
    } catch (err) {
      this.#warn(err)
      // Without the database nobody knows whose the connections are: after a while they must be another's.
      if (performance.now() - this.#renewedAt > LOST_MS) await this.#leave([...this.#held.keys()])
    }
  }

  #warn(err: unknown): void {
    this.parts.log.warn({ err }, 'the connections to chat could not be looked after')
  }

  async #look(): Promise<void> {
    if (this.#stopped) return
    const now = performance.now()
    const looks = now - this.#lookedAt > LOOK_MS
    if (looks) {
      const rooms = await this.parts.wanted.all()
      this.#rooms = [...rooms, ...(await this.parts.wanted.ownVoices(rooms))]
      this.#lookedAt = now
    }
    await this.#take()
    await this.#sitEverywhere()
    if (looks) await this.#drop()
  }

  /** Lets go of connections that no room hangs on any more. */
  async #drop(): Promise<void> {
    const wanted = new Set(this.#rooms.map(({ connection }) => connection))
    const over = [...this.#held.keys()].filter((one) => !wanted.has(one))
    await this.#leave(over)
    if (over.length > 0) await this.#leases.letGo(over)
  }

  /** Takes what is free, as far as it is this instance's share. */
  async #take(): Promise<void> {
    const all = [...new Set(this.#rooms.map(({ connection }) => connection))]
    const free = all.filter((one) => !this.#held.has(one))
    if (free.length === 0) return
    const share = Math.ceil(all.length / (1 + (await this.#leases.others())))
    // More than its share only where nobody else takes it: what is left over is looked at again each time.
    const most = Math.max(1, share - this.#held.size)
    for (const taken of await this.#leases.take(free.slice(0, most))) this.#hold(taken)
  }

  #hold({ connection, renewedBefore }: TakenLease): void {
    this.#renewedAt = performance.now()
    this.#held.set(connection, { renewedBefore, sittings: new Map(), connection: undefined })
  }

  /** Has the bot sit in the rooms of what is held, and in no others. */
  async #sitEverywhere(): Promise<void> {
    for (const [connection, held] of this.#held) {
      const rooms = this.#rooms.filter((one) => one.connection === connection)
      const shapes = new Map(rooms.map((one) => [nameOf(one), shapeOf(one)]))
      for (const [name, { wanted, sitting }] of held.sittings) {
        if (shapes.get(name) === shapeOf(wanted)) continue
        held.sittings.delete(name)
        await sitting.stop(shapes.has(name) ? undefined : 'removed')
        if (!shapes.has(name) && !this.#isElsewhere(wanted)) await this.parts.table.gone(wanted.channel, wanted.id)
      }
      const missing = rooms.filter((one) => !held.sittings.has(nameOf(one)))
      // What is lost meanwhile is another's.
      for (let i = 0; i < missing.length && this.#held.get(connection) === held; i += AT_ONCE)
        await Promise.all(missing.slice(i, i + AT_ONCE).map((one) => this.#sit(held, one)))
    }
  }

  #isElsewhere(wanted: WantedRoom): boolean {
    return this.#rooms.some((one) => nameOf(one) === nameOf(wanted))
  }

  async #sit(held: Held, wanted: WantedRoom): Promise<void> {
    const { channels, table, db, log } = this.parts
    const { channel, id: room, connection } = wanted
    const sitting = new Sitting({
      ...{ channel, room, connection, channels, table, db, log },
      renewedBefore: Math.floor(held.renewedBefore / 1000),
      seat: (on) => (wanted.own ? this.#ownVoice(held, wanted, on) : this.#seat(held, wanted, on)),
    })
    held.sittings.set(nameOf(wanted), { wanted, sitting })
    try {
      await sitting.start()
      if (this.#held.get(connection) !== held) await sitting.stop()
    } catch (err) {
      held.sittings.delete(nameOf(wanted))
      await sitting.stop().catch(() => {})
      log.warn({ err, channel, room }, 'the bot could not sit down')
    }
  }

  #connectionOf(held: Held, { network }: WantedRoom): Connection {
    if (held.connection === undefined || held.connection.ended)
      held.connection = new Connection({ ...network, log: this.parts.log })
    return held.connection
  }

  #seat(
    held: Held,
    wanted: WantedRoom,
    on: { knownUntil: () => number; onState: (state: ChatState) => void },
  ): RoomSeat {
    const { channels, db, log, linesPer10s } = this.parts
    const { channel, id, room, main, issuer, moderators, roomKey, network } = wanted
    const quota = new ChatQuota(linesPer10s, channels.clock, network.inside ? undefined : MOST_OF_A_NETWORK)
    return new RoomSeat(this.#connectionOf(held, wanted), {
      ...{ room, id, main, issuer, moderators, log },
      ...(roomKey !== '' && { roomKey }),
      submit: async (key, intent) => {
        const began = performance.now()
        if (!quota.takes(intent)) return
        const sent = { ...intent, ...(id !== 0 && { inRoom: id }) }
        if (sent.kind !== 'chat.line') return void (await channels.submit(channel, key, sent))
        const result = await channels.submit(channel, key, sent, `chat/${keyOf(sent.who)}`)
        await this.parts.answered({ channel, room: id, key }, result, performance.now() - began)
      },
      privately: (viewer, code) => forOne(db, channel, viewer, code),
      page: () => ownPage(db, channel),
      presentBefore: async () => ({ accounts: await accountsIn(channels.pool, channel, id), until: on.knownUntil() }),
      onState: on.onState,
      clock: channels.clock,
    })
  }

  #ownVoice(held: Held, wanted: WantedRoom, { onState }: { onState: (state: ChatState) => void }): OwnVoiceSeat {
    const { room, roomKey } = wanted
    const { log, channels } = this.parts
    return new OwnVoiceSeat(this.#connectionOf(held, wanted), {
      ...{ id: ownVoiceSeat(wanted.id), room, onState, log, clock: channels.clock },
      ...(roomKey !== '' && { roomKey }),
    })
  }

  /** Gets up everywhere on some connections. */
  async #leave(connections: readonly string[]): Promise<void> {
    for (const connection of connections) {
      const held = this.#held.get(connection)
      this.#held.delete(connection)
      await Promise.all([...(held?.sittings.values() ?? [])].map(({ sitting }) => sitting.stop()))
    }
  }
}

/** What happens in a room of a network that nobody vouches for is taken up so often in ten seconds: it could send anything. */
const MOST_OF_A_NETWORK = 5000
