import { RESPONSE_ALREADY_SENT } from '@hono/node-server/utils/response'
import { type Context, Hono, type MiddlewareHandler } from 'hono'
import { bodyLimit } from 'hono/body-limit'
import { secureHeaders } from 'hono/secure-headers'
import type { Logger } from 'pino'
import type { Fact } from '#core/world'
import type { Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import type { EventDoor } from '../events/index.ts'
import { streamFacts } from '../feed/index.ts'
import { Problem, problem, problemResponse, type Route } from '../http/index.ts'
import { MOST_BYTES, serveMedia, tooLargeSentence } from '../library/index.ts'
import type { Metrics } from '../metrics/index.ts'
import { overlayView } from '../overlay/index.ts'
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
  app.get('/api/overlays/:secret/page', (c) => overlayPage(c, options))
  app.get('/media/:channel/:file', serveMedia(channels))
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
  for (const path of ['/api/*', '/auth/*', '/c/*/preview.png']) app.use(path, limits.perAddress)
  app.use(sizes())
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

/** How large a request may be, by where it goes. A file that is too large is told its size. */
function sizes(): MiddlewareHandler {
  const atMost = (maxSize: number, sentence: (bytes: number) => string | undefined = () => undefined) =>
    bodyLimit({
      maxSize,
      onError: (c) => problemResponse(problem('too_large', sentence(Number(c.req.header('content-length') ?? 0)))),
    })
  const [usual, part, file] = [
    atMost(MAX_BODY_BYTES),
    atMost(MAX_FILE_PART_BYTES),
    atMost(MOST_BYTES, tooLargeSentence),
  ]
  return function sizes(c, next) {
    const { path } = c.req
    if (path.endsWith('/desk/media')) return file(c, next)
    return (/\/desk\/(people\/import|rewards\/\d+\/codes)$/.test(path) ? part : usual)(c, next)
  }
}

function headers(config: Config) {
  const secure = config.PUBLIC_URL.startsWith('https:')
  return secureHeaders({
    contentSecurityPolicy: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      // React and Headless UI place elements with style attributes.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      // What is chosen from disk is looked at before it is sent.
      mediaSrc: ["'self'", 'blob:'],
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

/** A page that was closed counts as gone at once: its last sign of life is put back by as much as it counts. */
const CLOSED_SECONDS = 60

/** What an overlay's pieces show: alerts, orders, and what is said in the room. */
const onOverlays = ({ audience, kind, body }: Fact): boolean =>
  audience === 'overlay' ||
  audience === 'everyone' ||
  kind === 'screen.renewed' ||
  kind === 'order.placed' ||
  kind === 'chat.said' ||
  (kind === 'chat.replied' && body.to === null)

async function overlayPage(c: Context<Env>, { channels }: AppOptions): Promise<Response> {
  const overlay = await screenOf(channels.pool, c.req.param('secret') ?? '')
  if (overlay === undefined) throw problem('not_found')
  return c.json(await overlayView(channels, overlay.channel, overlay.id))
}

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
    wants: onOverlays,
    incoming,
    outgoing,
    onAlive: () => void overlay.seen(channels.clock()).catch(() => {}),
  })
  outgoing.on('close', () => void overlay.seen(channels.clock() - CLOSED_SECONDS).catch(() => {}))
  return RESPONSE_ALREADY_SENT
}
