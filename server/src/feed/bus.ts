import { connect, type NatsConnection } from '@nats-io/transport-node'
import type { Pool } from '../database/index.ts'

/** What wakes the feeds of other servers: short texts, of which one may be lost. */
export interface Bus {
  readonly send: (text: string) => Promise<void>
  /** @param again - Called when texts may have been missed. */
  readonly listen: (heard: (text: string) => void, again: () => void) => Promise<void>
  readonly stop: () => Promise<void>
}

/** PostgreSQL's notices, which the feed listens to in any case. */
export const noticeBus = (pool: Pool): Bus => ({
  send: async (text) => void (await pool.query("select pg_notify('ricompensa', $1)", [text])),
  listen: async () => {},
  stop: async () => {},
})

const SUBJECT = 'ricompensa.committed'

/** A NATS server. @param address - `nats://host:4222`, with name and password where it asks for them. */
export function natsBus(address: string): Bus {
  let connection: NatsConnection | undefined
  return {
    send: async (text) => connection?.publish(SUBJECT, text),
    listen: async (heard, again) => {
      const { username, password, host, protocol } = new URL(address)
      connection = await connect({
        servers: [`${protocol}//${host}`],
        ...(username !== '' && { user: decodeURIComponent(username), pass: decodeURIComponent(password) }),
        maxReconnectAttempts: -1,
        waitOnFirstConnect: true,
      })
      connection.subscribe(SUBJECT, { callback: (_fault, message) => heard(message.string()) })
      // What is published from now on is heard.
      await connection.flush()
      void toldOfReturns(connection, again)
    },
    stop: async () => connection?.close(),
  }
}

async function toldOfReturns(connection: NatsConnection, again: () => void): Promise<void> {
  for await (const { type } of connection.status()) if (type === 'reconnect') again()
}

/** A notice of PostgreSQL's takes at most 8,000 bytes. */
const MOST_BYTES = 7500

/** Up to which fact channels have got, as texts: "3:17,9:4". */
export function committedTexts(reached: ReadonlyMap<number, number>): string[] {
  const texts: string[] = []
  let text = ''
  for (const [channel, seq] of reached) {
    const one = `${channel}:${seq}`
    if (text.length + one.length > MOST_BYTES) {
      texts.push(text)
      text = ''
    }
    text += text === '' ? one : `,${one}`
  }
  return text === '' ? texts : [...texts, text]
}

/** The channels of such a text, each with up to where it has got; what is none is passed over. */
export function committedIn(text: string): [channel: number, seq: number][] {
  return text.split(',').flatMap((one) => {
    const [channel, seq] = one.split(':').map(Number)
    return Number(channel) > 0 && Number.isSafeInteger(channel) && Number.isSafeInteger(seq)
      ? [[channel as number, seq as number]]
      : []
  })
}
