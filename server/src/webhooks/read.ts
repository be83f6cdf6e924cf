import { and, asc, desc, eq, isNull } from 'drizzle-orm'
import { GIVES_UP_SECONDS } from '#core/webhooks'
import { type Reader, schema } from '../database/index.ts'

const { webhook, webhookDelivery } = schema

/** So many of the last deliveries of each are shown. */
const DELIVERIES_SHOWN = 20

/** Where an address leads, without what may be a secret in it. */
const hostOf = (address: string): string => (URL.canParse(address) ? `${new URL(address).host}/…` : '…')

/** The webhooks of a channel, each with its last deliveries; never their secrets. @param whole - Whether their whole addresses are seen. */
export async function webhooksOf(db: Reader, channel: number, now: number, whole: boolean) {
  const { id, name, address, kinds, failingSince, pausedAt } = webhook
  const rows = await db
    .select({ id, name, address, kinds, failingSince, pausedAt })
    .from(webhook)
    .where(and(eq(webhook.channel, channel), isNull(webhook.goneAt)))
    .orderBy(asc(webhook.id))
  const shown = rows.map((row) => (whole ? row : { ...row, address: hostOf(row.address) }))
  return Promise.all(shown.map(async (row) => ({ ...row, deliveries: await deliveriesOf(db, channel, row.id, now) })))
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
