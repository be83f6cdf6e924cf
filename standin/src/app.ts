import type { HttpBindings } from '@hono/node-server'
import { serveStatic } from '@hono/node-server/serve-static'
import { RESPONSE_ALREADY_SENT } from '@hono/node-server/utils/response'
import { Hono } from 'hono'
import type { Provider } from 'oidc-provider'
import { chatRoutes } from './chatRoutes.ts'
import { type EventSender, type Happening, KINDS, WAYS, type Way } from './events.ts'
import { hookRoutes } from './hooks.ts'
import { CROWD, GARDENER, HOST, STREAMER } from './people.ts'
import type { Players } from './players.ts'
import type { NativePoints } from './points.ts'
import { whoPage } from './whoPage.ts'

export interface StandinAppOptions {
  /** The rooms, each with who is played in it; the first is the one that the page opens with. */
  readonly places: readonly Players[]
  readonly identity: Provider
  readonly pageFolder: string
  /** Address of a page to show over the stand-in's picture, as a streaming program would. */
  readonly source: string
  readonly sender: EventSender
  readonly points: NativePoints
}

const NAME = /^[A-Za-z_][A-Za-z0-9_-]{0,29}$/

type App = Hono<{ Bindings: HttpBindings }>

/** The stand-in's pages: the stream with its chat, where anyone can be played, and the sign-in's question. */
export function standinApp(options: StandinAppOptions): App {
  const app: App = new Hono()
  const rooms = options.places.map(({ room }) => room)
  chatRoutes(app, rooms, options.source)
  sayRoutes(app, options)
  whoRoutes(app, options.identity)
  eventRoutes(app, options.sender)
  pointRoutes(app, options.points)
  hookRoutes(app)
  app.get('/', serveStatic({ root: options.pageFolder, path: 'index.html' }))
  app.get('/assets/*', serveStatic({ root: options.pageFolder }))
  app.get('/fonts/*', serveStatic({ root: options.pageFolder }))
  return app
}

interface Saying {
  readonly as: string
  readonly text: string
  readonly privately: boolean
  readonly room: string
}

function sayRoutes(app: App, { places }: Pick<StandinAppOptions, 'places'>): void {
  const placeOf = (name: unknown) => places.find(({ room }) => room.name === name) ?? places[0]
  app.post('/api/say', async (c) => {
    const { as, text, privately, room } = await c.req.json<Partial<Saying>>()
    if (typeof as !== 'string' || !NAME.test(as))
      return c.json({ problem: 'A name has letters, digits, _ and -, 30 at most.' }, 422)
    if (typeof text !== 'string' || text.trim() === '') return c.json({ problem: 'Type something to say.' }, 422)
    const line = text.replace(/[\r\n\0]+/g, ' ').slice(0, 400)
    if (!placeOf(room)?.say(as, line, privately === true))
      return c.json({ problem: `${as} is connected by a chat program.` }, 409)
    return c.json({})
  })
  app.post('/api/leave', async (c) => {
    const { as, room } = await c.req.json<{ as?: string; room?: string }>()
    placeOf(room)?.leave(String(as))
    return c.json({})
  })
}

/** Who tips does so through a service that knows no chat names: theirs may have spaces in it. */
const TIPPER = /^\S[^\u0000-\u001f\u007f]{0,60}$/

function eventRoutes(app: App, sender: EventSender): void {
  app.post('/api/event', async (c) => {
    const { kind, name, count, text, way } = await c.req.json<Happening & { way: Way }>()
    if (
      !KINDS.includes(kind) ||
      !WAYS.includes(way) ||
      !(kind === 'tip' ? TIPPER : NAME).test(name) ||
      !Number.isSafeInteger(count)
    )
      return c.json({ answer: 'Choose what happens, by whom, and how many.' }, 422)
    if (!sender.ready) return c.json({ answer: 'Nobody listens: no address or secret is set.' }, 409)
    const sent = await sender.send({ kind, name, count, text }, way).catch(() => undefined)
    return c.json({ answer: sent ? `${sent.status}: ${sent.answer}` : 'The receiver does not answer.' })
  })
}

function pointRoutes(app: App, points: NativePoints): void {
  app.get('/api/points', (c) => {
    const as = c.req.query('as') ?? ''
    return c.json({ points: points.pointsOf(as), rewards: points.rewards, spent: points.ofViewer(as) })
  })
  app.post('/api/points', async (c) => {
    const { as, reward, text } = await c.req.json<{ as?: string; reward?: string; text?: string }>()
    if (typeof as !== 'string' || !NAME.test(as))
      return c.json({ problem: 'A name has letters, digits, _ and -, 30 at most.' }, 422)
    if (!points.sender.ready) return c.json({ problem: 'Nobody listens: no address or secret is set.' }, 409)
    const problem = await points.redeem(as, String(reward), String(text ?? '').slice(0, 200)).catch(() => undefined)
    return problem === undefined ? c.json({}) : c.json({ problem }, 409)
  })
  app.post('/api/rewards', async (c) => {
    const body = await c.req.text()
    if (!points.sender.verifies(body, c.req.header())) return c.json({ problem: 'Not signed with our secret.' }, 401)
    const { type, data = {} } = JSON.parse(body) as { type?: string; data?: Record<string, never> }
    if (type === 'ricompensa.reward.removed') {
      const problem = points.remove(String(data.reward))
      return problem === undefined ? c.json({}) : c.json({ problem }, 409)
    }
    const made = points.set(data)
    if (typeof made === 'string') return c.json({ problem: made }, 409)
    const { icon: _, ...reward } = made
    return c.json({ reward })
  })
  /** What the other side decided: a signed CloudEvent. */
  app.post('/api/redemptions', async (c) => {
    const body = await c.req.text()
    if (!points.sender.verifies(body, c.req.header())) return c.json({ problem: 'Not signed with our secret.' }, 401)
    const event = JSON.parse(body) as { type?: string; data?: { redemption?: string; why?: string } }
    const status = event.type === 'ricompensa.redemption.approved' ? 'approved' : 'refused'
    const known = points.decided(String(event.data?.redemption), status, String(event.data?.why ?? ''))
    // What is not known here can never be: told once is enough.
    return c.json({ known })
  })
}

const FIRST = { 'the streamer': STREAMER, 'the gardener': GARDENER, 'who runs the server': HOST }

function whoRoutes(app: App, identity: Provider): void {
  app.get('/who/:uid', (c) => c.html(whoPage(c.req.param('uid'), FIRST, CROWD)))
  app.post('/who/:uid', async (c) => {
    const name = String((await c.req.parseBody()).name ?? '')
    if (!NAME.test(name)) return c.html(whoPage(c.req.param('uid'), FIRST, CROWD, 'Use letters, digits, _ and -.'), 422)
    const result = { login: { accountId: name.toLowerCase() } }
    await identity.interactionFinished(c.env.incoming, c.env.outgoing, result, { mergeWithLastSubmission: false })
    return RESPONSE_ALREADY_SENT
  })
}
