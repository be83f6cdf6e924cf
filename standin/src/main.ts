import { createServer } from 'node:http'
import { getRequestListener } from '@hono/node-server'
import { standinApp } from './app.ts'
import { Crowd } from './crowd.ts'
import { EventSender } from './events.ts'
import { createIdentity } from './identity.ts'
import { startIrc } from './irc/server.ts'
import { CROWD, STREAMER } from './people.ts'
import { Players } from './players.ts'
import { NATIVE_REWARDS, NativePoints } from './points.ts'
import { ChatRoom } from './room.ts'

const env = (name: string, fallback: string) => process.env[name] || fallback

const OWN_PATHS = /^\/(?:$|\?|api\/|assets\/|fonts\/|who\/)/

/** Who chats, and now and then follows or spends the platform's own points, as long as somebody listens. */
const crowdIn = (room: ChatRoom, sender: EventSender, points: NativePoints): Crowd =>
  new Crowd({
    redeems: (name, roll) => {
      const reward = NATIVE_REWARDS[Math.floor(roll * NATIVE_REWARDS.length)]
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

async function main(): Promise<void> {
  const port = Number(env('STANDIN_PORT', '4100'))
  const issuer = env('STANDIN_URL', `http://127.0.0.1:${port}`)
  const known = new Map([STREAMER, ...CROWD].map((person) => [person.account, person]))
  const isOperator = (account: string) => known.get(account)?.operator ?? false
  const room = new ChatRoom(env('STANDIN_ROOM', '#workbench'))
  const listener = env('STANDIN_EVENTS_URL', '')
  const sender = new EventSender(listener, env('STANDIN_EVENTS_SECRET', ''), issuer)
  const points = new NativePoints(sender)
  const crowd = crowdIn(room, sender, points)
  const identity = createIdentity(
    {
      issuer,
      clientId: env('STANDIN_CLIENT_ID', 'ricompensa'),
      clientSecret: env('STANDIN_CLIENT_SECRET', 'stand-in-only'),
      redirectUri: env('STANDIN_REDIRECT_URI', 'http://127.0.0.1:4000/auth/callback'),
    },
    (account) => known.get(account)?.name ?? account,
  )
  const irc = await startIrc(Number(env('STANDIN_IRC_PORT', '4167')), room, isOperator)
  const players = new Players(room, crowd, isOperator, env('STANDIN_BOT', 'Ricompensa'))
  const pageFolder = env('STANDIN_PAGE_FOLDER', 'dist/standin')
  const app = standinApp({ room, players, identity, pageFolder, source: env('STANDIN_SOURCE', ''), sender, points })
  const own = getRequestListener(app.fetch)
  const provider = identity.callback()
  const http = createServer((req, res) => void (OWN_PATHS.test(req.url ?? '/') ? own(req, res) : provider(req, res)))
  http.listen(port, '127.0.0.1', () => console.log(`stand-in ready at ${issuer}`))
  void tellRewards(points)
  if (env('STANDIN_CROWD', 'on') === 'on') crowd.start()
  const stop = () => {
    crowd.stop()
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
