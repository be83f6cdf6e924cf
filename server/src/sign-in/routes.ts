import { type Context, Hono } from 'hono'
import { type Caller, problem } from '../http/index.ts'
import { SignInFault } from './fault.ts'
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

/** The sign-ins that this browser has begun: a sign-in that another browser began must not end in this one. */
const ATTEMPTS = 'attempts'
const ATTEMPT_SECONDS = 600
/** So many tabs may be at it at once. */
const MOST_ATTEMPTS = 4

/** Told of a sign-in or sign-out once it has happened. */
export type SignInNote = (
  c: Context,
  what: {
    readonly kind: 'signed in' | 'sign-in failed' | 'signed out'
    readonly caller?: Caller
    readonly path?: string | undefined
    /** Why it failed. */
    readonly why?: string
  },
) => void

/** /auth: start a sign-in, come back from the provider, sign out here or everywhere. */
export function signInRoutes(provider: Provider, sessions: Sessions, note: SignInNote = () => {}): Hono {
  const app = new Hono()
  const { cookies } = sessions
  /** Notes why a sign-in failed, and has it fail. */
  const noting =
    (c: Context) =>
    (fault: unknown): never => {
      if (fault instanceof SignInFault) note(c, { kind: 'sign-in failed', why: fault.reason, path: fault.returnTo })
      throw fault
    }
  const begun = (c: Context): string[] => (cookies.get(c, ATTEMPTS) ?? '').split('.').filter(Boolean)
  app.get('/callback', async (c) => {
    const { search, searchParams } = new URL(c.req.url)
    const state = searchParams.get('state') ?? ''
    const others = begun(c).filter((one) => one !== state)
    const failed = noting(c)
    if (others.length === begun(c).length)
      return failed(new SignInFault('sign_in_failed', 'this browser did not begin it, or no cookie came back'))
    if (others.length === 0) cookies.delete(c, ATTEMPTS)
    else cookies.set(c, ATTEMPTS, others.join('.'), ATTEMPT_SECONDS)
    const { scope, returnTo, caller } = await provider.finish(search).catch(failed)
    await sessions.begin(c, scope, caller)
    note(c, { kind: 'signed in', caller, path: returnTo })
    return c.redirect(returnTo)
  })
  app.get('/:scope/start', async (c) => {
    const scope = scopeOf(c)
    const { url, state } = await provider.start(scope, ownPath(c.req.query('return'), '/')).catch(noting(c))
    cookies.set(c, ATTEMPTS, [...begun(c), state].slice(-MOST_ATTEMPTS).join('.'), ATTEMPT_SECONDS)
    return c.redirect(url.href)
  })
  signOutRoutes(app, sessions, note)
  return app
}

function signOutRoutes(app: Hono, sessions: Sessions, note: SignInNote): void {
  app.post('/:scope/out', async (c) => {
    const scope = scopeOf(c)
    const caller = await sessions.find(c, scope)
    await sessions.end(c, scope)
    if (caller !== undefined) note(c, { kind: 'signed out', caller })
    return c.json({})
  })
  app.post('/:scope/out-everywhere', async (c) => {
    const scope = scopeOf(c)
    const caller = await sessions.find(c, scope)
    const ended = await sessions.endEverywhere(c, scope)
    if (caller !== undefined) note(c, { kind: 'signed out', caller })
    return c.json({ ended })
  })
}
