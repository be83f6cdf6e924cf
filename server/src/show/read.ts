import { and, desc, eq, getTableColumns, gte, lt, lte, ne, sql } from 'drizzle-orm'
import { type Pool, prepared, type Reader, schema } from '../database/index.ts'
import { factsAfter } from '../feed/index.ts'

const { attendance, flow, show } = schema

/** A show as it is told: every column but the channel's. */
const { channel: _channel, ...shown } = getTableColumns(show)

const openShow = prepared((db) =>
  db
    .select(shown)
    .from(show)
    .where(and(eq(show.channel, sql.placeholder('channel')), ne(show.status, 'ended')))
    .prepare(''),
)

export async function openShowOf(db: Reader, channel: number) {
  const [found] = await openShow(db).execute({ channel })
  return found
}

const latestShow = prepared((db) =>
  db
    .select(shown)
    .from(show)
    .where(eq(show.channel, sql.placeholder('channel')))
    .orderBy(desc(show.id))
    .limit(1)
    .prepare(''),
)

/** The show on air, or else the last one. */
export async function latestShowOf(db: Reader, channel: number) {
  const [found] = await latestShow(db).execute({ channel })
  return found
}

/**
 * The show before one, as what tonight's can be held against: what it came to, and how far it had come after as long.
 * @param after - Seconds into the show; @returns undefined for the first show.
 */
export async function showBefore(db: Reader, channel: number, id: number, after: number) {
  const [last] = await db
    .select(shown)
    .from(show)
    .where(and(eq(show.channel, channel), eq(show.status, 'ended'), lt(show.id, id)))
    .orderBy(desc(show.id))
    .limit(1)
  if (last === undefined || last.endedAt === null) return undefined
  const until = Math.min(last.endedAt, last.startedAt + after)
  const [flows, people] = await Promise.all([
    flowsBetween(db, channel, last.startedAt, until),
    db.$count(attendance, and(eq(attendance.channel, channel), eq(attendance.show, last.id))),
  ])
  const byThen = { paid: 0, spent: 0 }
  for (const { paid, spent } of flows) {
    byThen.paid += paid
    byThen.spent += spent
  }
  const { title, paid, spent } = last
  return { title, paid, spent, people, seconds: last.endedAt - last.startedAt, byThen }
}

/** A show is taken for forgotten when nobody has been there and nobody has spoken for so long (seconds). */
const FORGOTTEN_SECONDS = 30 * 60

/**
 * When a show on air was really over, if it seems to have been forgotten: since then nobody was there and nobody spoke.
 * @param known - Up to when it is known who was there (seconds).
 */
export async function forgottenSince(
  pool: Pool,
  channel: number,
  on: { readonly countsFrom: number },
  now: number,
  known: number,
): Promise<number | null> {
  const text = `select max(greatest(last_seen_at, coalesce(chatted_at, 0))) as last from viewer
    where channel = $1 and not ignored`
  const last = Number((await pool.query(text, [channel])).rows[0]?.last ?? 0)
  const since = Math.min(Math.max(last, on.countsFrom), known)
  return now - since > FORGOTTEN_SECONDS ? Math.max(since, on.countsFrom) : null
}

/** What was paid and spent in each minute between two times (seconds); minutes without movement are left out. */
export function flowsBetween(db: Reader, channel: number, from: number, to: number) {
  return db
    .select({ minute: flow.minute, paid: flow.paid, spent: flow.spent })
    .from(flow)
    .where(and(eq(flow.channel, channel), gte(flow.minute, from - 59), lte(flow.minute, to)))
    .orderBy(flow.minute)
}

const LOOK_BACK = 5000

/** The last lines of chat and the bot's answers, oldest first. */
export async function recentChat(pool: Pool, channel: number, last: number, limit: number) {
  const facts = await factsAfter(pool, channel, Math.max(0, last - LOOK_BACK), LOOK_BACK)
  return facts
    .filter((fact) => fact.kind === 'chat.said' || fact.kind === 'chat.replied')
    .slice(-limit)
    .map(({ audience: _, ...line }) => line)
}

export async function lastSeqOf(db: Reader, channel: number): Promise<number> {
  const { channel: channels } = schema
  const [found] = await db.select({ seq: channels.seq }).from(channels).where(eq(channels.id, channel))
  return found?.seq ?? 0
}
