import { type AnswerTo, type Intent, needs } from '#core/engine'
import type { Answer, Fact, Result, World } from '#core/world'
import type { Client, Pool } from '../database/index.ts'
import { type Answers, type Decided, decideBatch, type Waiting } from './batch.ts'
import { Bugs, type IntentBug, liesInAnIntent } from './bug.ts'
import { advance, isStaleRevision, lock, readHead } from './channelRow.ts'
import { applySetBased, needsExclusiveBatch } from './everyone.ts'
import { changeHistory } from './history.ts'
import { loadUntilThere, loadWorld } from './load.ts'
import { persist, rememberAnswers, seenAnswers } from './persist.ts'
import { Queue, type QueueLimits } from './queue.ts'
import type { IntentEnvelope } from './sent.ts'
import { settleAll } from './settleAll.ts'

export interface WriterOptions {
  readonly pool: Pool
  readonly channel: number
  /** Called after each commit with the facts it added, in order. */
  readonly onFacts: (facts: readonly Fact[]) => void
  /** The most intents decided in one transaction. */
  readonly batchSize?: number
  /** Rows held in memory beyond which the cache starts afresh. */
  readonly cacheRows?: number
  /** How much from outside may wait. */
  readonly limits?: QueueLimits
  /** Whether what intents say they need is loaded before they are decided: only how fast it goes depends on it. */
  readonly prefetch?: boolean
  /** Told once of each intent that failed. */
  readonly onBug?: (bug: IntentBug, kind: string) => void
}

/** Some seconds of work: who comes later than that is better told to come again. */
const LIMITS: QueueLimits = { all: 8192, each: 64 }

/**
 * Makes one channel's intents durable, one after the other, many in a transaction. While a batch is being written the
 * next one is decided on the rows in memory, and the one after that gathers. What was decided ahead is written only if
 * the rows were still true, which the channel's revision tells; otherwise it is decided anew under the channel's lock.
 * A failed transaction changed nothing, and the rows in memory are dropped. If it failed because of what was in it, its
 * intents are tried one by one, and only the culprit's sender gets the error; if the database failed, all get it.
 */
export class ChannelWriter {
  readonly #options: Required<WriterOptions>
  readonly #waiting: Queue
  readonly #bugs: Bugs
  #working: Promise<void> | undefined
  #world: World | undefined
  /** The revision that the rows in memory are of, batches decided ahead included. */
  #revision = -1
  /** Answers of the batch that is being written: the database does not know them yet. */
  #inFlight: Answers = new Map()

  constructor(options: WriterOptions) {
    const defaults = { prefetch: true, batchSize: 256, cacheRows: 100_000, limits: LIMITS, onBug: () => {} }
    this.#options = { ...defaults, ...options }
    this.#waiting = new Queue(this.#options.limits)
    this.#bugs = new Bugs(this.#options.onBug)
  }

  /**
   * Hands in an intent.
   * @returns Its answer or refusal, once that is durable. The same key again gets the first answer and changes nothing.
   * @param from - Whose it is, where it comes from outside: only so much of that may wait.
   * @throws When the database cannot be written; `IntentBug` when this intent failed; `WriterBusy` when too much waits.
   * Then nothing happened.
   */
  submit<I extends Intent>(intent: IntentEnvelope<I>, from?: string): Promise<Result<AnswerTo<I>>> {
    const answered = new Promise<Result<Answer>>((resolve, reject) =>
      this.#waiting.add({ intent, resolve, reject, from, met: [] }),
    )
    this.#working ??= this.#work()
    // A repeat is answered with what was kept of the same intent.
    return answered as Promise<Result<AnswerTo<I>>>
  }

  /** Whether nothing waits and nothing is being written. */
  get idle(): boolean {
    return this.#working === undefined
  }

  /** Resolves when all that was handed in has been answered. */
  async drained(): Promise<void> {
    while (this.#working !== undefined) await this.#working
  }

  async #work(): Promise<void> {
    // One turn of the event loop lets everything that arrived with the first intent join its batch.
    await new Promise((next) => setImmediate(next))
    let writing: Promise<readonly Waiting[]> = Promise.resolve([])
    while (this.#waiting.length > 0) {
      const batch = this.#waiting.take(this.#options.batchSize)
      const ahead = await this.#decideAhead(batch)
      const own = ahead === undefined ? batch : batch.slice(0, batch.length - ahead.rest.length)
      const before = await writing
      if (before.length > 0) {
        // What came first is decided first: what was decided ahead of it does not hold.
        this.#waiting.putBack([...before, ...own])
        this.#world = undefined
        writing = Promise.resolve([])
        continue
      }
      writing = this.#write(own, ahead)
      // Nothing may come between the last look at what waits and the end: whoever comes then starts this anew.
      if (this.#waiting.length === 0) {
        this.#waiting.putBack(await writing)
        writing = Promise.resolve([])
      }
    }
    this.#working = undefined
  }

  /** Decides on the rows in memory, outside the lock; undefined if there are none, or they cannot be completed. */
  async #decideAhead(batch: readonly Waiting[]): Promise<Decided | undefined> {
    const { channel, pool, cacheRows } = this.#options
    const world = this.#world
    if (world === undefined || world.rows.size > cacheRows || batch.some(({ intent }) => needsExclusiveBatch(intent)))
      return undefined
    const client = await pool.connect().catch(() => undefined)
    if (client === undefined) return undefined
    const seen = await this.#prepare(client, channel, world, batch).catch((fault: Error) => fault)
    client.release(seen instanceof Error ? seen : undefined)
    // What was being written meanwhile may have failed, and its rows with it.
    if (seen instanceof Error || this.#world !== world) return undefined
    const decided = decideBatch(world, this.#revision, batch, seen, undefined)
    if (decided.rest.length === batch.length) return undefined
    this.#waiting.putBack(decided.rest)
    if (decided.answered.length > 0) this.#revision++
    this.#inFlight = new Map(decided.answered.map(({ key, result }) => [key, result]))
    return decided
  }

  /** Loads what a batch needs, and the answers given before to keys of it. */
  async #prepare(client: Client, channel: number, world: World, batch: readonly Waiting[]): Promise<Answers> {
    const keys = batch.map(({ intent }) => intent.key)
    const inFlight = this.#inFlight
    const [seen] = await Promise.all([seenAnswers(client, channel, keys), this.#load(client, world, batch)])
    for (const key of keys) {
      const answer = inFlight.get(key)
      if (answer !== undefined) seen.set(key, answer)
    }
    return seen
  }

  #load(client: Client, world: World, batch: readonly Waiting[]): Promise<void> {
    const { channel, prefetch } = this.#options
    const ask = () => batch.flatMap(({ intent, met }) => (prefetch ? [...needs(world, intent), ...met] : met))
    return loadUntilThere(client, channel, world, ask)
  }

  /** Decides a batch under the lock: whatever its first intent meets is loaded until that, at least, is decided. */
  async #decideAll(
    client: Client,
    world: World,
    revision: number,
    batch: readonly Waiting[],
    seen: Answers,
  ): Promise<Decided> {
    for (;;) {
      const decided = decideBatch(world, revision, batch, seen, this.#bugs)
      if (decided.rest.length < batch.length) return decided
      await this.#load(client, world, batch)
    }
  }

  /** @returns What must be decided anew, before anything that came after it. */
  async #write(batch: readonly Waiting[], ahead: Decided | undefined): Promise<readonly Waiting[]> {
    try {
      const usable = ahead !== undefined && ahead.world === this.#world
      const committed = usable ? await this.#commit(ahead) : undefined
      const done = committed ?? (await this.#decideLocked(batch))
      this.#tell(done)
      // The rest of what was decided ahead waits already.
      return committed === undefined ? done.rest : []
    } catch (fault) {
      this.#world = undefined
      if (liesInAnIntent(fault)) await this.#writeOneByOne(batch, fault)
      else for (const { reject } of batch) reject(fault)
      return []
    }
  }

  /** A batch failed because of what was in it: everybody but the culprit gets their answer. */
  async #writeOneByOne(batch: readonly Waiting[], before: unknown): Promise<void> {
    for (const one of batch) {
      try {
        if (batch.length === 1) throw before
        this.#tell(await this.#decideLocked([one]))
      } catch (fault) {
        this.#world = undefined
        one.reject(liesInAnIntent(fault) ? this.#bugs.of(one.intent, fault) : fault)
      }
    }
  }

  #tell(done: Decided): void {
    this.#options.onFacts(done.changes.facts)
    done.settle()
  }

  /** Writes what was decided ahead. @returns undefined if the rows it was decided on are outdated. */
  async #commit(decided: Decided): Promise<Decided | undefined> {
    if (decided.answered.length === 0) return decided
    const client = await this.#options.pool.connect()
    try {
      await settleAll([lock(client, this.#options.channel), this.#persist(client, decided)])
      await client.query('commit')
      client.release()
      return decided
    } catch (fault) {
      this.#world = undefined
      await this.#rollback(client, fault)
      if (isStaleRevision(fault)) return undefined
      throw fault
    }
  }

  /** Reads what is true, decides and writes under the channel's lock: always possible, whatever others do. */
  async #decideLocked(batch: readonly Waiting[]): Promise<Decided> {
    const { channel, pool } = this.#options
    this.#inFlight = new Map()
    const client = await pool.connect()
    try {
      const [, head] = await Promise.all([lock(client, channel), readHead(client, channel)])
      const world = await loadWorld(client, channel, head.seq, head.lastId)
      const seen = await this.#prepare(client, channel, world, batch)
      const applied = await this.#applyToAll(client, world, batch, seen)
      const decided = await this.#decideAll(client, world, head.revision, applied ?? batch, seen)
      // What was applied to everyone must not be committed without the transfers' ids and the revision that go with it.
      if (applied !== undefined && decided.answered.length === 0)
        throw new Error('A payment was applied but not decided.')
      if (decided.answered.length > 0) await this.#persist(client, decided)
      for (const { intent } of applied ?? [])
        await changeHistory(client, channel, intent, decided.answered[0]?.result.ok === true)
      await client.query('commit')
      client.release()
      this.#world = applied === undefined ? world : undefined
      this.#revision = head.revision + (decided.answered.length > 0 ? 1 : 0)
      return decided
    } catch (fault) {
      await this.#rollback(client, fault)
      throw fault
    }
  }

  /** What one statement does to everyone is done first; deciding the intent then tells of it. Undefined if it is no such batch. */
  async #applyToAll(
    client: Client,
    world: World,
    batch: readonly Waiting[],
    seen: Answers,
  ): Promise<Waiting[] | undefined> {
    const [first] = batch
    if (first === undefined || !needsExclusiveBatch(first.intent) || seen.has(first.intent.key)) return undefined
    return [{ ...first, intent: await applySetBased(client, this.#options.channel, world, first.intent) }]
  }

  async #persist(client: Client, decided: Decided): Promise<void> {
    const { channel } = this.#options
    await settleAll([
      advance(client, channel, decided.revision, decided),
      persist(client, channel, decided.changes),
      rememberAnswers(client, channel, decided.answered),
    ])
  }

  async #rollback(client: Client, fault: unknown): Promise<void> {
    await client.query('rollback').catch(() => {})
    // A connection that failed is not lent out again; one that was merely late is sound.
    client.release(isStaleRevision(fault) ? undefined : (fault as Error))
  }
}
