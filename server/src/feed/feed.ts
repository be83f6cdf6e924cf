import pg from 'pg'
import type { Fact } from '#core/world'
import type { Pool } from '../database/index.ts'
import { factsAfter, newestSeq } from './facts.ts'
import { Hub, type ReadFacts, type Sink } from './hub.ts'
import { type FeedCaps, LiveFeeds } from './live.ts'

const RECONNECT_MS = 1000
/** What servers tell each other by PostgreSQL's notices. */
const HEARD = ['ricompensa', 'ricompensa_ended', 'ricompensa_rights', 'ricompensa_channel', 'ricompensa_rooms'] as const

/** What a household of viewers, a browser with many tabs and a large channel need, with room to spare. */
export const CAPS: FeedCaps = { perAddress: 60, perSession: 20, perChannel: 50_000 }

/** The hubs of all channels, kept current by own commits and by PostgreSQL's notices of those of other instances. */
export class Feed {
  readonly #hubs = new Map<number, Promise<Hub>>()
  #listener: pg.Client | undefined
  #stopped = false
  /** Told that what is known of a channel is outdated; undefined: of any. */
  onChannel: (channel: number | undefined) => void = () => {}
  /** Told that channels have other rooms. */
  onRooms: () => void = () => {}

  constructor(
    readonly pool: Pool,
    readonly url: string,
    readonly live = new LiveFeeds(CAPS),
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
    for (const [channel, hub] of this.#hubs) (await hub).hear(await newestSeq(this.pool, channel))
  }

  async stop(): Promise<void> {
    this.#stopped = true
    this.live.stop()
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

  publish(channel: number, facts: readonly Fact[]): void {
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

  #heard(payload: string): void {
    const [channel, seq] = payload.split(':').map(Number)
    if (channel === undefined || seq === undefined) return
    // Own commits are published right after; a moment's patience saves reading them back.
    setTimeout(() => void this.#hubs.get(channel)?.then((hub) => hub.hear(seq)), 5)
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
