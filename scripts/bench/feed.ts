import { type ChildProcess, fork } from 'node:child_process'
import { once } from 'node:events'
import { createServer, type ServerResponse } from 'node:http'
import { setTimeout as pause } from 'node:timers/promises'
import { Feed } from '#server/feed/index.ts'
import { streamFacts } from '#server/feed/stream.ts'
import { ChannelWriter } from '#server/writer/index.ts'
import { freePort } from '../../server/src/testing/ports.ts'
import type { BenchChannel } from './channel.ts'

const LISTENERS = 1000
const FACTS = 100
const PAUSE_MS = 40

/** From commit to a thousand listeners, the 99th percentile in ms: through our feed, and by a bare broadcaster beside it. */
export async function feedDelay(bench: BenchChannel): Promise<{ ours: number; bare: number }> {
  return { bare: await bareBroadcaster(), ours: await ourFeed(bench) }
}

async function ourFeed({ pool, writerPool, url, channel, at }: BenchChannel): Promise<number> {
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
    void streamFacts({ feed, channel, wants: ({ kind }) => kind === 'chat.voice', now: 0, incoming, outgoing })
  }).listen(port, '127.0.0.1')
  const p99 = await measured(port, sent, async (i) => {
    await writer.submit({ kind: 'chat.voice', voice: { muted: i % 2 === 0 }, key: `feed/${i}`, at: at() })
  })
  http.closeAllConnections()
  http.close()
  await feed.stop()
  return p99
}

/** What Node does when it writes one ready-made frame to every open response, and nothing else. */
async function bareBroadcaster(): Promise<number> {
  const listeners: ServerResponse[] = []
  const sent = new Map<number, number>()
  const port = await freePort()
  const http = createServer((_, response) => {
    response.writeHead(200, { 'content-type': 'text/event-stream' })
    response.write(': hello\n\n')
    listeners.push(response)
  }).listen(port, '127.0.0.1')
  const p99 = await measured(port, sent, async (i) => {
    const frame = `id: ${i}\ndata: ${JSON.stringify({ seq: i, at: 0, kind: 'chat.voice', body: { muted: true } })}\n\n`
    sent.set(i, performance.timeOrigin + performance.now())
    for (const listener of listeners) listener.write(frame)
  })
  http.closeAllConnections()
  http.close()
  return p99
}

async function measured(port: number, sent: Map<number, number>, send: (i: number) => Promise<void>): Promise<number> {
  const child = fork('scripts/bench/listeners.ts', [String(port), '/', String(LISTENERS)], {
    execArgv: ['--import', 'tsx'],
  })
  await once(child, 'message')
  for (let i = 1; i <= FACTS; i++) {
    await send(i)
    await pause(PAUSE_MS)
  }
  const delays = (await askArrivals(child)).flatMap(([seq, at]) => at.map((one) => one - (sent.get(seq) ?? Number.NaN)))
  if (delays.length !== LISTENERS * FACTS) throw new Error(`${delays.length} of ${LISTENERS * FACTS} frames arrived.`)
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
