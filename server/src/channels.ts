import type { AnswerTo, Intent } from '#core/engine'
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
}

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
  readonly #writers = new Map<number, ChannelWriter>()
  readonly #heads = new Map<string, ChannelHead>()
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

  /** A channel by the word in its address, or undefined. */
  async find(slug: string): Promise<ChannelHead | undefined> {
    const known = this.#heads.get(slug)
    if (known !== undefined) return known
    const found = await this.pool.query<ChannelHead>('select id, slug, name, owner from channel where slug = $1', [
      slug,
    ])
    const head = found.rows[0]
    if (head !== undefined) this.#heads.set(slug, head)
    return head
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

  /** The channel that was made first, which an address without a channel leads to. */
  async first(): Promise<ChannelHead | undefined> {
    const found = await this.pool.query<ChannelHead>('select id, slug, name, owner from channel order by id limit 1')
    return found.rows[0]
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
    await Promise.all([...this.#writers.values()].map((writer) => writer.drained()))
  }

  #writer(channel: number): ChannelWriter {
    let writer = this.#writers.get(channel)
    if (writer === undefined) {
      const onFacts = (facts: Parameters<Feed['publish']>[1]) => this.feed.publish(channel, facts)
      writer = new ChannelWriter({
        pool: this.writerPool,
        channel,
        onFacts,
        onBug: this.onBug,
      })
      this.#writers.set(channel, writer)
    }
    return writer
  }
}
