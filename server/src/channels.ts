import type { AnswerTo, Intent } from '#core/engine'
import type { UnixSeconds } from '#core/schema'
import { ALL_RIGHTS, type Rights, storedRights } from '#core/team'
import { type Result, readStored } from '#core/world'
import { faultIn } from './checked.ts'
import type { Clock } from './clock.ts'
import type { Pool } from './database/index.ts'
import type { Feed } from './feed/index.ts'
import { Metrics } from './metrics/index.ts'
import { ChannelWriter, envelope, type IntentBug } from './writer/index.ts'

export interface ChannelHead {
  readonly id: number
  readonly slug: string
  readonly name: string
  readonly owner: string
  /** Not in the installation's list. */
  readonly unlisted: boolean
  /** Who paused it: its owner, or the operator; null: it goes on. */
  readonly pausedBy: 'owner' | 'operator' | null
  /** When it was closed; null: it is open. */
  readonly closedAt: UnixSeconds | null
}

const COLUMNS = 'c.id, c.slug, c.name, c.owner, c.unlisted, c.paused_by as "pausedBy", c.closed_at as "closedAt"'
/** By the address that it has, or that it had before. */
const BY_ADDRESS = `select ${COLUMNS} from channel c where c.slug = $1 union all
  select ${COLUMNS} from former_address f join channel c on c.id = f.channel where f.slug = $1 limit 1`
/** A writer, and what it holds in memory, is let go of once nothing has come for so long (milliseconds). */
const IDLE_MS = 600_000

/** Somebody's place in a team. */
export interface TeamPlace {
  readonly owner: boolean
  readonly rights: Rights
}

const RIGHTS = `select c.owner, m.rights, m.owner as co from channel c left join member m
  on m.channel = c.id and m.account = $2 and m.gone_at is null and (m.until is null or m.until > $3) where c.id = $1`

/** Keys of what comes by HTTP say whose it is: `http/<sender>/...`. What the server itself hands in has no sender. */
const senderOf = (key: string): string | undefined => /^http\/[^/]*/.exec(key)?.[0]

/** The channels of this installation, each with its writer. */
export class Channels {
  readonly #writers = new Map<number, { readonly writer: ChannelWriter; usedAt: number }>()
  readonly #heads = new Map<string, ChannelHead>()
  #sweptAt = performance.now()
  /** Up to when it is known who is present in a channel (seconds): now, unless its chat is away. */
  presenceKnownUntil: (channel: number) => Promise<number> = async () => this.clock()

  constructor(
    readonly pool: Pool,
    readonly writerPool: Pool,
    readonly feed: Feed,
    readonly clock: Clock,
    readonly metrics = new Metrics(),
    readonly onBug: (bug: IntentBug, kind: string) => void = () => {},
  ) {}

  /** A channel by the word in its address, also one that it had before; undefined: there is none. */
  async find(slug: string): Promise<ChannelHead | undefined> {
    const known = this.#heads.get(slug)
    if (known !== undefined) return known
    const [head] = (
      await this.pool.query<ChannelHead>({ name: 'channel-by-address', text: BY_ADDRESS, values: [slug] })
    ).rows
    if (head !== undefined) this.#heads.set(slug, head)
    return head
  }

  /** A channel by its number; undefined: it was deleted. */
  async head(channel: number): Promise<ChannelHead | undefined> {
    const text = `select ${COLUMNS} from channel c where c.id = $1`
    return (await this.pool.query<ChannelHead>(text, [channel])).rows[0]
  }

  /** What is remembered of a channel is outdated, at this server. @param channel - Left out: of every channel. */
  forget(channel?: number): void {
    for (const [slug, { id }] of this.#heads) if (channel === undefined || id === channel) this.#heads.delete(slug)
  }

  /** What an account may do at a channel's desk, as the database has it now; undefined: it is not of the team. */
  async rightsAt(channel: number, account: string): Promise<TeamPlace | undefined> {
    const found = await this.pool.query<{ owner: string; rights: unknown; co: boolean | null }>({
      name: 'rights',
      text: RIGHTS,
      values: [channel, account, this.clock()],
    })
    const [row] = found.rows
    if (row?.owner === account || row?.co) return { owner: true, rights: ALL_RIGHTS }
    if (!row?.rights) return undefined
    return { owner: false, rights: readStored(storedRights, row.rights, faultIn).value }
  }

  /** The channel that was opened first. */
  async first(): Promise<ChannelHead | undefined> {
    const text = `select ${COLUMNS} from channel c where c.closed_at is null order by c.id limit 1`
    return (await this.pool.query<ChannelHead>(text)).rows[0]
  }

  /** Whether more than one channel is open. */
  async several(): Promise<boolean> {
    return (await this.pool.query('select 1 from channel where closed_at is null limit 2')).rowCount === 2
  }

  /**
   * Hands in an intent that has come now. `key` must be unique for what it stands for.
   * @param from - Whose it is, where it comes from outside.
   * @param changedFrom - The mark of what it was changed from, where that matters.
   * @throws WriterBusy, IntentBug, or what the database failed with: then nothing happened.
   */
  async submit<I extends Intent>(
    channel: number,
    key: string,
    intent: I,
    from = senderOf(key),
    changedFrom?: string,
  ): Promise<Result<AnswerTo<I>>> {
    const { waiting, intents } = this.metrics
    waiting.inc()
    let outcome = 'failed'
    const mark = changedFrom === undefined ? {} : { changedFrom }
    const sent = { ...intent, ...envelope(key, this.clock()), ...mark }
    try {
      const result = await this.#writer(channel).submit(sent, from)
      outcome = result.ok ? 'accepted' : 'refused'
      return result
    } finally {
      waiting.dec()
      intents.inc({ kind: intent.kind, outcome })
    }
  }

  async drained(): Promise<void> {
    await Promise.all([...this.#writers.values()].map(({ writer }) => writer.drained()))
  }

  #writer(channel: number): ChannelWriter {
    const now = performance.now()
    if (now - this.#sweptAt > IDLE_MS) this.letGoOfIdle()
    const known = this.#writers.get(channel)
    if (known !== undefined) {
      known.usedAt = now
      return known.writer
    }
    const onFacts = (facts: Parameters<Feed['publish']>[1]) => this.feed.publish(channel, facts)
    const writer = new ChannelWriter({ pool: this.writerPool, channel, onFacts, onBug: this.onBug })
    this.#writers.set(channel, { writer, usedAt: now })
    return writer
  }

  /** An idle channel costs no memory: what it holds is read anew when something comes. @param idleMs - For so long nothing has come. */
  letGoOfIdle(idleMs = IDLE_MS): void {
    const now = performance.now()
    this.#sweptAt = now
    for (const [channel, { writer, usedAt }] of this.#writers)
      if (now - usedAt >= idleMs && writer.idle) this.#writers.delete(channel)
  }
}
