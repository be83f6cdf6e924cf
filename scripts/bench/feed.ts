import { type ChildProcess, fork } from 'node:child_process'
import { once } from 'node:events'
import { createServer, type ServerResponse } from 'node:http'
import { setTimeout as pause } from 'node:timers/promises'
import type { Intent } from '#core/engine'
import { Feed } from '#server/feed/index.ts'
import { streamFacts } from '#server/feed/stream.ts'
import { ChannelWriter, envelope } from '#server/writer/index.ts'
import { freePort } from '../../testing/server/ports.ts'
import type { BenchChannel } from './channel.ts'
import { scaled } from './scale.ts'

/** Who listens, for what, and what is handed in so that there is something to hear. */
interface Listening {
  readonly listeners: number
  readonly facts: number
  readonly pauseMs: number
  readonly kind: string
  readonly intent: (i: number) => Intent
}

const VOICE: Listening = {
  listeners: scaled(1000),
  facts: scaled(100),
  pauseMs: 40,
  kind: 'chat.voice',
  intent: (i) => ({ kind: 'chat.voice', voice: { muted: i % 2 === 0 } }),
}

/** From commit to a thousand listeners, the 99th percentile in ms: through our feed, and by a bare broadcaster beside it. */
export const feedDelay = (bench: BenchChannel): Promise<{ ours: number; bare: number }> => delaysOf(bench, VOICE)

/** From an entry's commit to five thousand readers of a raffle's live counter, once a second, and by a bare broadcaster beside it. */
export const counterDelay = (bench: BenchChannel, raffle: number): Promise<{ ours: number; bare: number }> =>
  delaysOf(bench, {
    listeners: scaled(5000),
    facts: scaled(20),
    pauseMs: 1000,
    kind: 'raffle.counted',
    intent: (i) => {
      bench.goOn(1 / 60)
      const name = `viewer${i}`
      return { kind: 'raffle.enter', who: { account: name, name }, raffle, wanted: 'some' }
    },
  })

async function delaysOf(bench: BenchChannel, listening: Listening): Promise<{ ours: number; bare: number }> {
  return { bare: await bareBroadcaster(listening), ours: await ourFeed(bench, listening) }
}

async function ourFeed({ pool, writerPool, url, channel, at }: BenchChannel, listening: Listening): Promise<number> {
  const feed = new Feed(pool, url)
  await feed.start()
  const sent = new Map<number, number>()
  const writer = new ChannelWriter({
    pool: writerPool,
    channel,
    onFacts: (facts) => {
      for (const { seq } of facts) sent.set(seq, performance.timeOrigin + performance.now())
      feed.publish(channel, facts)
    },
  })
  const port = await freePort()
  const http = createServer((incoming, outgoing) => {
    const wants = ({ kind }: { kind: string }) => kind === listening.kind
    void streamFacts({ feed, channel, wants, now: 0, incoming, outgoing, headers: {}, replays: true })
  }).listen(port, '127.0.0.1')
  const p99 = await measured(port, sent, listening, async (i) => {
    const intent = listening.intent(i)
    await writer.submit({ ...intent, ...envelope(`feed/${listening.kind}/${i}`, at()) })
  })
  http.closeAllConnections()
  http.close()
  await feed.stop()
  return p99
}

/** What Node does when it writes one ready-made frame to every open response, and nothing else. */
async function bareBroadcaster(listening: Listening): Promise<number> {
  const listeners: ServerResponse[] = []
  const sent = new Map<number, number>()
  const port = await freePort()
  const http = createServer((_, response) => {
    response.writeHead(200, { 'content-type': 'text/event-stream' })
    response.write(': hello\n\n')
    listeners.push(response)
  }).listen(port, '127.0.0.1')
  const p99 = await measured(port, sent, listening, async (i) => {
    const frame = `id: ${i}\ndata: ${JSON.stringify({ seq: i, at: 0, kind: 'chat.voice', body: { muted: true } })}\n\n`
    sent.set(i, performance.timeOrigin + performance.now())
    for (const listener of listeners) listener.write(frame)
  })
  http.closeAllConnections()
  http.close()
  return p99
}

async function measured(
  port: number,
  sent: Map<number, number>,
  { listeners, facts, pauseMs }: Listening,
  send: (i: number) => Promise<void>,
): Promise<number> {
  const child = fork('scripts/bench/listeners.ts', [String(port), '/', String(listeners)], {
    execArgv: ['--import', 'tsx'],
  })
  await once(child, 'message')
  for (let i = 1; i <= facts; i++) {
    await send(i)
    await pause(pauseMs)
  }
  const delays = (await askArrivals(child)).flatMap(([seq, at]) => at.map((one) => one - (sent.get(seq) ?? Number.NaN)))
  if (delays.length !== listeners * facts) throw new Error(`${delays.length} of ${listeners * facts} frames arrived.`)
  return delays.sort((a, b) => a - b)[Math.floor(delays.length * 0.99)] ?? Number.NaN
}

async function askArrivals(child: ChildProcess): Promise<[number, number[]][]> {
  await pause(300)
  const answer = once(child, 'message')
  child.send('report')
  const [arrivals] = await answer
  child.kill()
  return arrivals as [number, number[]][]
}
