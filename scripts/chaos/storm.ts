import { randomUUID } from 'node:crypto'
import { type ClientRequest, get } from 'node:http'
import { setTimeout as pause } from 'node:timers/promises'
import { Webhook } from 'standardwebhooks'
import { envelope } from '#server/writer/index.ts'
import { cookieOf, people, type Stage } from './stage.ts'
import { TOGETHER_LINES } from './together.ts'

/** What is said in the storm: talk, orders, and games that hold stakes while servers die. */
const CLOUD_EVENT = { 'content-type': 'application/cloudevents+json' }
const LINES = [
  ...['hello', 'hello', 'hello', '!get whistle', '!get whistle', '!get whistle'],
  ...['!heist 3', '!heist 2 1', '!out', '!duel 2', '!take', '!withdraw', '!spin 2 red', '!coin 2'],
  ...['!in', '!in 2', '!in max', '!in leave', '!late', '!late 3'],
  ...TOGETHER_LINES,
]

/** An order that was answered: it must be there at the end, exactly once. */
export interface AnsweredOrder {
  readonly intent: string
  readonly order: number
}

/** What an intent is known by: of the caller, what was called, and the key sent with it. */
const intentOf = (account: string, key: string): string =>
  envelope(`http/${account}/POST /api/channels/chaos/orders/${key}`, 0).key

/** One page that follows the channel and must miss nothing. */
export interface Follower {
  readonly seqs: number[]
  readonly drop: () => void
  readonly stop: () => void
}

/** Orders, chat and events from all sides until told to stop; what is not answered is sent again with the same key. */
export class Storm {
  readonly orders: AnsweredOrder[] = []
  readonly events: string[] = []
  /** What was said to events that were not taken: nothing is wrong with any of them. */
  readonly turnedAway: string[] = []
  refused = 0
  repeated = 0
  said = 0
  #running = true
  readonly #work: Promise<void>[] = []

  constructor(
    readonly stage: Stage,
    readonly chance: () => number,
  ) {}

  start(): void {
    for (const account of people()) {
      this.stage.room.join({ nick: account, account, operator: false })
      this.#work.push(this.#buyer(account), this.#speaker(account))
    }
    this.#work.push(this.#eventSource())
  }

  /** Stops, and waits until everything sent so far has been answered. */
  async stop(): Promise<void> {
    this.#running = false
    await Promise.all(this.#work)
  }

  async #buyer(account: string): Promise<void> {
    while (this.#running) {
      const key = randomUUID()
      const headers = {
        cookie: cookieOf('viewer', account),
        'idempotency-key': key,
        'content-type': 'application/json',
      }
      const body = JSON.stringify({ word: 'whistle', text: '' })
      const answer = await this.#untilAnswered('/api/channels/chaos/orders', { method: 'POST', headers, body })
      if (answer.order === undefined) this.refused++
      else this.orders.push({ intent: intentOf(account, key), order: Number(answer.order) })
      // Now and then the same again, at both servers at the same instant.
      if (this.chance() < 0.1) {
        const both = this.stage.servers.map(({ address }) =>
          fetch(`${address}/api/channels/chaos/orders`, { method: 'POST', headers, body }).catch(() => undefined),
        )
        await Promise.all(both)
        this.repeated++
      }
      await pause(20 + this.chance() * 60)
    }
  }

  async #speaker(account: string): Promise<void> {
    const member = this.stage.room.find(account)
    while (this.#running && member !== undefined) {
      this.stage.room.say(member, LINES[Math.floor(this.chance() * LINES.length)] ?? 'hello')
      this.said++
      await pause(100 + this.chance() * 400)
    }
  }

  async #eventSource(): Promise<void> {
    while (this.#running) {
      const id = randomUUID()
      const data = { who: { account: 'viewer1', name: 'viewer1' } }
      const body = JSON.stringify({ specversion: '1.0', id, source: 'chaos', type: 'ricompensa.follow', data })
      const signed = () => {
        const at = new Date()
        const signature = new Webhook(this.stage.secret).sign(id, at, body)
        return {
          'webhook-id': id,
          'webhook-timestamp': String(Math.floor(at.getTime() / 1000)),
          'webhook-signature': signature,
        }
      }
      const answer = await this.#untilAnswered(
        '/api/channels/chaos/events',
        { method: 'POST', headers: CLOUD_EVENT, body },
        signed,
      )
      if (answer.code === undefined) this.events.push(id)
      else this.turnedAway.push(JSON.stringify(answer))
      await pause(100)
    }
  }

  async #untilAnswered(
    path: string,
    init: RequestInit,
    sign?: () => Record<string, string>,
  ): Promise<Record<string, unknown>> {
    for (;;) {
      const server = this.stage.servers[this.chance() < 0.5 ? 0 : 1]
      const headers = { ...(init.headers as object), ...sign?.() }
      const response = await fetch(`${server.address}${path}`, {
        ...init,
        headers,
        signal: AbortSignal.timeout(5000),
      }).catch(() => undefined)
      const answer = (await response?.json().catch(() => undefined)) as Record<string, unknown> | undefined
      if (response !== undefined && response.status < 500 && answer !== undefined) return answer
      await pause(50)
    }
  }
}

/** Follows the channel's facts as a desk does: at one server or the other, always from the last fact it saw. */
export function follow(stage: Stage, chance: () => number): Follower {
  const seqs: number[] = []
  let request: ClientRequest | undefined
  let stopped = false
  const again = () => {
    if (!stopped) setTimeout(listen, 30 + chance() * 100)
  }
  const listen = () => {
    const { address } = stage.servers[chance() < 0.5 ? 0 : 1]
    const headers = { cookie: cookieOf('desk', 'wanda'), 'last-event-id': String(seqs.at(-1) ?? 0) }
    request = get(`${address}/api/channels/chaos/desk/feed`, { headers }, (response) => {
      let text = ''
      response.setEncoding('utf8')
      response.on('data', (chunk: string) => {
        text += chunk
        const frames = text.split('\n\n')
        text = frames.pop() ?? ''
        for (const frame of frames) {
          if (frame.includes('event: reset')) seqs.push(Number.NaN)
          const id = /^id: (\d+)$/m.exec(frame)?.[1]
          if (id !== undefined) seqs.push(Number(id))
        }
      })
      response.on('error', () => {})
      response.on('close', again)
    })
    request.on('error', again)
  }
  listen()
  const stop = () => {
    stopped = true
    request?.destroy()
  }
  return { seqs, drop: () => void request?.destroy(), stop }
}
