import { and, asc, count, desc, eq, type SQL, sql } from 'drizzle-orm'
import { type Reader, schema } from '../database/index.ts'

const { viewer, account, watch } = schema

export const SORTS = ['name', 'balance', 'hours', 'seen', 'since'] as const
export type Sort = (typeof SORTS)[number]

export interface PeopleQuery {
  /** A part of a name as typed; look-alikes are found, too. */
  readonly name: string
  readonly present: boolean
  readonly sort: Sort
  readonly down: boolean
  readonly offset: number
  readonly limit: number
}

const hours = sql<number>`coalesce(${watch.watchedSeconds}, 0)`.mapWith(Number)
const COLUMNS: Readonly<Record<Sort, SQL | typeof viewer.name>> = {
  name: sql`lower(${viewer.name})`,
  balance: sql`${account.balance}`,
  hours,
  seen: sql`${viewer.lastSeenAt}`,
  since: sql`${viewer.firstSeenAt}`,
}

/** Folded in the database, by the very function that its index is made with; signs that mean something to LIKE are not. */
const likeFolded = (name: string): SQL =>
  sql`${viewer.folded} like '%' || replace(replace(fold_name(${name}), '\\', '\\\\'), '%', '\\%') || '%'`

/** A page of everybody whom the channel knows, and how many there are in all. */
export async function peoplePage(db: Reader, channel: number, query: PeopleQuery) {
  const { name, present, sort, down, offset, limit } = query
  const wanted = and(
    eq(viewer.channel, channel),
    eq(viewer.ignored, false),
    name === '' ? undefined : likeFolded(name),
    present ? eq(viewer.present, true) : undefined,
  )
  const order = down ? desc(COLUMNS[sort]) : asc(COLUMNS[sort])
  const rows = await db
    .select({
      id: viewer.id,
      name: viewer.name,
      moderator: viewer.moderator,
      present: viewer.present,
      balance: account.balance,
      watchedSeconds: hours,
      firstSeenAt: viewer.firstSeenAt,
      lastSeenAt: viewer.lastSeenAt,
    })
    .from(viewer)
    .innerJoin(account, and(eq(account.channel, viewer.channel), eq(account.id, viewer.id)))
    .leftJoin(watch, and(eq(watch.channel, viewer.channel), eq(watch.id, viewer.id)))
    .where(wanted)
    .orderBy(order, asc(viewer.id))
    .limit(limit)
    .offset(offset)
  const [counted] = await db.select({ total: count() }).from(viewer).where(wanted)
  return { people: rows, total: counted?.total ?? 0 }
}

/** Ids of everyone in the room, for what is done to all of them. */
export async function presentIds(db: Reader, channel: number): Promise<number[]> {
  const here = and(eq(viewer.channel, channel), eq(viewer.present, true), eq(viewer.ignored, false))
  const rows = await db.select({ id: viewer.id }).from(viewer).where(here).orderBy(viewer.id)
  return rows.map(({ id }) => id)
}
