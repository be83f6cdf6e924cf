import {
  createServer,
  type IncomingMessage,
  type RequestListener,
  type ServerOptions,
  type ServerResponse,
} from 'node:http'
import { LRUCache } from 'lru-cache'
import { problem, problemResponse } from '../http/index.ts'

const MOST_KEPT = 10_000
/** What limits count; pages and files go on being served. */
const COUNTED = /^\/(api|auth|media)\//

const document = await problemResponse(problem('too_many_requests')).text()

/**
 * Connections of addresses whose requests are used up, for as long as they are: what comes over them is answered before anything is made of
 * it, so that turning away thousands costs the others nothing. Only where no proxy stands in front, whose connections are everybody's.
 */
export class TurnedAway {
  readonly #until = new LRUCache<string, true>({ max: MOST_KEPT })

  constructor(readonly trustedProxies: number) {}

  add(connection: string, ms: number): void {
    if (this.trustedProxies === 0 && ms > 0) this.#until.set(connection, true, { ttl: ms })
  }

  /** Node's own server, with this in front of what listens. */
  readonly serverBehind = (options: ServerOptions, listener: RequestListener) =>
    createServer(options, (request, response) => {
      if (!this.#answers(request, response)) listener(request, response)
    })

  #answers({ url = '', socket }: IncomingMessage, response: ServerResponse): boolean {
    const from = socket.remoteAddress ?? ''
    if (!this.#until.has(from) || !COUNTED.test(url)) return false
    const seconds = Math.ceil(this.#until.getRemainingTTL(from) / 1000)
    const headers = {
      'content-type': 'application/problem+json',
      'x-content-type-options': 'nosniff',
      'cache-control': 'no-store',
      connection: 'close',
    }
    response.writeHead(429, { ...headers, 'retry-after': String(Math.max(1, seconds)) }).end(document)
    return true
  }
}
