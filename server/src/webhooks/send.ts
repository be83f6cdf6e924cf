import { request as plainRequest } from 'node:http'
import { request as secureRequest } from 'node:https'
import { Webhook } from 'standardwebhooks'
import { NotOpen, openLookup } from '../outside/index.ts'
import { addressFault } from './address.ts'

/** Something to tell: a CloudEvent and how it is signed. */
export interface Letter {
  readonly address: string
  readonly secret: string
  /** The same each time it is sent, so that a repeat is known. */
  readonly id: string
  readonly source: string
  /** What happened: `order.placed`. */
  readonly kind: string
  /** When it happened (Unix seconds). */
  readonly at: number
  readonly data: object
}

/** What came of it. */
export interface Sent {
  readonly arrived: boolean
  /** The status of the answer; null: none came. */
  readonly status: number | null
  /** In a sentence; null: it arrived. */
  readonly problem: string | null
}

const PATIENCE_MS = 10_000

/**
 * Sends a CloudEvent (structured, 1.0), signed per Standard Webhooks. It arrived if the answer is 2xx; an answer that leads
 * elsewhere is none, for elsewhere was not looked at.
 * @param inside - Whether it may lead to machines of the operator's own.
 */
export async function sendLetter(letter: Letter, inside: boolean, now = new Date()): Promise<Sent> {
  const fault = addressFault(letter.address, inside)
  if (fault !== undefined) return { arrived: false, status: null, problem: fault }
  const body = JSON.stringify({
    specversion: '1.0',
    id: letter.id,
    source: letter.source,
    type: `ricompensa.${letter.kind}`,
    time: new Date(letter.at * 1000).toISOString(),
    datacontenttype: 'application/json',
    data: letter.data,
  })
  const headers = {
    'content-type': 'application/cloudevents+json',
    'content-length': Buffer.byteLength(body),
    'user-agent': 'Ricompensa',
    'webhook-id': letter.id,
    'webhook-timestamp': String(Math.floor(now.getTime() / 1000)),
    'webhook-signature': new Webhook(letter.secret).sign(letter.id, now, body),
  }
  try {
    const status = await post(new URL(letter.address), headers, body, inside)
    const arrived = status >= 200 && status < 300
    return { arrived, status, problem: arrived ? null : answerInWords(status) }
  } catch (fault) {
    return { arrived: false, status: null, problem: faultInWords(fault) }
  }
}

function answerInWords(status: number): string {
  if (status >= 300 && status < 400)
    return `It answered ${status}, which leads elsewhere. Give the address it leads to.`
  return `It answered ${status}, so it did not take it.`
}

const FAULTS: Readonly<Record<string, string>> = {
  ENOTFOUND: 'There is no machine of this name.',
  EAI_AGAIN: 'There is no machine of this name, or names cannot be found out now.',
  ECONNREFUSED: 'Nothing listens there.',
  ECONNRESET: 'It broke the connection off.',
}

function faultInWords(fault: unknown): string {
  if (fault instanceof NotOpen) return fault.message
  const { name, code = '' } = fault as { name?: string; code?: string }
  if (name === 'AbortError' || name === 'TimeoutError') return 'It did not answer within 10 s.'
  if (/CERT|TLS|SSL|SELF_SIGNED/.test(code)) return 'Its certificate cannot be trusted.'
  return FAULTS[code] ?? 'It could not be reached.'
}

/** Posts, and reads nothing but the status: whatever else is answered is of no use here and could be without end. */
function post(url: URL, headers: Record<string, string | number>, body: string, inside: boolean): Promise<number> {
  const request = url.protocol === 'https:' ? secureRequest : plainRequest
  const signal = AbortSignal.timeout(PATIENCE_MS)
  const options = { method: 'POST', headers, signal, agent: false, ...(!inside && { lookup: openLookup }) } as const
  return new Promise((answered, failed) => {
    const sending = request(url, options, (answer) => {
      answered(answer.statusCode ?? 0)
      answer.destroy()
    })
    sending.on('error', failed)
    sending.end(body)
  })
}
