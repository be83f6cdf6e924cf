import { desc, eq } from 'drizzle-orm'
import { type Reader, schema } from '../database/index.ts'

const { event, eventRefusal } = schema

/** The events received last, newest first. */
export function lastEvents(db: Reader, channel: number, limit: number) {
  const { id, at, happenedAt, source, type, name, body, outcome } = event
  return db
    .select({ id, at, happenedAt, source, type, name, body, outcome })
    .from(event)
    .where(eq(event.channel, channel))
    .orderBy(desc(id))
    .limit(limit)
}

/** The deliveries turned away last, newest first. */
export function lastRefusals(db: Reader, channel: number, limit: number) {
  const { id, at, code, sentence, times } = eventRefusal
  return db
    .select({ id, at, code, sentence, times })
    .from(eventRefusal)
    .where(eq(eventRefusal.channel, channel))
    .orderBy(desc(at), desc(id))
    .limit(limit)
}
