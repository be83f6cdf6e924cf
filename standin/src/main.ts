import { createServer } from 'node:http'
import { getRequestListener } from '@hono/node-server'
import { standinApp } from './app.ts'
import { Crowd } from './crowd.ts'
import { EventSender } from './events.ts'
import { createIdentity } from './identity.ts'
import { startIrc } from './irc/server.ts'
import { CROWD, GARDEN_CROWD, GARDEN_LINES, GARDENER, HOST, STREAMER } from './people.ts'
import { Players } from './players.ts'
import { NativePoints } from './points.ts'
import { ChatRoom } from './room.ts'

const env = (name: string, fallback: string) => process.env[name] || fallback

const OWN_PATHS = /^\/(?:$|\?|api\/|assets\/|fonts\/|who\/)/

/** Who chats, and now and then follows or spends the platform's own points, as long as somebody listens. */
const crowdIn = (room: ChatRoom, sender: EventSender, points: NativePoints): Crowd =>
  new Crowd({
    redeems: (name, roll) => {
      const reward = points.rewards[Math.floor(roll * points.rewards.length)]
      if (sender.ready && reward !== undefined) void points.redeem(name, reward.id, '').catch(() => {})
    },
    happens: (kind, name, count) => {
      if (sender.ready) void sender.send({ kind, name, count, text: '' }).catch(() => {})
    },
    room,
    people: CROWD,
    seed: Number(env('STANDIN_SEED', '7')),
    paceMs: Number(env('STANDIN_PACE_MS', '1800')),
    commands: env('STANDIN_COMMANDS', '!rivets').split('|'),
  })

/** The few who meet in the second room. */
const gardenCrowd = (room: ChatRoom): Crowd =>
  new Crowd({
    room,
    people: GARDEN_CROWD,
    lines: GARDEN_LINES,
    seed: 3 + Number(env('STANDIN_SEED', '7')),
    paceMs: 3 * Number(env('STANDIN_PACE_MS', '1800')),
    commands: env('STANDIN_GARDEN_COMMANDS', '!acorns').split('|'),
  })

const EVERYBODY = new Map([STREAMER, GARDENER, HOST, ...GARDEN_CROWD, ...CROWD].map((one) => [one.account, one]))
const isOperator = (account: string) => EVERYBODY.get(account)?.operator ?? false

const identityAt = (issuer: string) =>
  createIdentity(
    {
      issuer,
      clientId: env('STANDIN_CLIENT_ID', 'ricompensa'),
      clientSecret: env('STANDIN_CLIENT_SECRET', 'stand-in-only'),
      redirectUri: env('STANDIN_REDIRECT_URI', 'http://127.0.0.1:4000/auth/callback'),
    },
    (account) => EVERYBODY.get(account)?.name ?? account,
  )

/** The rooms with their crowds: the workshop's, and the garden's, if there is a second. */
function crowdsIn(names: readonly string[], sender: EventSender, points: NativePoints): Crowd[] {
  const [first, second] = names.map((name) => new ChatRoom(name))
  if (first === undefined) throw new Error('STANDIN_ROOMS names no room.')
  return [crowdIn(first, sender, points), ...(second ? [gardenCrowd(second)] : [])]
}

async function main(): Promise<void> {
  const port = Number(env('STANDIN_PORT', '4100'))
  const issuer = env('STANDIN_URL', `http://127.0.0.1:${port}`)
  const sender = new EventSender(env('STANDIN_EVENTS_URL', ''), env('STANDIN_EVENTS_SECRET', ''), issuer)
  const points = new NativePoints(sender)
  const crowds = crowdsIn(env('STANDIN_ROOMS', '#workbench').split(','), sender, points)
  const rooms = crowds.map(({ options }) => options.room)
  const identity = identityAt(issuer)
  const irc = await startIrc(Number(env('STANDIN_IRC_PORT', '4167')), rooms, isOperator)
  const bot = env('STANDIN_BOT', 'Ricompensa')
  const places = crowds.map((crowd) => new Players(crowd.options.room, crowd, isOperator, bot))
  const pageFolder = env('STANDIN_PAGE_FOLDER', 'dist/standin')
  const app = standinApp({ places, identity, pageFolder, source: env('STANDIN_SOURCE', ''), sender, points })
  const own = getRequestListener(app.fetch)
  const provider = identity.callback()
  const http = createServer((req, res) => void (OWN_PATHS.test(req.url ?? '/') ? own(req, res) : provider(req, res)))
  http.listen(port, '127.0.0.1', () => console.log(`stand-in ready at ${issuer}`))
  void tellRewards(points)
  if (env('STANDIN_CROWD', 'on') === 'on') for (const one of crowds) one.start()
  const stop = () => {
    for (const one of crowds) one.stop()
    void irc.close().then(() => process.exit(0))
    http.closeAllConnections()
  }
  process.on('SIGINT', stop)
  process.on('SIGTERM', stop)
}

const AGAIN_MS = 2000

/** Tells which rewards there are as soon as somebody listens, and now and then again. */
async function tellRewards(points: NativePoints): Promise<void> {
  if (!points.sender.ready) return
  const told = await points.list().then(
    () => true,
    () => false,
  )
  setTimeout(() => void tellRewards(points), told ? 300_000 : AGAIN_MS)
}

main().catch((fault: unknown) => {
  console.error(fault)
  process.exit(1)
})
