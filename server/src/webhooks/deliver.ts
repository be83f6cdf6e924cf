import { type Delivery, GIVES_UP_SECONDS } from '#core/webhooks'
import type { Channels } from '../channels.ts'
import { type Pool, WEBHOOK_SECRET } from '../database/index.ts'
import { keyring } from '../keys/index.ts'
import { type Sent, sendLetter } from './send.ts'

interface Hook {
  readonly slug: string
  readonly address: string
  readonly secret: string
  readonly failingSince: string | null
}

const HOOK = `select c.slug, w.address, w.secret, w.failing_since as "failingSince" from webhook w join channel c on c.id = w.channel
  where w.channel = $1 and w.id = $2 and w.gone_at is null and w.paused_at is null`

/** What deliveries need of the server. */
export interface DeliveryParts {
  readonly channels: Channels
  readonly publicUrl: string
  /** Whether webhooks may lead to machines of the operator's own. */
  readonly inside: boolean
}

const sourceOf = (publicUrl: string, slug: string): string => `${publicUrl}/c/${slug}`

/**
 * Tells a webhook of what happened. @param attempt - Which try it is, for good and all.
 * @throws where it did not arrive: it is sent again later, for a day.
 */
export async function deliver(parts: DeliveryParts, told: Delivery & { channel: number }, attempt: string) {
  const { channels, publicUrl, inside } = parts
  const { channel, webhook, seq, at, kind, body } = told
  const { rows } = await channels.pool.query<Hook>(HOOK, [channel, webhook])
  const [hook] = rows
  if (hook === undefined) return
  const secret = keyring().unseal(hook.secret, WEBHOOK_SECRET)
  const id = `${channel}-${webhook}-${seq}`
  const source = sourceOf(publicUrl, hook.slug)
  const sent = await sendLetter({ address: hook.address, secret, id, source, kind, at, data: body }, inside)
  const now = channels.clock()
  await noteDelivery(channels.pool, told, sent, now)
  const since = hook.failingSince === null ? null : Number(hook.failingSince)
  const isNews = sent.arrived ? since !== null : since === null || now - since >= GIVES_UP_SECONDS
  if (isNews)
    await channels.submit(channel, `webhook/${webhook}/${seq}/${attempt}`, {
      kind: 'webhook.told',
      webhook,
      arrived: sent.arrived,
    })
  if (!sent.arrived && now - at < GIVES_UP_SECONDS) throw new Error(`A webhook was not reached: ${sent.problem}`)
}

const NOTE = `insert into webhook_delivery (channel, webhook, seq, kind, at, sent_at, tries, status, problem)
  values ($1, $2, $3, $4, $5, $6, 1, $7, $8)
  on conflict (channel, webhook, seq) do update
    set sent_at = excluded.sent_at, tries = webhook_delivery.tries + 1, status = excluded.status, problem = excluded.problem`

async function noteDelivery(
  pool: Pool,
  { channel, webhook, seq, kind, at }: Delivery & { channel: number },
  { status, problem }: Sent,
  now: number,
): Promise<void> {
  await pool.query(NOTE, [channel, webhook, seq, kind, at, now, status, problem])
}

/** Sends a test to a webhook as it is set: what came of it is told at once and kept nowhere. */
export async function sendTest(
  { channels, publicUrl, inside }: DeliveryParts,
  channel: number,
  webhook: number,
): Promise<Sent | undefined> {
  const text = HOOK.replace(' and w.paused_at is null', '')
  const { rows } = await channels.pool.query<Hook>(text, [channel, webhook])
  const [hook] = rows
  if (hook === undefined) return undefined
  const at = channels.clock()
  return sendLetter(
    {
      address: hook.address,
      secret: keyring().unseal(hook.secret, WEBHOOK_SECRET),
      id: `${channel}-${webhook}-test-${at}`,
      source: sourceOf(publicUrl, hook.slug),
      kind: 'webhook.test',
      at,
      data: {},
    },
    inside,
  )
}
