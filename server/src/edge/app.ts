import { RESPONSE_ALREADY_SENT } from '@hono/node-server/utils/response'
import { type Context, Hono } from 'hono'
import { bodyLimit } from 'hono/body-limit'
import { secureHeaders } from 'hono/secure-headers'
import type { Logger } from 'pino'
import type { Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import { streamFacts } from '../feed/index.ts'
import { Problem, problem, problemResponse, type Route } from '../http/index.ts'
import { screenOf } from '../screen/index.ts'
import { Provider, Sessions, signInRoutes } from '../sign-in/index.ts'
import { channelApi } from './channelApi.ts'
import type { Env } from './env.ts'
import { pages } from './pages.ts'

export interface AppOptions {
  readonly config: Config
  readonly channels: Channels
  readonly log: Logger
  readonly routes: readonly Route[]
}

const MAX_BODY_BYTES = 64 * 1024

/** The whole HTTP edge: sign-in, the channels' API, the live feed, and the web pages. */
export function createApp({ config, channels, log, routes }: AppOptions): Hono<Env> {
  const app = new Hono<Env>()
  const sessions = new Sessions(channels.pool, channels.clock, config.PUBLIC_URL.startsWith('https:'))
  app.onError((fault) => {
    if (fault instanceof Problem) return problemResponse(fault)
    log.error({ err: fault }, 'request failed')
    return problemResponse(problem('internal'))
  })
  app.notFound(() => problemResponse(problem('not_found')))
  app.use(headers(config))
  app.use(bodyLimit({ maxSize: MAX_BODY_BYTES, onError: () => problemResponse(problem('too_large')) }))
  app.use(async function refuseOtherOrigins(c, next) {
    const origin = c.req.header('origin')
    const changes = c.req.method !== 'GET' && c.req.method !== 'HEAD'
    if (changes && origin !== undefined && origin !== config.PUBLIC_URL) throw problem('from_elsewhere')
    await next()
  })
  app.get('/healthz', (c) => c.json({ status: 'up' }))
  app.route('/auth', signInRoutes(new Provider(config, channels.pool, channels.clock), sessions))
  app.get('/api/overlays/:secret/feed', (c) => overlayFeed(c, channels))
  app.route('/api/channels/:channel', channelApi(channels, sessions, routes))
  app.route('/', pages(config, channels))
  return app
}

function headers(config: Config) {
  return secureHeaders({
    contentSecurityPolicy: {
      defaultSrc: ["'self'"],
      // React and Headless UI place elements with style attributes.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:'],
      objectSrc: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'self'", new URL(config.OIDC_ISSUER).origin],
      frameAncestors: [frameAncestors],
    },
    xFrameOptions: false,
    strictTransportSecurity: config.PUBLIC_URL.startsWith('https:') ? 'max-age=31536000' : false,
    crossOriginResourcePolicy: false,
  })
}

// An overlay is made to be shown inside a streaming program's page; everything else is never framed.
const frameAncestors = (c: Context): string => (c.req.path.startsWith('/overlay/') ? '*' : "'none'")

async function overlayFeed(c: Context<Env>, channels: Channels): Promise<Response> {
  const overlay = await screenOf(channels.pool, c.req.param('secret') ?? '')
  if (overlay === undefined) throw problem('not_found')
  const { incoming, outgoing } = c.env
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
