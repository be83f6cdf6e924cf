import { and, desc, eq, inArray, isNull, or, sql } from 'drizzle-orm'
import { type Pool, type Reader, schema } from '../database/index.ts'

const { viewer, account, watch } = schema

/** The id of the viewer with an account in a channel, or undefined if the channel does not know them yet. */
export async function viewerIdOf(pool: Pool, channel: number, accountName: string): Promise<number | undefined> {
  const text = `select id from viewer where channel = $1 and account_key = $2
    union all select viewer from alias where channel = $1 and account = $2 limit 1`
  const found = await pool.query<{ id: number }>({ name: 'viewer-id', text, values: [channel, accountName] })
  return found.rows[0]?.id
}

const columns = {
  id: viewer.id,
  name: viewer.name,
  chatName: viewer.chatName,
  nickname: viewer.nickname,
  issuer: viewer.issuer,
  account: viewer.account,
  accountKey: viewer.accountKey,
  moderator: viewer.moderator,
  linked: viewer.linked,
  ignored: viewer.ignored,
  followedAt: viewer.followedAt,
  tier: viewer.tier,
  subscribedSince: viewer.subscribedSince,
  subscribedUntil: viewer.subscribedUntil,
  circles: viewer.circles,
  circlesByHand: viewer.circlesByHand,
  rank: viewer.rank,
  unlisted: viewer.unlisted,
  archivedAt: viewer.archivedAt,
  mergedInto: viewer.mergedInto,
  present: viewer.present,
  presentSince: viewer.presentSince,
  counting: sql<boolean>`coalesce(${watch.counting}, false)`,
  countedUntil: sql<number>`coalesce(${watch.countedUntil}, 0)`.mapWith(Number),
  watchedSeconds: sql<number>`coalesce(${watch.watchedSeconds}, 0)`.mapWith(Number),
  showId: watch.showId,
  showSeconds: sql<number>`coalesce(${watch.showSeconds}, 0)`.mapWith(Number),
  chattedAt: viewer.chattedAt,
  firstSeenAt: viewer.firstSeenAt,
  accountMadeAt: viewer.accountMadeAt,
  lastSeenAt: viewer.lastSeenAt,
  attended: sql<number>`coalesce(${watch.attended}, 0)`.mapWith(Number),
  attendedShow: sql<number>`coalesce(${watch.attendedShow}, 0)`.mapWith(Number),
  balance: account.balance,
  earned: account.earned,
}

const withWallet = (db: Reader) =>
  db
    .select(columns)
    .from(viewer)
    .innerJoin(account, and(eq(account.channel, viewer.channel), eq(account.id, viewer.id)))
    .leftJoin(watch, and(eq(watch.channel, viewer.channel), eq(watch.id, viewer.id)))

/** The people in the room, longest there first; `limit` at most. */
export function presentViewers(db: Reader, channel: number, limit: number) {
  return withWallet(db)
    .where(and(eq(viewer.channel, channel), eq(viewer.present, true), eq(viewer.ignored, false)))
    .orderBy(viewer.presentSince, viewer.id)
    .limit(limit)
}

export async function viewerById(db: Reader, channel: number, id: number) {
  const [found] = await withWallet(db).where(and(eq(viewer.channel, channel), eq(viewer.id, id)))
  return found
}

/** Somebody by their account, or by another account of theirs. */
export async function viewerByAccount(db: Reader, channel: number, accountName: string) {
  const { alias } = schema
  const other = db
    .select({ id: alias.viewer })
    .from(alias)
    .where(and(eq(alias.channel, channel), eq(alias.account, accountName)))
  const [found] = await withWallet(db)
    .where(and(eq(viewer.channel, channel), or(eq(viewer.accountKey, accountName), inArray(viewer.id, other))))
    .limit(1)
  return found
}

/** People whose name begins with what was typed, the last seen first. */
export function searchViewers(db: Reader, channel: number, pattern: string, limit: number) {
  return db
    .select({ id: viewer.id, name: viewer.name, lastSeenAt: viewer.lastSeenAt })
    .from(viewer)
    .where(
      and(
        eq(viewer.channel, channel),
        eq(viewer.ignored, false),
        isNull(viewer.mergedInto),
        sql`starts_with(lower(${viewer.name}), lower(${pattern}))`,
      ),
    )
    .orderBy(desc(viewer.lastSeenAt))
    .limit(limit)
}
