import { RESPONSE_ALREADY_SENT } from '@hono/node-server/utils/response'
import { type Context, Hono, type MiddlewareHandler } from 'hono'
import { bodyLimit } from 'hono/body-limit'
import { secureHeaders } from 'hono/secure-headers'
import type { Logger } from 'pino'
import type { Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import type { EventDoor } from '../events/index.ts'
import { streamFacts } from '../feed/index.ts'
import { Problem, problem, problemResponse, type Route } from '../http/index.ts'
import type { Metrics } from '../metrics/index.ts'
import { screenOf } from '../screen/index.ts'
import { Provider, Sessions, signInRoutes } from '../sign-in/index.ts'
import { channelApi } from './channelApi.ts'
import { claimRoute } from './claimRoute.ts'
import { refuseUndeclared } from './declared.ts'
import type { Env } from './env.ts'
import { eventRoute } from './eventRoute.ts'
import { Limits } from './limits.ts'
import { openApi } from './openapi.ts'
import { type OperatorParts, operatorRoutes } from './operator.ts'
import { pages } from './pages.ts'

export interface AppOptions extends OperatorParts {
  readonly config: Config
  readonly channels: Channels
  readonly log: Logger
  readonly metrics: Metrics
  readonly routes: readonly Route[]
  readonly door: EventDoor
  /** Called when a channel has been made. */
  readonly onClaimed: () => void
}

const MAX_BODY_BYTES = 64 * 1024
/** A part of a file of people: a thousand lines of them. */
const MAX_FILE_PART_BYTES = 512 * 1024

/** The whole HTTP edge: sign-in, the channels' API, events, the live feeds, the web pages, and what watches them. */
export function createApp(options: AppOptions): Hono<Env> {
  const { config, channels, routes } = options
  const app = new Hono<Env>()
  const sessions = new Sessions(channels.pool, channels.clock, config.PUBLIC_URL.startsWith('https:'))
  const limits = new Limits(config)
  guard(app, options, limits)
  app.route('/', operatorRoutes(options))
  app.route('/auth', signInRoutes(new Provider(config, channels.pool, channels.clock), sessions))
  app.get('/api/openapi.json', (c) => c.json(openApi(routes, config.PUBLIC_URL)))
  app.post('/api/claim', claimRoute(options, sessions, limits))
  app.get('/api/overlays/:secret/feed', (c) => overlayFeed(c, options))
  app.post('/api/channels/:channel/events', eventRoute(options))
  app.route('/api/channels/:channel', channelApi(options, sessions, limits))
  app.route('/', pages(config, channels))
  refuseUndeclared(app, routes)
  return app
}

/** What stands before every route: errors as problems, safe headers, sizes, rates, and that a change comes from our own pages. */
function guard(app: Hono<Env>, { config, log, metrics }: AppOptions, limits: Limits): void {
  app.onError((fault) => {
    if (fault instanceof Problem) return problemResponse(fault)
    log.error({ err: fault }, 'request failed')
    return problemResponse(problem('internal'))
  })
  app.notFound(() => problemResponse(problem('not_found')))
  app.use(async (c, next) => {
    const end = metrics.requests.startTimer({ method: c.req.method })
    await next()
    end({ status: c.res.status })
  })
  app.use(headers(config))
  for (const path of ['/api/*', '/auth/*']) app.use(path, limits.perAddress)
  const [usual, large] = [MAX_BODY_BYTES, MAX_FILE_PART_BYTES].map((maxSize) =>
    bodyLimit({ maxSize, onError: () => problemResponse(problem('too_large')) }),
  ) as [MiddlewareHandler, MiddlewareHandler]
  app.use((c, next) => (c.req.path.endsWith('/desk/people/import') ? large : usual)(c, next))
  app.use(async function refuseNul(c, next) {
    // PostgreSQL keeps none in a text, so there can be nothing at such an address.
    if (/%00/.test(c.req.url)) throw problem('not_found')
    await next()
  })
  app.use(async function refuseOtherOrigins(c, next) {
    const origin = c.req.header('origin')
    const site = c.req.header('sec-fetch-site')
    const changes = c.req.method !== 'GET' && c.req.method !== 'HEAD'
    const elsewhere = (origin !== undefined && origin !== config.PUBLIC_URL) || site === 'cross-site'
    if (changes && elsewhere) throw problem('from_elsewhere')
    await next()
  })
}

function headers(config: Config) {
  const secure = config.PUBLIC_URL.startsWith('https:')
  return secureHeaders({
    contentSecurityPolicy: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      // React and Headless UI place elements with style attributes.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:'],
      objectSrc: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'self'", new URL(config.OIDC_ISSUER).origin],
      frameAncestors: [frameAncestors],
      ...(secure && { upgradeInsecureRequests: [] }),
    },
    xFrameOptions: false,
    strictTransportSecurity: secure ? 'max-age=31536000' : false,
    crossOriginResourcePolicy: false,
  })
}

// An overlay is made to be shown inside a streaming program's page; everything else is never framed.
const frameAncestors = (c: Context): string => (c.req.path.startsWith('/overlay/') ? '*' : "'none'")

async function overlayFeed(c: Context<Env>, { channels, metrics }: AppOptions): Promise<Response> {
  const overlay = await screenOf(channels.pool, c.req.param('secret') ?? '')
  if (overlay === undefined) throw problem('not_found')
  const { incoming, outgoing } = c.env
  metrics.feeds.inc()
  outgoing.on('close', () => metrics.feeds.dec())
  await streamFacts({
    feed: channels.feed,
    channel: overlay.channel,
    now: channels.clock(),
    wants: (fact) => fact.audience === 'overlay' || fact.audience === 'everyone' || fact.kind === 'screen.renewed',
    incoming,
    outgoing,
    onAlive: () => void overlay.seen(channels.clock()).catch(() => {}),
  })
  outgoing.on('close', () => void overlay.seen(0).catch(() => {}))
  return RESPONSE_ALREADY_SENT
}
