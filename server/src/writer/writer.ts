import { decide } from '#core/engine'
import type { Answer, Fact, Result, World } from '#core/world'
import type { Client, Pool } from '../database/index.ts'
import { loadNeeds, loadWorld } from './load.ts'
import { type Answered, persist, rememberAnswers, seenAnswers } from './persist.ts'
import type { Sent } from './sent.ts'

interface Waiting {
  readonly intent: Sent
  readonly resolve: (result: Result<Answer>) => void
  readonly reject: (fault: unknown) => void
}

export interface WriterOptions {
  readonly pool: Pool
  readonly channel: number
  /** Called after each commit with the facts it added, in order. */
  readonly onFacts: (facts: readonly Fact[]) => void
  /** The most intents decided in one transaction. */
  readonly batchSize?: number
  /** Rows held in memory beyond which the cache starts afresh. */
  readonly cacheRows?: number
}

/**
 * Makes one channel's intents durable, one after the other, many in a transaction. While a batch is being written the
 * next one gathers, so batches grow by themselves with the load. A failed transaction changed nothing: its senders get
 * the error, and the cached rows are dropped.
 */
export class ChannelWriter {
  readonly #options: Required<WriterOptions>
  #waiting: Waiting[] = []
  #working: Promise<void> | undefined
  #world: World | undefined
  #revision = -1

  constructor(options: WriterOptions) {
    this.#options = { batchSize: 256, cacheRows: 300_000, ...options }
  }

  /**
   * Hands in an intent.
   * @returns Its answer or refusal, once that is durable. The same key again gets the first answer and changes nothing.
   * @throws When the database cannot be written, or the rules failed on this intent: then nothing happened.
   */
  submit(intent: Sent): Promise<Result<Answer>> {
    const answered = new Promise<Result<Answer>>((resolve, reject) => this.#waiting.push({ intent, resolve, reject }))
    this.#working ??= this.#work()
    return answered
  }

  /** Resolves when all that was handed in has been answered. */
  async drained(): Promise<void> {
    while (this.#working !== undefined) await this.#working
  }

  async #work(): Promise<void> {
    // One turn of the event loop lets everything that arrived with the first intent join its batch.
    await new Promise((next) => setImmediate(next))
    while (this.#waiting.length > 0) {
      const batch = this.#waiting.splice(0, this.#options.batchSize)
      try {
        await this.#writeBatch(batch)
      } catch (fault) {
        this.#world = undefined
        for (const { reject } of batch) reject(fault)
      }
    }
    this.#working = undefined
  }

  async #writeBatch(batch: readonly Waiting[]): Promise<void> {
    const client = await this.#options.pool.connect()
    let broken: Error | undefined
    try {
      await client.query('begin')
      const { outcomes, facts } = await this.#decideBatch(client, batch)
      await client.query('commit')
      this.#options.onFacts(facts)
      for (const settle of outcomes) settle()
    } catch (fault) {
      broken = fault instanceof Error ? fault : new Error(String(fault))
      await client.query('rollback').catch(() => {})
      throw fault
    } finally {
      // A connection that failed within a transaction is not lent out again.
      client.release(broken)
    }
  }

  async #decideBatch(
    client: Client,
    batch: readonly Waiting[],
  ): Promise<{ outcomes: (() => void)[]; facts: readonly Fact[] }> {
    const { channel } = this.#options
    const world = await this.#lock(client)
    const answers = await seenAnswers(
      client,
      channel,
      batch.map(({ intent }) => intent.key),
    )
    await loadNeeds(
      client,
      channel,
      world,
      batch.map(({ intent }) => intent),
    )
    const { outcomes, answered } = decideAll(world, batch, answers)
    const changes = world.takeChanges()
    await persist(client, channel, changes)
    if (answered.length > 0) await rememberAnswers(client, channel, answered)
    if (answered.length > 0) await this.#advance(client, world)
    return { outcomes, facts: changes.facts }
  }

  /** Takes the channel's lock until the transaction ends, and drops cached rows that another instance has outdated. */
  async #lock(client: Client): Promise<World> {
    const { channel, cacheRows } = this.#options
    await client.query({ name: 'lock', text: 'select pg_advisory_xact_lock($1, $2)', values: [LOCK_SPACE, channel] })
    const text = 'select seq, last_id as "lastId", revision from channel where id = $1'
    const found = await client.query({ name: 'head', text, values: [channel] })
    const head = found.rows[0] as { seq: number; lastId: number; revision: number } | undefined
    if (head === undefined) throw new Error(`There is no channel ${channel}.`)
    const world = this.#world
    if (world !== undefined && this.#revision === head.revision && world.rows.size < cacheRows) return world
    const fresh = await loadWorld(client, channel, head.seq, head.lastId)
    this.#world = fresh
    this.#revision = head.revision
    return fresh
  }

  async #advance(client: Client, world: World): Promise<void> {
    const text = `with ahead as (
        update channel set seq = $2, last_id = $3, revision = revision + 1 where id = $1 and revision = $4 returning id
      ) select pg_notify('ricompensa', id || ':' || $2::bigint) from ahead`
    const { channel } = this.#options
    const done = await client.query({
      name: 'advance',
      text,
      values: [channel, world.seq, world.lastId, this.#revision],
    })
    if (done.rowCount !== 1) throw new Error(`Channel ${channel} moved on while it was locked.`)
    this.#revision++
  }
}

/** First half of the advisory lock's key: keeps our locks apart from others in the same database. */
const LOCK_SPACE = 0x52c0

function decideAll(world: World, batch: readonly Waiting[], answers: Map<string, Result<Answer>>) {
  const outcomes: (() => void)[] = []
  const answered: Answered[] = []
  for (const { intent, resolve, reject } of batch) {
    const seen = answers.get(intent.key)
    if (seen !== undefined) {
      outcomes.push(() => resolve(seen))
      continue
    }
    try {
      const result = decide(world, intent)
      answers.set(intent.key, result)
      answered.push({ key: intent.key, at: intent.at, result })
      outcomes.push(() => resolve(result))
    } catch (fault) {
      // A mistake of ours in one intent must not cost the others theirs.
      outcomes.push(() => reject(fault))
    }
  }
  return { outcomes, answered }
}
