import { Webhook } from 'standardwebhooks'
import { EVENT_SECRET, type Pool } from '../database/index.ts'
import { keyring } from '../keys/index.ts'

const PATIENCE_MS = 10_000

/** What is told to the platform. */
interface Told {
  /** The same each time it is sent again. */
  readonly delivery: string
  readonly id: string
  readonly source: string
  readonly type: string
  readonly time: Date
  readonly data: object
}

/**
 * Sends the platform a CloudEvent, signed per Standard Webhooks with the channel's newest secret; redirects are not followed.
 * @returns its answer; undefined where the channel has no secret.
 * @throws where it does not answer within ten seconds.
 */
export async function sendToPlatform(
  pool: Pool,
  url: string,
  channel: number,
  { delivery, id, source, type, time, data }: Told,
): Promise<Response | undefined> {
  const text = 'select secret from event_secret where channel = $1 and revoked_at is null order by id desc limit 1'
  const kept = (await pool.query<{ secret: string }>(text, [channel])).rows[0]?.secret
  if (kept === undefined) return undefined
  const now = new Date()
  const [specversion, datacontenttype] = ['1.0', 'application/json']
  const body = JSON.stringify({ specversion, id, source, type, time: time.toISOString(), datacontenttype, data })
  const headers = {
    'content-type': 'application/cloudevents+json',
    'webhook-id': delivery,
    'webhook-timestamp': String(Math.floor(now.getTime() / 1000)),
    'webhook-signature': new Webhook(keyring().unseal(kept, EVENT_SECRET)).sign(delivery, now, body),
  }
  return fetch(url, { method: 'POST', headers, body, redirect: 'error', signal: AbortSignal.timeout(PATIENCE_MS) })
}
