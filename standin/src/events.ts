import { randomUUID } from 'node:crypto'
import { Webhook } from 'standardwebhooks'
import { CROWD } from './people.ts'

/** The kinds of things that happen on the platform, with what each carries. */
export const KINDS = [
  'show.started',
  'show.ended',
  'follow',
  'subscription',
  'resubscription',
  'subscription.ended',
  'gift',
  'raid',
  'tip',
  'cheer',
  'something.new',
] as const
export type Kind = (typeof KINDS)[number]

/** How a delivery goes out: as it should, or with one of the faults that a receiver must bear. */
export const WAYS = ['right', 'twice', 'wrong secret', 'an hour old'] as const
export type Way = (typeof WAYS)[number]

export interface Happening {
  readonly kind: Kind
  readonly name: string
  /** How many: months, gifts, viewers brought, minor units, units; of a subscription, its tier. */
  readonly count: number
  readonly text: string
}

const HOUR_MS = 3_600_000

function dataOf({ kind, name, count, text }: Happening): object {
  const who = { account: name.toLowerCase(), name }
  const saying = text === '' ? {} : { text }
  switch (kind) {
    case 'show.started':
      return text === '' ? {} : { title: text }
    case 'show.ended':
      return {}
    case 'subscription':
      return { who, tier: Math.min(3, Math.max(1, count)) }
    case 'resubscription':
      return { who, tier: 1, months: count, ...saying }
    case 'gift':
      return { who, tier: 1, count, to: receivers(name, count) }
    case 'raid':
      return { who, viewers: count }
    case 'tip':
      return { who, minorUnits: count, currency: 'EUR', ...saying }
    case 'cheer':
      return { who, units: count, ...saying }
    default:
      return { who }
  }
}

/** Who of the crowd receives gifts; of many, the platform names the first few. */
const receivers = (giver: string, count: number) =>
  CROWD.filter(({ name }) => name !== giver)
    .slice(0, Math.min(count, 5))
    .map(({ account, name }) => ({ account, name }))

/** Tells the product what happens: CloudEvents, signed, by POST. */
export class EventSender {
  constructor(
    readonly url: string,
    readonly secret: string,
    readonly source: string,
  ) {}

  /** Whether there is somebody to tell. */
  get ready(): boolean {
    return this.url !== '' && this.secret !== ''
  }

  /** Whether something was signed with the secret that both sides share. */
  verifies(body: string, headers: Record<string, string>): boolean {
    try {
      new Webhook(this.secret).verify(body, headers)
      return true
    } catch {
      return false
    }
  }

  /** @returns What the receiver answered, as text to show. */
  send(happening: Happening, way: Way = 'right'): Promise<{ status: number; answer: string }> {
    return this.tell(happening.kind, dataOf(happening), way)
  }

  /** Tells of something with data of its own. @returns What the receiver answered, as text to show. */
  async tell(kind: string, data: object, way: Way = 'right'): Promise<{ status: number; answer: string }> {
    const id = randomUUID()
    const at = new Date(Date.now() - (way === 'an hour old' ? HOUR_MS : 0))
    const body = JSON.stringify({
      specversion: '1.0',
      id,
      source: this.source,
      type: `ricompensa.${kind}`,
      time: at.toISOString(),
      datacontenttype: 'application/json',
      data,
    })
    const secret = way === 'wrong secret' ? `whsec_${Buffer.from('of somebody else').toString('base64')}` : this.secret
    const headers = {
      'content-type': 'application/cloudevents+json',
      'webhook-id': id,
      'webhook-timestamp': String(Math.floor(at.getTime() / 1000)),
      'webhook-signature': new Webhook(secret).sign(id, at, body),
    }
    const post = () => fetch(this.url, { method: 'POST', headers, body })
    if (way === 'twice') await post()
    const response = await post()
    const answer = (await response.json().catch(() => ({}))) as { outcome?: string; detail?: string }
    return { status: response.status, answer: answer.outcome ?? answer.detail ?? '' }
  }
}
