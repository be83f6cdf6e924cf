import { getConnInfo } from '@hono/node-server/conninfo'
import type { Context, MiddlewareHandler } from 'hono'
import { RateLimiterMemory } from 'rate-limiter-flexible'
import type { Config } from '../config.ts'
import { problem } from '../http/index.ts'
import type { Env } from './env.ts'

const WINDOW_SECONDS = 10

/** Where a request comes from: the address of the connection, or what the trusted proxies in front of us say. */
export function addressOf(c: Context<Env>, trustedProxies: number): string {
  const direct = getConnInfo(c).remote.address ?? ''
  if (trustedProxies === 0) return direct
  const chain = [...(c.req.header('x-forwarded-for') ?? '').split(',').map((one) => one.trim()), direct].filter(Boolean)
  // Each proxy adds whom it heard from at the end; what stands further left anybody may have written.
  return chain.at(-1 - trustedProxies) ?? chain[0] ?? direct
}

/** So many requests in ten seconds from one address, and so many changes by one account; more are told to wait. */
export class Limits {
  readonly #addresses: RateLimiterMemory
  readonly #accounts: RateLimiterMemory

  constructor(readonly config: Config) {
    const points = Number(config.REQUESTS_PER_10S)
    this.#addresses = new RateLimiterMemory({ points, duration: WINDOW_SECONDS })
    this.#accounts = new RateLimiterMemory({ points: Math.max(1, Math.floor(points / 4)), duration: WINDOW_SECONDS })
  }

  readonly perAddress: MiddlewareHandler<Env> = async (c, next) => {
    await take(this.#addresses, addressOf(c, Number(this.config.TRUSTED_PROXIES)))
    await next()
  }

  /** Counts a change by an account. @throws `too_many_requests` */
  change(account: string): Promise<void> {
    return take(this.#accounts, account)
  }
}

async function take(limiter: RateLimiterMemory, key: string): Promise<void> {
  await limiter.consume(key).catch(() => {
    throw problem('too_many_requests')
  })
}
