import type { Hono } from 'hono'
import { type InstallationAllowed, type InstallationRoute, type Route, saysWho } from '../http/index.ts'
import type { Env } from './env.ts'
import type { Limit } from './limits.ts'

/** Who may call an address outside the channels' API. `secret`: who knows the address. `signature`: who can sign. */
type Who = 'anyone' | 'team' | 'secret' | 'signature' | InstallationAllowed

/** What is declared of an address: who may call it, how often, and what caches may keep of it. */
export interface Declared {
  readonly who: Who | Route['allowed']
  readonly limit: Limit
  /** `cache-control` of an answer that sets none itself. */
  readonly cache: string
}

const NO_STORE = 'no-store'
/** Kept, and asked for each time whether it has changed. */
const CHECKED = 'no-cache'

const opening = (who: Who, limit: Limit = 'usual', cache = NO_STORE): Declared => ({ who, limit, cache })

/** Every address outside the channels' API. One that is missing here keeps the server from starting. */
const OPENINGS: Readonly<Record<string, Declared>> = {
  'GET /healthz': opening('anyone', 'none'),
  'GET /readyz': opening('anyone', 'none'),
  'GET /metrics': opening('operator'),
  'GET /api/openapi.json': opening('anyone', 'usual', CHECKED),
  'GET /auth/callback': opening('anyone'),
  'GET /auth/:scope/start': opening('anyone'),
  'POST /auth/:scope/out': opening('anyone'),
  'POST /auth/viewer/test/:slug': opening('anyone', 'costly'),
  'POST /auth/:scope/out-everywhere': opening('anyone'),
  'GET /api/overlays/:secret/feed': opening('secret'),
  'GET /api/overlays/:secret/page': opening('secret'),
  'GET /media/:channel/:file': opening('anyone'),
  'POST /api/channels/:channel/events': opening('signature'),
  'GET /api/channels/:channel/desk/feed': opening('team'),
  'GET /api/channels/:channel/feed': opening('anyone'),
  'GET /': opening('anyone', 'usual', CHECKED),
  'GET /problems/:code': opening('anyone', 'usual', CHECKED),
  'GET /desk': opening('anyone', 'usual', CHECKED),
  'GET /claim': opening('anyone', 'none', CHECKED),
  'GET /operator': opening('anyone', 'none', CHECKED),
  'GET /desk/:slug/manifest.webmanifest': opening('anyone', 'usual', CHECKED),
  'GET /c/:slug/manifest.webmanifest': opening('anyone', 'usual', CHECKED),
  'GET /desk/*': opening('anyone', 'none', CHECKED),
  'GET /c/:slug/raffles/:raffle/preview.png': opening('anyone', 'costly'),
  'GET /c/:slug/raffles/:raffle': opening('anyone', 'usual', CHECKED),
  'GET /c/*': opening('anyone', 'none', CHECKED),
  'GET /overlay/*': opening('anyone', 'none', CHECKED),
  'GET /*': opening('anyone', 'none', CHECKED),
}

/** An address that is declared nowhere: nothing is there, and looking for it counts. */
const NOWHERE = opening('anyone')

const nameOf = (method: string, path: string): string => `${method.toUpperCase()} ${path}`

/** What is declared of each address, by method and pattern. */
export class Declarations {
  readonly #all = new Map<string, Declared>(Object.entries(OPENINGS))

  /** @throws for a route that does not say who may call it. */
  constructor(routes: readonly Route[], installation: readonly InstallationRoute[] = []) {
    for (const { method, path, allowed, limit = 'usual' } of installation)
      this.#all.set(nameOf(method, path), opening(allowed, limit))
    for (const { method, path, allowed, limit = 'usual', cache = NO_STORE } of routes) {
      const name = nameOf(method, `/api/channels/:channel${path}`)
      if (!saysWho(allowed)) throw new Error(`The route ${name} does not say who may call it.`)
      this.#all.set(name, { who: allowed, limit, cache })
    }
  }

  of(method: string, path: string): Declared {
    return this.#all.get(nameOf(method === 'HEAD' ? 'GET' : method, path)) ?? NOWHERE
  }

  /** @throws if any route of the app is not declared: such a server must not start. */
  refuseUndeclared(app: Hono<Env>): void {
    for (const { method, path } of app.routes) {
      // What applies to every method is no route but a step on the way to one.
      if (method === 'ALL' || this.#all.has(nameOf(method, path))) continue
      throw new Error(`The route ${nameOf(method, path)} does not say who may call it.`)
    }
  }

  /** Every pattern, for the test that walks them. */
  get patterns(): string[] {
    return [...this.#all.keys()]
  }
}
