import { type Context, Hono } from 'hono'
import { Problem, problem, problemPage, problemResponse, type WayOn, wantsPage } from '../http/index.ts'
import { serveMedia } from '../library/index.ts'
import { linksBy } from '../people/index.ts'
import { Sessions, SignInFault, type SignInNote, signInRoutes } from '../sign-in/index.ts'
import { testViewerBy } from '../starter/index.ts'
import { bugSentence, IntentBug, KeyUsed, WriterBusy } from '../writer/index.ts'
import { addressOf } from './address.ts'
import { channelApi } from './channelApi.ts'
import { Declarations } from './declared.ts'
import type { Env } from './env.ts'
import { eventRoute } from './eventRoute.ts'
import { overlayFeed, overlayPage } from './feeds.ts'
import { gate } from './gate.ts'
import { headers } from './headers.ts'
import { installationApi } from './installationApi.ts'
import { Limits } from './limits.ts'
import { openApi } from './openapi/document.ts'
import { operatorRoutes } from './operator.ts'
import { pages } from './pages.ts'
import type { AppOptions, Edge } from './parts.ts'

const RETRY_SECONDS = '2'

/** The whole HTTP edge: sign-in, the channels' API, events, the live feeds, the web pages, and what watches them. */
export function createApp(options: AppOptions): Hono<Env> {
  const { config, channels, routes } = options
  const app = new Hono<Env>()
  const sessions = new Sessions(channels.pool, channels.clock, config.PUBLIC_URL.startsWith('https:'))
  const limits = new Limits(config, channels.pool, options.front)
  const edge: Edge = { ...options, sessions, limits }
  const declarations = new Declarations(routes, options.installation)
  answerFaults(app, options)
  app.use(headers(config))
  app.use(gate(declarations, limits, options.front, config.PUBLIC_URL))
  app.route('/', operatorRoutes(options))
  app.route(
    '/auth',
    signInRoutes(options.provider, sessions, linksBy(channels, sessions), testViewerBy(channels), noteSignIn(edge)),
  )
  app.get('/api/openapi.json', (c) =>
    c.json(openApi(routes, options.installation, config.PUBLIC_URL, sessions.cookies)),
  )
  app.route('/', installationApi(edge))
  app.get('/api/overlays/:secret/feed', (c) => overlayFeed(c, edge))
  app.get('/api/overlays/:secret/page', (c) => overlayPage(c, edge))
  app.get('/media/:channel/:file', serveMedia(channels))
  app.post('/api/channels/:channel/events', eventRoute(options))
  app.route('/api/channels/:channel', channelApi(edge))
  app.route('/', pages(config, channels))
  declarations.refuseUndeclared(app)
  return app
}

/** Errors as problems, a page of each for a browser, and how long requests take. */
function answerFaults(app: Hono<Env>, { log, metrics }: AppOptions): void {
  app.onError((fault, c) => {
    const { problem: told, headers: extra } = problemOf(fault, log)
    if (!wantsPage(c.req.header('accept'))) return problemResponse(told, extra)
    return problemPage(told, { ...extra, vary: 'accept' }, againAt(fault))
  })
  app.notFound((c) => {
    const allowed = methodsOf(app, c.req.path)
    const answer = wantsPage(c.req.header('accept')) ? problemPage : problemResponse
    if (allowed.length === 0) return answer(problem('not_found'))
    return answer(problem('method_unknown'), { allow: allowed.join(', ') })
  })
  app.use(async (c, next) => {
    const end = metrics.requests.startTimer({ method: c.req.method })
    await next()
    end({ status: c.res.status })
  })
}

const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE']

/** The methods for which there is a route at a path. What catches every address, and every method, is none. */
function methodsOf(app: Hono<Env>, path: string): string[] {
  const isRoute = ({ method, path: pattern }: { method: string; path: string }) => method !== 'ALL' && pattern !== '/*'
  const found = METHODS.filter((method) => app.router.match(method, path)[0].some(([[, route]]) => isRoute(route)))
  return found.includes('GET') ? ['HEAD', ...found] : found
}

function problemOf(fault: unknown, log: AppOptions['log']): { problem: Problem; headers?: Record<string, string> } {
  if (fault instanceof Problem) return { problem: fault }
  if (fault instanceof WriterBusy) return { problem: problem('busy'), headers: { 'retry-after': RETRY_SECONDS } }
  if (fault instanceof KeyUsed) return { problem: problem('key_used') }
  // The writer has logged it already, once.
  if (fault instanceof IntentBug) return { problem: problem('internal', bugSentence(fault.id)) }
  log.error({ err: fault }, 'request failed')
  return { problem: problem('internal') }
}

/** A sign-in is tried again where it began. */
const againAt = (fault: unknown): WayOn | undefined =>
  fault instanceof SignInFault ? { address: fault.returnTo ?? '/', words: 'Try again' } : undefined

const DID = {
  'signed in': { kind: 'sign-in', what: 'Signed in' },
  linked: { kind: 'sign-in', what: 'Linked another account of theirs' },
  'sign-in failed': { kind: 'refused', what: 'A sign-in failed' },
  'signed out': { kind: 'sign-in', what: 'Signed out' },
} as const

/** Notes sign-ins with the channel whose page they came from. */
function noteSignIn({ channels, security, config }: Edge): SignInNote {
  return (c: Context, { kind, caller, path, why }) => {
    const [, slug = ''] = /^\/(?:desk|c)\/([^/?]+)/.exec(path ?? '') ?? []
    const { account = '', name = '' } = caller ?? {}
    const from = addressOf(c, Number(config.TRUSTED_PROXIES))
    void channels.find(slug).then(
      (channel) => {
        const what = why === undefined ? DID[kind].what : `${DID[kind].what}: ${why}`
        security.note({ kind: DID[kind].kind, what, channel: channel?.id ?? null, account, name, from })
      },
      () => {},
    )
  }
}
