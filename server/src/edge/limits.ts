import { createHash } from 'node:crypto'
import { getConnInfo } from '@hono/node-server/conninfo'
import type { Context } from 'hono'
import { RateLimiterMemory, RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import type { Config } from '../config.ts'
import type { Pool } from '../database/index.ts'
import { problem } from '../http/index.ts'
import { addressOf, subnetOf } from './address.ts'
import type { Env } from './env.ts'
import type { TurnedAway } from './turnedAway.ts'

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
  readonly #usual: RateLimiterPostgres
  readonly #costly: RateLimiterPostgres
  readonly #accounts: RateLimiterPostgres

  constructor(
    readonly config: Config,
    pool: Pool,
    readonly turnedAway: TurnedAway,
  ) {
    const points = Number(config.REQUESTS_PER_10S)
    this.#usual = limiter(pool, 'a', points)
    this.#costly = limiter(pool, 'c', Math.max(1, Math.floor(points / COSTLY_PART)))
    this.#accounts = limiter(pool, 'u', Math.max(1, Math.floor(points / CHANGES_PART)))
  }

  /** Counts a request from where it comes. @throws `too_many_requests` */
  async address(c: Context<Env>, limit: Limit): Promise<void> {
    if (limit === 'none') return
    const from = this.from(c)
    await take(this.#usual, from, (ms) => this.turnedAway.add(getConnInfo(c).remote.address ?? '', ms))
    if (limit === 'costly') await take(this.#costly, from)
  }

  /** Counts a change by an account. @throws `too_many_requests` */
  change(account: string): Promise<void> {
    // Nobody's name is kept where limits are counted.
    return take(this.#accounts, createHash('sha256').update(account).digest('base64url'))
  }

  /** Where a request comes from, as limits count it. */
  from(c: Context<Env>): string {
    return subnetOf(addressOf(c, Number(this.config.TRUSTED_PROXIES)))
  }
}

function limiter(pool: Pool, keyPrefix: string, points: number): RateLimiterPostgres {
  return new RateLimiterPostgres({
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

const MOST_KEY = 200

async function take(limiter: RateLimiterPostgres, key: string, usedUp?: (ms: number) => void): Promise<void> {
  await limiter.consume(key.slice(0, MOST_KEY)).catch((left: unknown) => {
    if (left instanceof RateLimiterRes) usedUp?.(left.msBeforeNext)
    throw problem('too_many_requests')
  })
}
