import { createHash } from 'node:crypto'
import { Webhook } from 'standardwebhooks'
import type { RedemptionReport } from '#core/triggers'
import { EVENT_SECRET, type Pool } from '../database/index.ts'
import { keyring } from '../keys/index.ts'

/** What was decided about a redemption of the platform's own points. */
export interface RedemptionAnswer extends RedemptionReport {
  readonly channel: number
}

const PATIENCE_MS = 10_000

/**
 * Tells the platform what became of a redemption: a CloudEvent, signed per Standard Webhooks with the channel's newest
 * secret. The same redemption bears the same event id each time, so that a repeat is known.
 * @throws where the platform does not take it: it is told again later.
 */
export async function reportRedemption(
  pool: Pool,
  url: string,
  source: string,
  answer: RedemptionAnswer,
): Promise<void> {
  if (url === '') return
  const text = 'select secret from event_secret where channel = $1 and revoked_at is null order by id desc limit 1'
  const found = await pool.query<{ secret: string }>(text, [answer.channel])
  const kept = found.rows[0]?.secret
  if (kept === undefined) return
  const secret = keyring().unseal(kept, EVENT_SECRET)
  const now = new Date()
  const id = `redemption/${answer.redemption}`
  const body = JSON.stringify({
    specversion: '1.0',
    id,
    source,
    type: `ricompensa.redemption.${answer.status}`,
    time: new Date(answer.at * 1000).toISOString(),
    datacontenttype: 'application/json',
    data: { redemption: answer.redemption, why: answer.why },
  })
  // The same each time it is sent, so that a repeat is known; only the time of sending is that of now.
  const what = `${answer.channel}/${answer.redemption}/${answer.status}`
  const delivery = createHash('sha256').update(what).digest('base64url')
  const headers = {
    'content-type': 'application/cloudevents+json',
    'webhook-id': delivery,
    'webhook-timestamp': String(Math.floor(now.getTime() / 1000)),
    'webhook-signature': new Webhook(secret).sign(delivery, now, body),
  }
  const response = await fetch(url, { method: 'POST', headers, body, signal: AbortSignal.timeout(PATIENCE_MS) })
  if (!response.ok) throw new Error(`The platform answered ${response.status} to what became of a redemption.`)
}
