import { type Context, Hono } from 'hono'
import { problem } from '../http/index.ts'
import type { Provider } from './provider.ts'
import type { Scope, Sessions } from './sessions.ts'

/** Only a path of our own: an address that leads elsewhere must not be what a sign-in ends on. */
const ownPath = (path: string | undefined, fallback: string): string =>
  path !== undefined && /^\/(?![/\\])[\w\-./?=&%]*$/.test(path) ? path : fallback

function scopeOf(c: Context): Scope {
  const scope = c.req.param('scope')
  if (scope !== 'desk' && scope !== 'viewer') throw problem('not_found')
  return scope
}

/** /auth: start a sign-in, come back from the provider, sign out here or everywhere. */
export function signInRoutes(provider: Provider, sessions: Sessions): Hono {
  const app = new Hono()
  app.get('/callback', async (c) => {
    const { scope, returnTo, caller } = await provider.finish(new URL(c.req.url).search)
    await sessions.begin(c, scope, caller)
    return c.redirect(returnTo)
  })
  app.get('/:scope/start', async (c) => {
    const scope = scopeOf(c)
    const url = await provider.start(scope, ownPath(c.req.query('return'), '/'))
    return c.redirect(url.href)
  })
  app.post('/:scope/out', async (c) => {
    await sessions.end(c, scopeOf(c))
    return c.json({})
  })
  app.post('/:scope/out-everywhere', async (c) => c.json({ ended: await sessions.endEverywhere(c, scopeOf(c)) }))
  return app
}
