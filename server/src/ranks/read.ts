import { and, asc, eq, isNull, type SQL, sql } from 'drizzle-orm'
import { type CircleRow, standingsOf } from '#core/people'
import { measureOf, type RankPlan, rankFor } from '#core/ranks'
import { type Reader, schema } from '../database/index.ts'
import type { RankMove } from './answers.ts'

const { circle, viewer, watch, account } = schema

/** The circles of a channel, in the order in which they were made. */
export function circlesOf(db: Reader, channel: number): Promise<CircleRow[]> {
  return db
    .select({ id: circle.id, name: circle.name, rules: circle.rules, keep: circle.keep, goneAt: circle.goneAt })
    .from(circle)
    .where(and(eq(circle.channel, channel), isNull(circle.goneAt)))
    .orderBy(asc(circle.id))
}

/** What the holders of a rank have, of ten the second least, the middle and the second most. */
const spread = (of: SQL) =>
  sql<[number, number, number]>`percentile_disc(array[0.1, 0.5, 0.9]) within group (order by (${of})::float8)`

const inSpread = ([low, half, high]: [number, number, number]) => ({ low, half, high })

/** How many people hold each rank, what they have by either metric, and how many are in each circle. */
export async function countsOf(db: Reader, channel: number) {
  const here = and(eq(viewer.channel, channel), eq(viewer.ignored, false), isNull(viewer.mergedInto))
  const ranks = await db
    .select({
      id: viewer.rank,
      count: sql<number>`count(*)::int`,
      watchedSeconds: spread(sql`coalesce(${watch.watchedSeconds}, 0)`),
      earned: spread(sql`${account.earned}`),
    })
    .from(viewer)
    .innerJoin(account, and(eq(account.channel, viewer.channel), eq(account.id, viewer.id)))
    .leftJoin(watch, and(eq(watch.channel, viewer.channel), eq(watch.id, viewer.id)))
    .where(here)
    .groupBy(viewer.rank)
  const circles = await db.execute<{
    id: number
    count: number
  }>(sql`select c.id::text::int as id, count(*)::int as count
    from viewer v cross join lateral jsonb_array_elements(v.circles) as c (id)
    where v.channel = ${channel} and not v.ignored and v.merged_into is null group by 1`)
  const spreads = ranks.map(({ watchedSeconds, earned, ...rank }) => ({
    ...rank,
    watchedSeconds: inSpread(watchedSeconds),
    earned: inSpread(earned),
  }))
  return { ranks: spreads, circles: circles.rows }
}

const MOST_NAMED = 30

/** Who would rise and who would fall if other ranks were applied: how many, and the names of some. */
export async function rankMoves(db: Reader, channel: number, live: RankPlan, next: RankPlan, now: number) {
  const rows = await db
    .select({
      name: viewer.name,
      rank: viewer.rank,
      followedAt: viewer.followedAt,
      tier: viewer.tier,
      subscribedUntil: viewer.subscribedUntil,
      moderator: viewer.moderator,
      linked: viewer.linked,
      circles: viewer.circles,
      watchedSeconds: sql<number>`coalesce(${watch.watchedSeconds}, 0)`.mapWith(Number),
      earned: account.earned,
    })
    .from(viewer)
    .innerJoin(account, and(eq(account.channel, viewer.channel), eq(account.id, viewer.id)))
    .leftJoin(watch, and(eq(watch.channel, viewer.channel), eq(watch.id, viewer.id)))
    .where(and(eq(viewer.channel, channel), eq(viewer.ignored, false), isNull(viewer.mergedInto)))
    .orderBy(sql`${viewer.lastSeenAt} desc`)
  const [rises, falls]: [RankMove[], RankMove[]] = [[], []]
  for (const row of rows) {
    const before = live.ranks.find(({ id }) => id === row.rank)
    const after = rankFor(next.ranks, measureOf(next, row), standingsOf(row, now))
    const step = placeOf(after, next, live) - placeOf(before, live, live)
    if (step !== 0)
      (step > 0 ? rises : falls).push({ name: row.name, before: before?.name ?? null, after: after?.name ?? null })
  }
  return {
    rises: { count: rises.length, people: rises.slice(0, MOST_NAMED) },
    falls: { count: falls.length, people: falls.slice(0, MOST_NAMED) },
  }
}

/** How high a rank stands: by where the live ranks put it, else by its own place in the list it is from; 0 for none. */
function placeOf(rank: { id: number } | undefined, of: RankPlan, live: RankPlan): number {
  if (rank === undefined) return 0
  const known = live.ranks.findIndex(({ id }) => id === rank.id)
  return known >= 0 ? known + 1 : of.ranks.findIndex(({ id }) => id === rank.id) + 0.5
}
