import type { IncomingMessage, ServerResponse } from 'node:http'
import type { Fact } from '#core/world'
import type { Feed } from './feed.ts'

const HEARTBEAT_MS = 15_000
/** A reader that lets this much pile up is cut off; it comes back and resumes from its last fact. */
const MAX_BACKLOG_BYTES = 1_000_000

export interface StreamOptions {
  readonly feed: Feed
  readonly channel: number
  readonly wants: (fact: Fact) => boolean
  /** The server's time (Unix seconds), told first: a page's own clock may be wrong. */
  readonly now: number
  readonly incoming: IncomingMessage
  readonly outgoing: ServerResponse
  /** Headers that every answer of this server bears. */
  readonly headers: Readonly<Record<string, string>>
  /** Whether what happened before may be read: false where nobody is signed in. They are told to load everything anew. */
  readonly replays: boolean
  /** Whether a fact ends the feed, once it has been sent. */
  readonly endsWith?: (fact: Fact) => boolean
  /** Called every few seconds while the page is connected. */
  readonly onAlive?: () => void
}

/**
 * Answers a request with the channel's facts as server-sent events, from after `Last-Event-ID` (or `?after=`) on.
 * Written straight to the socket: a fact's frame is made once and goes to a thousand readers as it is.
 */
export async function streamFacts(options: StreamOptions): Promise<void> {
  const { feed, channel, wants, now, incoming, outgoing, headers, replays, endsWith = () => false } = options
  outgoing.writeHead(200, {
    ...headers,
    'content-type': 'text/event-stream',
    'cache-control': 'no-store',
    'x-accel-buffering': 'no',
  })
  outgoing.write(`retry: 1000\nevent: now\ndata: ${now}\n\n`)
  const send = (fact: Fact, frame: string) => {
    outgoing.write(frame)
    if (endsWith(fact)) outgoing.end()
    else if (outgoing.writableLength > MAX_BACKLOG_BYTES) outgoing.destroy()
  }
  const reset = () => void outgoing.write('event: reset\ndata: {}\n\n')
  const after = lastEventId(incoming)
  if (after !== undefined && !replays && (await feed.newest(channel)) > after) reset()
  const sink = { wants, send, reset, lost: () => outgoing.destroy() }
  const leave = await feed.subscribe(channel, sink, replays ? after : undefined)
  options.onAlive?.()
  const heartbeat = setInterval(() => {
    outgoing.write(': alive\n\n')
    options.onAlive?.()
  }, HEARTBEAT_MS)
  const close = () => {
    clearInterval(heartbeat)
    leave()
  }
  outgoing.on('close', close)
  if (outgoing.destroyed) close()
}

function lastEventId(incoming: IncomingMessage): number | undefined {
  const asked = new URL(incoming.url ?? '/', 'http://localhost').searchParams.get('after')
  const given = String(incoming.headers['last-event-id'] ?? asked ?? '')
  return /^\d{1,15}$/.test(given) ? Number(given) : undefined
}
