import { RESPONSE_ALREADY_SENT } from '@hono/node-server/utils/response'
import type { Context } from 'hono'
import type { Fact } from '#core/world'
import type { Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import { type FeedOf, type StreamOptions, streamFacts } from '../feed/index.ts'
import { figure, problem, readAsked } from '../http/index.ts'
import type { Metrics } from '../metrics/index.ts'
import { OverlayPage, overlayView } from '../overlay/index.ts'
import { screenOf } from '../screen/index.ts'
import { checkOf } from './answerCheck.ts'
import type { Env } from './env.ts'
import { feedHeaders } from './headers.ts'
import type { Limits } from './limits.ts'

export interface FeedParts {
  readonly config: Config
  readonly channels: Channels
  readonly metrics: Metrics
  readonly limits: Limits
}

interface Opening extends Pick<StreamOptions, 'wants' | 'replays' | 'endsWith' | 'onAlive'> {
  readonly of: Omit<FeedOf, 'from'>
  readonly stillAllowed?: () => Promise<boolean>
}

/** For browsers that begin where their page was read: only an event source that comes back sends Last-Event-ID by itself. */
export const FEED_ASKS = {
  after: figure('The number of the last fact that was seen, where no Last-Event-ID tells it.'),
}

/** Opens a live feed, counted and known, so that it can be closed. @throws `too_many_feeds` */
export async function openFeed(c: Context<Env>, parts: FeedParts, { of, stillAllowed, ...stream }: Opening) {
  const { channels, metrics, limits, config } = parts
  const { incoming, outgoing } = c.env
  readAsked(FEED_ASKS, new URL(c.req.url).searchParams)
  const from = limits.from(c)
  const gone = channels.feed.live.add({ ...of, from }, () => outgoing.end(), stillAllowed)
  if (gone === undefined) throw problem('too_many_feeds')
  metrics.feeds.inc()
  outgoing.on('close', () => {
    gone()
    metrics.feeds.dec()
  })
  await streamFacts({
    ...stream,
    feed: channels.feed,
    channel: of.channel,
    now: channels.clock(),
    headers: feedHeaders(config),
    incoming,
    outgoing,
  })
  return RESPONSE_ALREADY_SENT
}

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

const pageFits = checkOf('GET /api/overlays/:secret/page', OverlayPage)

/** The overlay of an address, while its channel is open. */
async function openOverlay(channels: Channels, secret: string) {
  const overlay = await screenOf(channels.pool, secret)
  const head = overlay && (await channels.head(overlay.channel))
  return head?.closedAt === null ? overlay : undefined
}

/** `GET /api/overlays/<secret>/page`: what an overlay's page shows. */
export async function overlayPage(c: Context<Env>, { channels, config }: FeedParts): Promise<Response> {
  const overlay = await openOverlay(channels, c.req.param('secret') ?? '')
  if (overlay === undefined) throw problem('not_found')
  const view = await overlayView(channels, overlay.channel, overlay.id)
  if (config.CHECK_ANSWERS === 'yes') await pageFits(view)
  return c.json(view)
}

/** `GET /api/overlays/<secret>/feed`: ends once the overlay has another address, or is gone. */
export async function overlayFeed(c: Context<Env>, parts: FeedParts): Promise<Response> {
  const { channels } = parts
  const secret = c.req.param('secret') ?? ''
  const overlay = await openOverlay(channels, secret)
  if (overlay === undefined) throw problem('not_found')
  const sent = await openFeed(c, parts, {
    of: { channel: overlay.channel },
    wants: onOverlays,
    replays: true,
    endsWith: ({ kind, body }) => kind === 'screen.renewed' && body.overlay === overlay.id,
    onAlive: () => void overlay.seen(channels.clock()).catch(() => {}),
    stillAllowed: async () => (await openOverlay(channels, secret)) !== undefined,
  })
  c.env.outgoing.on('close', () => void overlay.seen(channels.clock() - CLOSED_SECONDS).catch(() => {}))
  return sent
}
