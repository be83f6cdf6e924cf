import type { Hono } from 'hono'
import { ALLOWED, type Route } from '../http/index.ts'
import type { Env } from './env.ts'

/** Who may call an address outside the channels' API. `secret`: who knows the address. `signature`: who can sign. */
type Opening = 'anyone' | 'viewer' | 'streamer' | 'signed in at the desk' | 'secret' | 'signature' | 'operator'

/** Every address outside the channels' API with who may call it. An address missing here keeps the server from starting. */
const OPENINGS: Readonly<Record<string, Opening>> = {
  'GET /healthz': 'anyone',
  'GET /readyz': 'anyone',
  'GET /metrics': 'operator',
  'GET /api/openapi.json': 'anyone',
  'GET /auth/callback': 'anyone',
  'GET /auth/:scope/start': 'anyone',
  'POST /auth/:scope/out': 'anyone',
  'POST /auth/:scope/out-everywhere': 'anyone',
  'POST /api/claim': 'signed in at the desk',
  'GET /api/overlays/:secret/feed': 'secret',
  'GET /api/overlays/:secret/page': 'secret',
  'GET /media/:channel/:file': 'anyone',
  'POST /api/channels/:channel/events': 'signature',
  'GET /api/channels/:channel/desk/feed': 'streamer',
  'GET /api/channels/:channel/feed': 'anyone',
  'GET /': 'anyone',
  'GET /desk': 'anyone',
  'GET /claim': 'anyone',
  'GET /desk/*': 'anyone',
  'GET /c/:slug/raffles/:raffle/preview.png': 'anyone',
  'GET /c/:slug/raffles/:raffle': 'anyone',
  'GET /c/*': 'anyone',
  'GET /overlay/*': 'anyone',
  'GET /*': 'anyone',
}

const nameOf = (method: string, path: string): string => `${method.toUpperCase()} ${path}`

/** @throws if any route does not say who may call it: such a server must not start. */
export function refuseUndeclared(app: Hono<Env>, routes: readonly Route[]): void {
  const known = new Set(Object.keys(OPENINGS))
  for (const { method, path, allowed } of routes) {
    const name = nameOf(method, `/api/channels/:channel${path}`)
    if (!ALLOWED.includes(allowed)) throw new Error(`The route ${name} does not say who may call it.`)
    known.add(name)
  }
  for (const { method, path } of app.routes) {
    // What applies to every method is no route but a step on the way to one.
    if (method === 'ALL' || known.has(nameOf(method, path))) continue
    throw new Error(`The route ${nameOf(method, path)} does not say who may call it.`)
  }
}
