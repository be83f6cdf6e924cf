import { createHash } from 'node:crypto'
import { getConnInfo } from '@hono/node-server/conninfo'
import type { Context } from 'hono'
import { LRUCache } from 'lru-cache'
import { RateLimiterMemory, RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import type { Config } from '../config.ts'
import type { Pool } from '../database/index.ts'
import { problem } from '../http/index.ts'
import { addressOf, subnetOf } from './address.ts'
import type { Env } from './env.ts'
import type { Front } from './front.ts'

/**
 * How often one address may call: `usual`; `costly` (a tenth of it) where an answer takes much longer to make than to ask
 * for; `none` for files that are served as they lie on the disk.
 */
export type Limit = 'usual' | 'costly' | 'none'

const WINDOW_SECONDS = 10
const COSTLY_PART = 10
const CHANGES_PART = 4

/**
 * So many requests in ten seconds from one address, and so many changes by one account; more are told to wait. Counted in
 * PostgreSQL, so that several servers allow together what one allows; who has used theirs up is turned away from memory.
 */
export class Limits {
  readonly #usual: Limiter
  readonly #costly: Limiter
  readonly #accounts: Limiter

  constructor(
    readonly config: Config,
    pool: Pool,
    readonly front: Front,
  ) {
    const points = Number(config.REQUESTS_PER_10S)
    this.#usual = new Limiter(pool, 'a', points)
    this.#costly = new Limiter(pool, 'c', Math.max(1, Math.floor(points / COSTLY_PART)))
    this.#accounts = new Limiter(pool, 'u', Math.max(1, Math.floor(points / CHANGES_PART)))
  }

  /** Counts a request from where it comes. @throws `too_many_requests` */
  async address(c: Context<Env>, limit: Limit): Promise<void> {
    if (limit === 'none') return
    const from = this.from(c)
    await this.#usual.take(from, (ms) => this.front.turnAway(getConnInfo(c).remote.address ?? '', ms))
    if (limit === 'costly') await this.#costly.take(from)
  }

  /** Counts a change by an account. @throws `too_many_requests` */
  change(account: string): Promise<void> {
    // Nobody's name is kept where limits are counted.
    return this.#accounts.take(createHash('sha256').update(account).digest('base64url'))
  }

  /** Where a request comes from, as limits count it. */
  from(c: Context<Env>): string {
    return subnetOf(addressOf(c, Number(this.config.TRUSTED_PROXIES)))
  }
}

/** A server fetches so large a part of a limit at once: counting then costs the database a tenth of its requests, or less. */
const BLOCKS = 30
const MOST_KEPT = 10_000
const MOST_KEY = 200

/** One limit, counted in PostgreSQL. A server fetches a few points at a time; those it does not use are allowed to nobody. */
class Limiter {
  readonly #shared: RateLimiterPostgres
  readonly #block: number
  readonly #fetched = new LRUCache<string, { left: number }>({ max: MOST_KEPT })
  readonly #fetching = new Map<string, Promise<void>>()

  constructor(pool: Pool, keyPrefix: string, points: number) {
    this.#block = Math.max(1, Math.floor(points / BLOCKS))
    this.#shared = new RateLimiterPostgres({
      storeClient: pool,
      tableName: 'rate_limit',
      tableCreated: true,
      clearExpiredByTimeout: false,
      keyPrefix,
      points,
      duration: WINDOW_SECONDS,
      inMemoryBlockOnConsumed: points + 1,
      // While the database is away each server counts by itself.
      insuranceLimiter: new RateLimiterMemory({ keyPrefix, points, duration: WINDOW_SECONDS }),
    })
  }

  /** Counts one. @param usedUp - Told for how long (ms) there will be no more. @throws `too_many_requests` */
  async take(whole: string, usedUp?: (ms: number) => void): Promise<void> {
    const key = whole.slice(0, MOST_KEY)
    while (!this.#spend(key)) {
      const others = this.#fetching.get(key)
      // One of what is fetched is for whoever fetches.
      if (others === undefined) return this.#fetch(key, usedUp)
      await others
    }
  }

  #spend(key: string): boolean {
    const here = this.#fetched.get(key)
    if (here === undefined || here.left === 0) return false
    here.left--
    return true
  }

  /** However many ask at once, one fetches for all. */
  #fetch(key: string, usedUp?: (ms: number) => void): Promise<void> {
    const fetching = this.#consume(key, usedUp).finally(() => this.#fetching.delete(key))
    this.#fetching.set(key, fetching)
    return fetching
  }

  async #consume(key: string, usedUp?: (ms: number) => void): Promise<void> {
    const { msBeforeNext } = await this.#shared.consume(key, this.#block).catch((fault: unknown) => {
      if (fault instanceof RateLimiterRes) usedUp?.(fault.msBeforeNext)
      throw problem('too_many_requests')
    })
    // They are worth something only until their window ends.
    if (this.#block > 1 && msBeforeNext > 0) this.#fetched.set(key, { left: this.#block - 1 }, { ttl: msBeforeNext })
  }
}
