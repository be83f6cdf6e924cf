import { RESPONSE_ALREADY_SENT } from '@hono/node-server/utils/response'
import { type Context, Hono } from 'hono'
import type { Fact } from '#core/world'
import type { ChannelHead, Channels } from '../channels.ts'
import { streamFacts } from '../feed/index.ts'
import { type Allowed, bodyCheck, type Caller, problem, type Route } from '../http/index.ts'
import type { Metrics } from '../metrics/index.ts'
import { viewerIdOf } from '../people/index.ts'
import type { Sessions } from '../sign-in/index.ts'
import type { Env } from './env.ts'
import { jsonOf } from './jsonOf.ts'
import type { Limits } from './limits.ts'

interface ApiParts {
  readonly channels: Channels
  readonly routes: readonly Route[]
  readonly metrics: Metrics
}

const NOBODY: Caller = { account: '', name: '' }

/** A channel's API: every route of the features, each behind its declaration of who may call it, and the live feeds. */
export function channelApi({ channels, routes, metrics }: ApiParts, sessions: Sessions, limits: Limits): Hono<Env> {
  const app = new Hono<Env>()
  const channelOf = async (c: Context): Promise<ChannelHead> => {
    const channel = await channels.find(c.req.param('channel') ?? '')
    if (channel === undefined) throw problem('channel_not_found')
    return channel
  }
  const callerOf = async (c: Context, channel: ChannelHead, allowed: Allowed): Promise<Caller> => {
    const caller = await sessions.find(c, allowed === 'streamer' ? 'desk' : 'viewer')
    if (allowed === 'anyone') return caller ?? NOBODY
    if (caller === undefined) throw problem('not_signed_in')
    if (allowed === 'streamer' && caller.account !== channel.owner) throw problem('not_allowed')
    return caller
  }
  for (const route of routes) {
    const check = route.body === undefined ? undefined : bodyCheck(route.body)
    app.on(route.method, route.path, async (c) => {
      const channel = await channelOf(c)
      const caller = await callerOf(c, channel, route.allowed)
      const key = route.method === 'get' ? '' : keyOf(c, caller)
      if (route.method !== 'get') await limits.change(caller.account || 'nobody')
      const body = check === undefined ? undefined : await readBody(c, check)
      const param = (name: string) => c.req.param(name) ?? ''
      const query = (name: string) => c.req.query(name)
      const bytes = async () => Buffer.from(await c.req.arrayBuffer())
      const answer = await route.handle({ channel, caller, body, param, query, key, bytes })
      return answer instanceof Response ? answer : c.json(answer)
    })
  }
  app.get('/desk/feed', async (c) => {
    const channel = await channelOf(c)
    await callerOf(c, channel, 'streamer')
    return stream(c, { channels, metrics }, channel, () => true)
  })
  app.get('/feed', async (c) => {
    const channel = await channelOf(c)
    const caller = await callerOf(c, channel, 'anyone')
    const viewer = caller === NOBODY ? undefined : await viewerIdOf(channels.pool, channel.id, caller.account)
    return stream(
      c,
      { channels, metrics },
      channel,
      ({ audience }) => audience === 'everyone' || audience === `viewer:${viewer}`,
    )
  })
  return app
}

function keyOf(c: Context, caller: Caller): string {
  const given = c.req.header('idempotency-key') ?? ''
  if (!/^[A-Za-z0-9-]{8,100}$/.test(given)) throw problem('key_missing')
  return `http/${caller.account}/${c.req.method} ${new URL(c.req.url).pathname}/${given}`
}

async function readBody(c: Context, check: (body: unknown) => void): Promise<unknown> {
  const body = await jsonOf(c)
  check(body)
  return body
}

async function stream(
  c: Context<Env>,
  { channels, metrics }: Pick<ApiParts, 'channels' | 'metrics'>,
  channel: ChannelHead,
  wants: (fact: Fact) => boolean,
): Promise<Response> {
  const { incoming, outgoing } = c.env
  metrics.feeds.inc()
  outgoing.on('close', () => metrics.feeds.dec())
  await streamFacts({ feed: channels.feed, channel: channel.id, wants, now: channels.clock(), incoming, outgoing })
  return RESPONSE_ALREADY_SENT
}
