import { type Context, Hono } from 'hono'
import type { Fact } from '#core/world'
import type { ChannelHead } from '../channels.ts'
import { bodyCheck, type Call, type Caller, Problem, problem, type Route, readAsked } from '../http/index.ts'
import { viewerIdOf } from '../people/index.ts'
import { keyWithBody } from '../writer/index.ts'
import { answerCheck } from './answerCheck.ts'
import { bytesOf, USUAL_BYTES } from './body.ts'
import { callerOf, mayStayAtDesk, NOBODY, note } from './caller.ts'
import type { Env } from './env.ts'
import { maySee } from './factAreas.ts'
import { openFeed } from './feeds.ts'
import { jsonOf } from './jsonOf.ts'
import type { Edge } from './parts.ts'
import { refuseTokenInAddress } from './tokenCaller.ts'

/** So long (seconds) a sign-in counts as made just now, for what cannot be had back. */
const FRESH_SECONDS = 600

const PAUSED = 'This channel is paused. What you have is kept; come back later.'

type Check = (body: unknown) => void

/** A route with the checks of what comes in and, where that is asked for, of what goes out. */
interface Served {
  readonly route: Route
  readonly check: Check | undefined
  readonly fits: ReturnType<typeof answerCheck> | undefined
}

/**
 * A channel's API: every route of the features behind its declaration, and the live feeds. Who calls is known, may do it
 * and has not done it too often before anything of the body is read.
 */
export function channelApi(edge: Edge): Hono<Env> {
  const app = new Hono<Env>()
  for (const route of edge.routes) {
    const check = route.body === undefined ? undefined : bodyCheck(route.body)
    const fits = edge.config.CHECK_ANSWERS === 'yes' ? answerCheck(route) : undefined
    app.on(route.method, route.path, async (c) => answer(c, edge, { route, check, fits }))
  }
  app.get('/desk/feed', async (c) => {
    const channel = await openChannelOf(c, edge)
    await refuseTokenInAddress(c, edge, channel)
    const { caller, rights } = await callerOf(c, edge, channel, 'team')
    const { session, account } = caller
    const stillAllowed = () => mayStayAtDesk(edge, channel, session, account)
    const wants = (fact: Fact) => maySee(rights, fact)
    return openFeed(c, edge, { of: { channel: channel.id, session, account }, wants, replays: true, stillAllowed })
  })
  app.get('/feed', async (c) => {
    const channel = await openChannelOf(c, edge)
    const { caller } = await callerOf(c, edge, channel, 'anyone')
    const { session, account } = caller
    const viewer = caller === NOBODY ? undefined : await viewerIdOf(edge.channels.pool, channel.id, account)
    return openFeed(c, edge, {
      of: { channel: channel.id, session },
      wants: ({ audience }) => audience === 'everyone' || audience === `viewer:${viewer}`,
      replays: session !== undefined,
      ...(session !== undefined && { stillAllowed: () => edge.sessions.goesOn(session, 'viewer') }),
    })
  })
  return app
}

/** The channel whose feed is asked for. @throws `channel_closed` */
async function openChannelOf(c: Context, edge: Edge): Promise<ChannelHead> {
  const channel = await channelOf(c, edge)
  if (channel.closedAt !== null) throw problem('channel_closed')
  return channel
}

async function channelOf(c: Context, { channels }: Edge): Promise<ChannelHead> {
  const channel = await channels.find(c.req.param('channel') ?? '')
  if (channel === undefined) throw problem('channel_not_found')
  return channel
}

/** Answers a call of a route: who, how often, what they send, then what the route does. */
async function answer(c: Context<Env>, edge: Edge, { route, check, fits }: Served): Promise<Response> {
  const channel = await channelOf(c, edge)
  await refuseTokenInAddress(c, edge, channel)
  const { caller, owner, rights } = await callerOf(c, edge, channel, route.allowed)
  refuseResting(channel, route)
  refuseStale(edge, route, caller)
  const plainKey = route.method === 'get' ? '' : keyOf(c, caller)
  if (route.method !== 'get') await edge.limits.change(caller.account || 'nobody')
  const body = check === undefined ? undefined : await checkedBody(c, route, check)
  const key = check === undefined ? plainKey : keyWithBody(plainKey, body)
  // Intents carry the caller: their session is none of the rules' business.
  const { account, name } = caller
  const by = { caller: { account, name }, doer: { account, owner }, rights }
  const answered = await route.handle({ channel, ...by, body, key, ...asked(c, route) })
  await fits?.(answered)
  const isLogged = route.method !== 'get' && !route.unlogged
  if (route.allowed !== 'anyone' && route.allowed !== 'viewer' && isLogged)
    note(c, edge, channel, caller, route.secret ? 'secret' : 'desk', route.does)
  return answered instanceof Response ? answered : c.json(answered)
}

/** What an address asks with, and the body as it came where a route takes it so. */
function asked(
  c: Context<Env>,
  { asks = {}, largest = USUAL_BYTES, tooLarge }: Route,
): Omit<Call<unknown>, 'channel' | 'caller' | 'doer' | 'rights' | 'body' | 'key'> {
  return {
    asked: readAsked(asks, new URL(c.req.url).searchParams),
    param: (name) => c.req.param(name) ?? '',
    bytes: () => bytesOf(c, largest, tooLarge),
    header: (name) => c.req.header(name),
  }
}

/** What is closed answers to those who may take it back; what is paused is looked at, and not bought or played in. */
function refuseResting({ closedAt, pausedBy }: ChannelHead, { allowed, method, whenClosed, whenPaused }: Route): void {
  if (closedAt !== null && !whenClosed) throw problem('channel_closed')
  if (pausedBy !== null && allowed === 'viewer' && method !== 'get' && !whenPaused)
    throw new Problem('channel_paused', PAUSED)
}

/** What cannot be had back asks for a sign-in of the last minutes: a desk that was left open is not enough. */
function refuseStale({ channels }: Edge, { fresh }: Route, { signedInAt = 0 }: Caller): void {
  if (!fresh || channels.clock() - signedInAt <= FRESH_SECONDS) return
  throw problem('sign_in_again')
}

function keyOf(c: Context, caller: Caller): string {
  const given = c.req.header('idempotency-key') ?? ''
  if (!/^[A-Za-z0-9-]{8,100}$/.test(given)) throw problem('key_missing')
  return `http/${encodeURIComponent(caller.account)}/${c.req.method} ${new URL(c.req.url).pathname}/${given}`
}

async function checkedBody(c: Context, { largest }: Route, check: Check): Promise<unknown> {
  const body = await jsonOf(c, largest)
  check(body)
  return body
}
