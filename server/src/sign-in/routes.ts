import { type Context, Hono } from 'hono'
import { type Caller, choicePage, idIn, problem } from '../http/index.ts'
import type { Cookies } from './cookies.ts'
import { SignInFault } from './fault.ts'
import type { Provider } from './provider.ts'
import type { Scope, Sessions } from './sessions.ts'
import { type MakeTestViewer, testViewerRoute } from './testViewer.ts'

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
    readonly kind: 'signed in' | 'linked' | 'sign-in failed' | 'signed out'
    readonly caller?: Caller
    readonly path?: string | undefined
    /** Why it failed. */
    readonly why?: string
  },
) => void

type Choice = Awaited<ReturnType<Provider['choices']>>

/** The number of the issuer to sign in by; where there are several, and none was chosen, those. */
async function chosen(c: Context, provider: Provider): Promise<number | Choice> {
  const asked = c.req.query('with')
  if (asked !== undefined) return idIn(asked) ?? 0
  const choices = await provider.choices()
  return choices.length > 1 ? choices : 0
}

/** Asks by whom. */
function choice(c: Context, choices: Choice): Response {
  const { pathname, searchParams } = new URL(c.req.url)
  const ways = choices.map(({ id, name }) => ({
    address: `${pathname}?${new URLSearchParams({ ...Object.fromEntries(searchParams), with: String(id) })}`,
    words: name,
  }))
  return choicePage(
    'Sign in',
    'Choose the account you sign in with. Each counts as a different person until you link them on your page.',
    ways,
  )
}

/** What a sign-in is to link: an account of somebody who is signed in already. */
export interface Links {
  /** What the attempt notes; undefined: it is to link nothing. @throws where nobody is signed in, or nothing is there to link in. */
  readonly begin: (c: Context) => Promise<string | undefined>
  /** Links the account. @param noted - What the attempt noted. @throws what speaks against it. */
  readonly end: (c: Context, noted: string, caller: Caller) => Promise<void>
}

/** The attempts that this browser has begun, in a cookie of its own. */
const attemptsOf = (cookies: Cookies) => {
  const begun = (c: Context): string[] => (cookies.get(c, ATTEMPTS) ?? '').split('.').filter(Boolean)
  return {
    begin: (c: Context, state: string) =>
      cookies.set(c, ATTEMPTS, [...begun(c), state].slice(-MOST_ATTEMPTS).join('.'), ATTEMPT_SECONDS),
    /** @returns false: this browser did not begin it. */
    end(c: Context, state: string): boolean {
      const others = begun(c).filter((one) => one !== state)
      if (others.length === begun(c).length) return false
      if (others.length === 0) cookies.delete(c, ATTEMPTS)
      else cookies.set(c, ATTEMPTS, others.join('.'), ATTEMPT_SECONDS)
      return true
    },
  }
}

/** Notes why a sign-in failed, and has it fail. */
const noting =
  (c: Context, note: SignInNote) =>
  (fault: unknown): never => {
    if (fault instanceof SignInFault) note(c, { kind: 'sign-in failed', why: fault.reason, path: fault.returnTo })
    throw fault
  }

/** /auth: start a sign-in, come back from the provider, sign out here or everywhere. */
export function signInRoutes(
  provider: Provider,
  sessions: Sessions,
  links: Links,
  makeTestViewer: MakeTestViewer,
  note: SignInNote = () => {},
): Hono {
  const app = new Hono()
  const attempts = attemptsOf(sessions.cookies)
  app.get('/callback', async (c) => {
    const { search, searchParams } = new URL(c.req.url)
    const failed = noting(c, note)
    if (!attempts.end(c, searchParams.get('state') ?? ''))
      return failed(new SignInFault('sign_in_failed', 'this browser did not begin it, or no cookie came back'))
    const { scope, returnTo, linking, caller } = await provider.finish(search).catch(failed)
    if (linking === null) await sessions.begin(c, scope, caller)
    else await links.end(c, linking, caller)
    note(c, { kind: linking === null ? 'signed in' : 'linked', caller, path: returnTo })
    return c.redirect(returnTo)
  })
  app.get('/:scope/start', async (c) => {
    const scope = scopeOf(c)
    const returnTo = ownPath(c.req.query('return'), '/')
    const issuer = await chosen(c, provider)
    if (typeof issuer !== 'number') return choice(c, issuer)
    const linking = await links.begin(c)
    const { url, state } = await provider.start({ scope, returnTo, issuer, linking }).catch(noting(c, note))
    attempts.begin(c, state)
    return c.redirect(url.href)
  })
  signOutRoutes(app, sessions, note)
  testViewerRoute(app, sessions, makeTestViewer)
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
