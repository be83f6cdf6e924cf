import { and, asc, desc, eq, isNull } from 'drizzle-orm'
import { GIVES_UP_SECONDS } from '#core/webhooks'
import { type Reader, schema } from '../database/index.ts'

const { webhook, webhookDelivery } = schema

/** So many of the last deliveries of each are shown. */
const DELIVERIES_SHOWN = 20

/** The webhooks of a channel, each with its last deliveries; never their secrets. */
export async function webhooksOf(db: Reader, channel: number, now: number) {
  const { id, name, address, kinds, failingSince, pausedAt } = webhook
  const rows = await db
    .select({ id, name, address, kinds, failingSince, pausedAt })
    .from(webhook)
    .where(and(eq(webhook.channel, channel), isNull(webhook.goneAt)))
    .orderBy(asc(webhook.id))
  return Promise.all(rows.map(async (row) => ({ ...row, deliveries: await deliveriesOf(db, channel, row.id, now) })))
}

async function deliveriesOf(db: Reader, channel: number, id: number, now: number) {
  const { seq, kind, at, sentAt, tries, status, problem } = webhookDelivery
  const rows = await db
    .select({ seq, kind, at, sentAt, tries, status, problem })
    .from(webhookDelivery)
    .where(and(eq(webhookDelivery.channel, channel), eq(webhookDelivery.webhook, id)))
    .orderBy(desc(webhookDelivery.seq))
    .limit(DELIVERIES_SHOWN)
  return rows.map((row) => ({ ...row, again: row.problem !== null && now - row.at < GIVES_UP_SECONDS }))
}
