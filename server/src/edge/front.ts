import {
  createServer,
  type IncomingHttpHeaders,
  type IncomingMessage,
  type RequestListener,
  type ServerOptions,
  type ServerResponse,
} from 'node:http'
import type { Socket } from 'node:net'
import { LRUCache } from 'lru-cache'
import { problem, problemResponse } from '../http/index.ts'
import { clientOf, subnetOf } from './address.ts'
import { type Aside, InTurn, type Turn } from './inTurn.ts'

const MOST_KEPT = 10_000
/**
 * Pages and files, which go on being served whatever else was used up: plain addresses only, so that no other way of writing
 * an address leads past this. A picture that is drawn anew is none of them.
 */
const PAGE = /^\/(?!(?:api|auth|media)\/)(?![^?]*\/preview\.png)[^%?]*(?:\?|$)/
/** A live page stays open: it has limits of its own. */
const LIVE = /^[^?]*\/feed(?:\?|$)/
/** For so long (ms) nobody is taken into a line that was full: it gets shorter meanwhile. */
const FULL_LINE_MS = 1000

/** Connections of one address beside its live pages: a household's browsers open six each, and keep them a while when idle. */
const MOST_IDLE = 400

const document = await problemResponse(problem('too_many_requests')).text()

const hasBody = (headers: IncomingHttpHeaders): boolean =>
  headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > 0

/**
 * What stands before everything else, so that turning away thousands costs the others nothing: the requests of one address
 * wait for their turn, and where its limit is used up they are answered, before anything is made of what they send.
 */
export class Front {
  readonly #away = new LRUCache<string, true>({ max: MOST_KEPT })
  readonly #inTurn = new InTurn()
  readonly #turns = new WeakMap<IncomingMessage, Turn>()
  readonly #connections = new Map<string, number>()

  /** @param feeds - How many live pages one address may have open. */
  constructor(
    readonly trustedProxies: number,
    readonly feeds: number,
  ) {}

  /**
   * Answers whatever comes over an address's connections for so long (ms). Where a proxy stands in front its connections
   * are everybody's, so there each request is looked at.
   */
  turnAway(connection: string, ms: number): void {
    if (this.trustedProxies === 0 && ms > 0) this.#away.set(connection, true, { ttl: ms })
  }

  /** How a request waits for its body without keeping others from their turn. */
  asideOf(request: IncomingMessage): Aside {
    return this.#turns.get(request)?.aside ?? ((wait) => wait())
  }

  /** A request has been worked on: the next has its turn while the answer is on its way. */
  done(request: IncomingMessage): void {
    this.#turns.get(request)?.end()
  }

  /** Node's own server, with this in front of what listens. */
  readonly serverBehind = (options: ServerOptions, listener: RequestListener) =>
    createServer(options, (request, response) => {
      if (PAGE.test(request.url ?? '')) listener(request, response)
      else if (this.#away.has(request.socket.remoteAddress ?? '')) this.#refuse(request, response)
      else if (LIVE.test(request.url ?? '')) listener(request, response)
      else this.#letIn(request, response, listener)
    }).on('connection', (socket) => this.#hold(socket))

  /** Counts an address's open connections, whether anything is sent over them or not. What passes the most is hung up. */
  #hold(socket: Socket): void {
    // A proxy's connections are everybody's: it has to bound those in front of it.
    if (this.trustedProxies > 0) return
    const from = subnetOf(socket.remoteAddress ?? '')
    const others = this.#connections.get(from) ?? 0
    if (others >= this.feeds + MOST_IDLE) return void socket.destroy()
    this.#connections.set(from, others + 1)
    socket.on('close', () => {
      const left = (this.#connections.get(from) ?? 1) - 1
      if (left === 0) this.#connections.delete(from)
      else this.#connections.set(from, left)
    })
  }

  #letIn(request: IncomingMessage, response: ServerResponse, listener: RequestListener): void {
    const { headers, socket } = request
    const connection = socket.remoteAddress ?? ''
    const turn = this.#inTurn.ask(subnetOf(clientOf(connection, headers['x-forwarded-for'], this.trustedProxies)))
    if (turn === undefined) {
      this.turnAway(connection, FULL_LINE_MS)
      return this.#refuse(request, response)
    }
    this.#turns.set(request, turn)
    response.on('close', turn.end)
    void turn.begin().then(() => {
      // Who has gone meanwhile needs no answer.
      if (!response.destroyed) listener(request, response)
    })
  }

  #refuse({ headers: sent, socket }: IncomingMessage, response: ServerResponse): void {
    const seconds = Math.ceil(this.#away.getRemainingTTL(socket.remoteAddress ?? '') / 1000)
    const headers = {
      'content-type': 'application/problem+json',
      'x-content-type-options': 'nosniff',
      'cache-control': 'no-store',
      // A body is not waited for; without one the connection is cheaper to keep than to make anew.
      ...(hasBody(sent) && { connection: 'close' }),
    }
    response.writeHead(429, { ...headers, 'retry-after': String(Math.max(1, seconds)) }).end(document)
  }
}
