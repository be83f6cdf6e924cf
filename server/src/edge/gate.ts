import type { Context, MiddlewareHandler } from 'hono'
import { matchedRoutes } from 'hono/route'
import { problem } from '../http/index.ts'
import type { Declarations, Declared } from './declared.ts'
import type { Env } from './env.ts'
import type { Front } from './front.ts'
import type { Limits } from './limits.ts'

/** What is declared of the address that a request will be answered by. */
function declaredOf(c: Context<Env>, declarations: Declarations): Declared {
  const route = matchedRoutes(c).find(({ method }) => method !== 'ALL')
  return declarations.of(c.req.method, route?.path ?? '')
}

/**
 * What stands before every address, in this order: how often its caller may call, then (within) who they are, then what
 * they send. Nothing of a body is read here.
 */
export function gate(
  declarations: Declarations,
  limits: Limits,
  front: Front,
  publicUrl: string,
): MiddlewareHandler<Env> {
  return async function gate(c, next) {
    const { limit, cache } = declaredOf(c, declarations)
    c.set('aside', front.asideOf(c.env.incoming))
    try {
      await limits.address(c, limit)
      // PostgreSQL keeps none in a text, so there can be nothing at such an address.
      if (/%00/.test(c.req.url)) throw problem('not_found')
      refuseOtherOrigins(c, publicUrl)
      await next()
    } finally {
      front.done(c.env.incoming)
    }
    if (!c.res.headers.has('cache-control')) c.res.headers.set('cache-control', c.res.ok ? cache : 'no-store')
  }
}

/** A change must come from our own pages. @throws `from_elsewhere` */
function refuseOtherOrigins(c: Context<Env>, publicUrl: string): void {
  if (c.req.method === 'GET' || c.req.method === 'HEAD') return
  const origin = c.req.header('origin')
  const elsewhere = (origin !== undefined && origin !== publicUrl) || c.req.header('sec-fetch-site') === 'cross-site'
  if (elsewhere) throw problem('from_elsewhere')
}
