import pg from 'pg'
import type { Fact } from '#core/world'
import type { Pool } from '../database/index.ts'
import { type Bus, committedIn, committedTexts, noticeBus } from './bus.ts'
import { factsAfter, newestSeq } from './facts.ts'
import { Hub, type ReadFacts, type Sink } from './hub.ts'
import { type FeedCaps, LiveFeeds } from './live.ts'

const RECONNECT_MS = 1000
/** What is committed in so many milliseconds is told together: notices inside of a commit would have all commits wait for one another. */
const JOIN_MS = 5
/** A server that died may have committed what it could not tell any more. */
const LOOK_MS = 5000
/** What servers tell each other by PostgreSQL's notices. */
const HEARD = ['ricompensa', 'ricompensa_ended', 'ricompensa_rights', 'ricompensa_channel', 'ricompensa_rooms'] as const

/** What a household of viewers, a browser with many tabs and a large channel need, with room to spare. */
export const CAPS: FeedCaps = { perAddress: 60, perSession: 20, perChannel: 50_000 }

/** The hubs of all channels, kept current by own commits and by PostgreSQL's notices of those of other instances. */
export class Feed {
  readonly #hubs = new Map<number, Promise<Hub>>()
  #listener: pg.Client | undefined
  #stopped = false
  /** Channels that nobody followed when it was last looked. */
  #idle: ReadonlySet<number> = new Set()
  /** Up to where channels have got, which is still to be told. */
  readonly #untold = new Map<number, number>()
  #telling: NodeJS.Timeout | undefined
  #looking: NodeJS.Timeout | undefined
  /** Told that what is known of a channel is outdated; undefined: of any. */
  onChannel: (channel: number | undefined) => void = () => {}
  /** Told that channels have other rooms. */
  onRooms: () => void = () => {}

  constructor(
    readonly pool: Pool,
    readonly url: string,
    readonly live = new LiveFeeds(CAPS),
    readonly bus: Bus = noticeBus(pool),
  ) {}

  async start(): Promise<void> {
    const listener = new pg.Client({ connectionString: this.url })
    this.#listener = listener
    listener.on('notification', ({ channel, payload = '' }) => {
      if (channel === 'ricompensa_ended') this.live.sessionEnded(payload)
      else if (channel === 'ricompensa_rights') this.#rightsChanged(payload)
      else if (channel === 'ricompensa_rooms') this.onRooms()
      else if (channel === 'ricompensa_channel') this.#channelChanged(Number(payload))
      else this.#heard(payload)
    })
    listener.on('error', () => this.#reconnect())
    await listener.connect()
    await listener.query(HEARD.map((name) => `listen ${name}`).join('; '))
    this.onChannel(undefined)
    // What was committed, and what ended, while nobody listened.
    void this.live.recheck()
    await this.#look()
    if (this.#looking !== undefined) return
    this.#looking = setInterval(() => void this.#look().catch(() => {}), LOOK_MS)
    const again = () => void this.#look().catch(() => {})
    // Where the bus is away at first, what others commit is seen when we look.
    void this.bus.listen((text) => this.#heard(text), again).catch(() => {})
  }

  async stop(): Promise<void> {
    this.#stopped = true
    clearInterval(this.#looking)
    this.live.stop()
    await this.#tell()
    await this.bus.stop()
    await this.#listener?.end().catch(() => {})
  }

  hub(channel: number): Promise<Hub> {
    const known = this.#hubs.get(channel)
    if (known !== undefined) return known
    const made = newestSeq(this.pool, channel).then(
      (seq) => new Hub(this.#reader(channel), seq, () => newestSeq(this.pool, channel)),
    )
    this.#hubs.set(channel, made)
    made.catch(() => this.#hubs.delete(channel))
    return made
  }

  /** The number of the newest fact that a channel's readers have been told of. */
  async newest(channel: number): Promise<number> {
    return (await this.hub(channel)).last
  }

  /** Has everybody hear of what this server has committed. */
  publish(channel: number, facts: readonly Fact[]): void {
    const last = facts.at(-1)
    if (last !== undefined) this.#untold.set(channel, last.seq)
    this.#telling ??= setTimeout(() => void this.#tell(), JOIN_MS)
    void this.#hubs.get(channel)?.then((hub) => hub.publish(facts))
  }

  async subscribe(channel: number, sink: Sink, after?: number): Promise<() => void> {
    return (await this.hub(channel)).subscribe(sink, after)
  }

  /** Has every server close what somebody reads at a channel's desk: they read it anew, as far as they may then. */
  async endAtDesk(channel: number, account: string): Promise<void> {
    await this.pool.query("select pg_notify('ricompensa_rights', $1)", [`${channel}:${account}`])
  }

  /** Has every server read anew what a channel is called and whether it is open; pages come back and see it. */
  async channelChanged(channel: number): Promise<void> {
    await this.pool.query("select pg_notify('ricompensa_channel', $1)", [String(channel)])
  }

  /** Has every server look which rooms there are. */
  async roomsChanged(): Promise<void> {
    await this.pool.query('notify ricompensa_rooms')
  }

  #channelChanged(channel: number): void {
    this.onChannel(channel)
    this.live.channelChanged(channel)
  }

  #rightsChanged(payload: string): void {
    const at = payload.indexOf(':')
    this.live.rightsChanged(Number(payload.slice(0, at)), payload.slice(at + 1))
  }

  #heard(text: string): void {
    for (const [channel, seq] of committedIn(text))
      void this.#hubs.get(channel)?.then(
        (hub) => hub.hear(seq),
        () => {},
      )
  }

  async #tell(): Promise<void> {
    clearTimeout(this.#telling)
    this.#telling = undefined
    const texts = committedTexts(this.#untold)
    this.#untold.clear()
    // What could not be told is seen when others look for themselves.
    for (const text of texts) await this.bus.send(text).catch(() => {})
  }

  /** Looks how far the channels have got that somebody follows here. */
  async #look(): Promise<void> {
    const followed: number[] = []
    const idle = new Set<number>()
    for (const [channel, hub] of this.#hubs) {
      const { size } = await hub
      if (size > 0) followed.push(channel)
      // Who is just about to follow has a moment for it.
      else if (this.#idle.has(channel)) this.#hubs.delete(channel)
      else idle.add(channel)
    }
    this.#idle = idle
    if (followed.length === 0) return
    const text = 'select id, seq from channel where id = any($1::int[])'
    const { rows } = await this.pool.query<{ id: number; seq: number }>(text, [followed])
    for (const { id, seq } of rows) (await this.#hubs.get(id))?.hear(Number(seq))
  }

  #reconnect(): void {
    if (this.#stopped) return
    void this.#listener?.end().catch(() => {})
    setTimeout(() => void this.start().catch(() => this.#reconnect()), RECONNECT_MS)
  }

  #reader(channel: number): ReadFacts {
    return (after) => factsAfter(this.pool, channel, after)
  }
}
