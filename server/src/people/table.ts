import { and, asc, count, desc, eq, gte, isNotNull, isNull, lte, ne, type SQL, sql } from 'drizzle-orm'
import { FORGOTTEN } from '#core/people'
import { ranksSetting } from '#core/ranks'
import { type Reader, schema } from '../database/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { settingOf } from '../settings/index.ts'

const { viewer, account, watch } = schema

export const SORTS = ['name', 'balance', 'hours', 'earned', 'seen', 'since'] as const
export type Sort = (typeof SORTS)[number]
export const SHOWN = ['listed', 'ignored', 'archived', 'all'] as const

export interface PeopleFilter {
  /** A part of a name, nickname, rank or circle as typed; look-alikes are found, too. */
  readonly name: string
  readonly present: boolean
  readonly shown: (typeof SHOWN)[number]
  /** `follower`, `subscriber`, `tier1` ..., `moderator`, `circle:ID`, `none`. */
  readonly standing?: string | undefined
  readonly rank?: number | undefined
  readonly balanceFrom?: number | undefined
  readonly balanceTo?: number | undefined
  readonly hoursFrom?: number | undefined
  readonly earnedFrom?: number | undefined
  /** Last seen after, or not since (seconds since 1970). */
  readonly seenAfter?: number | undefined
  readonly seenBefore?: number | undefined
  readonly now: number
}

export interface PeopleQuery extends PeopleFilter {
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
  earned: sql`${account.earned}`,
  seen: sql`${viewer.lastSeenAt}`,
  since: sql`${viewer.firstSeenAt}`,
}

/** Folded in the database, by the very function that its index is made with; signs that mean something to LIKE are not. */
const likeFolded = (name: string): SQL =>
  sql`${viewer.folded} like '%' || replace(replace(fold_name(${name}), '\\', '\\\\'), '%', '\\%') || '%'`

const subscribed = (now: number): SQL =>
  sql`(${viewer.tier} > 0 and (${viewer.subscribedUntil} is null or ${viewer.subscribedUntil} > ${now}))`

const inCircle = (id: number): SQL => sql`${viewer.circles} @> ${JSON.stringify([id])}::jsonb`

function standingIs(standing: string | undefined, now: number): SQL | undefined {
  const circle = /^circle:(\d{1,15})$/.exec(standing ?? '')
  if (circle?.[1] !== undefined) return inCircle(Number(circle[1]))
  const tier = /^tier([123])$/.exec(standing ?? '')
  if (tier?.[1] !== undefined) return and(subscribed(now), eq(viewer.tier, Number(tier[1])))
  if (standing === 'follower') return isNotNull(viewer.followedAt)
  if (standing === 'subscriber') return subscribed(now)
  if (standing === 'moderator') return eq(viewer.moderator, true)
  if (standing === 'linked') return eq(viewer.linked, true)
  if (standing === 'none')
    return and(
      isNull(viewer.followedAt),
      sql`not ${subscribed(now)}`,
      eq(viewer.moderator, false),
      sql`${viewer.circles} = '[]'`,
    )
  return undefined
}

/** Typed text may be a part of a rank's or a circle's name, too: whoever holds such a one is found. */
async function holdersOf(db: Reader, channel: number, typed: string): Promise<SQL[]> {
  const part = typed.toLowerCase()
  const ranks = (await settingOf(db, channel, ranksSetting)).ranks.filter(({ name }) =>
    name.toLowerCase().includes(part),
  )
  const circles = (await circlesOf(db, channel)).filter(({ name }) => name.toLowerCase().includes(part))
  return [...ranks.map(({ id }) => sql`${viewer.rank} = ${id}`), ...circles.map(({ id }) => inCircle(id))]
}

async function named(db: Reader, channel: number, typed: string): Promise<SQL | undefined> {
  if (typed === '') return undefined
  const ways = [likeFolded(typed), ...(typed.length > 1 ? await holdersOf(db, channel, typed) : [])]
  return sql`(${sql.join(ways, sql` or `)})`
}

async function wanted(db: Reader, channel: number, filter: PeopleFilter): Promise<SQL | undefined> {
  const { present, shown, standing, rank, balanceFrom, balanceTo, hoursFrom, earnedFrom, seenAfter, seenBefore, now } =
    filter
  return and(
    eq(viewer.channel, channel),
    isNull(viewer.mergedInto),
    shown === 'all' ? undefined : eq(viewer.ignored, shown === 'ignored'),
    shown === 'archived' ? isNotNull(viewer.archivedAt) : shown === 'listed' ? isNull(viewer.archivedAt) : undefined,
    // Who was forgotten is nobody any more.
    ne(viewer.issuer, FORGOTTEN),
    await named(db, channel, filter.name),
    present ? eq(viewer.present, true) : undefined,
    standingIs(standing, now),
    rank === undefined ? undefined : eq(viewer.rank, rank),
    balanceFrom === undefined ? undefined : gte(account.balance, balanceFrom),
    balanceTo === undefined ? undefined : lte(account.balance, balanceTo),
    hoursFrom === undefined ? undefined : sql`${hours} >= ${hoursFrom * 3600}`,
    earnedFrom === undefined ? undefined : gte(account.earned, earnedFrom),
    seenAfter === undefined ? undefined : gte(viewer.lastSeenAt, seenAfter),
    seenBefore === undefined ? undefined : sql`${viewer.lastSeenAt} < ${seenBefore}`,
  )
}

const SELECTED = {
  id: viewer.id,
  issuer: viewer.issuer,
  account: viewer.account,
  ignored: viewer.ignored,
  unlisted: viewer.unlisted,
  name: viewer.name,
  nickname: viewer.nickname,
  chatName: viewer.chatName,
  moderator: viewer.moderator,
  linked: viewer.linked,
  present: viewer.present,
  followedAt: viewer.followedAt,
  tier: viewer.tier,
  subscribedSince: viewer.subscribedSince,
  subscribedUntil: viewer.subscribedUntil,
  accountMadeAt: viewer.accountMadeAt,
  circles: viewer.circles,
  rank: viewer.rank,
  balance: account.balance,
  earned: account.earned,
  watchedSeconds: hours,
  firstSeenAt: viewer.firstSeenAt,
  lastSeenAt: viewer.lastSeenAt,
}

/** Everybody whom a filter leaves, in order. */
function selected(db: Reader, where: SQL | undefined, { sort, down }: Pick<PeopleQuery, 'sort' | 'down'>) {
  return db
    .select(SELECTED)
    .from(viewer)
    .innerJoin(account, and(eq(account.channel, viewer.channel), eq(account.id, viewer.id)))
    .leftJoin(watch, and(eq(watch.channel, viewer.channel), eq(watch.id, viewer.id)))
    .where(where)
    .orderBy(down ? desc(COLUMNS[sort]) : asc(COLUMNS[sort]), asc(viewer.id))
}

/** A page of everybody whom a filter leaves, and how many there are in all. */
export async function peoplePage(db: Reader, channel: number, query: PeopleQuery) {
  const rows = selected(db, await wanted(db, channel, query), query)
    .limit(query.limit)
    .offset(query.offset)
  const [people, total] = await Promise.all([rows, countOf(db, channel, query)])
  return { people, total }
}

/** Everybody whom a filter leaves, for a file. */
export const allPeople = async (db: Reader, channel: number, query: Omit<PeopleQuery, 'offset' | 'limit'>) =>
  selected(db, await wanted(db, channel, query), query)

/** How many people a filter leaves. */
export async function countOf(db: Reader, channel: number, filter: PeopleFilter): Promise<number> {
  const [counted] = await db
    .select({ total: count() })
    .from(viewer)
    .innerJoin(account, and(eq(account.channel, viewer.channel), eq(account.id, viewer.id)))
    .leftJoin(watch, and(eq(watch.channel, viewer.channel), eq(watch.id, viewer.id)))
    .where(await wanted(db, channel, filter))
  return counted?.total ?? 0
}

/** Ids of everybody whom a filter leaves, for what is done to all of them. */
export async function idsOf(db: Reader, channel: number, filter: PeopleFilter): Promise<number[]> {
  const rows = await db
    .select({ id: viewer.id })
    .from(viewer)
    .innerJoin(account, and(eq(account.channel, viewer.channel), eq(account.id, viewer.id)))
    .leftJoin(watch, and(eq(watch.channel, viewer.channel), eq(watch.id, viewer.id)))
    .where(await wanted(db, channel, filter))
    .orderBy(viewer.id)
  return rows.map(({ id }) => id)
}

/** Who is in the room and counts, as SQL. */
export const isHere = (channel: number): SQL | undefined =>
  and(eq(viewer.channel, channel), eq(viewer.present, true), eq(viewer.ignored, false))

/** Ids of everyone in the room, for what is done to all of them. */
export async function presentIds(db: Reader, channel: number): Promise<number[]> {
  const rows = await db.select({ id: viewer.id }).from(viewer).where(isHere(channel)).orderBy(viewer.id)
  return rows.map(({ id }) => id)
}
