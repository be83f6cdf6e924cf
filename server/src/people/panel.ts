import { and, desc, eq, isNull, sql } from 'drizzle-orm'
import { ATTENDED_SECONDS, attendedOfLast, standingsOf } from '#core/people'
import { measureOf, nextRank, ranksSetting } from '#core/ranks'
import type { Amount, Seconds, UnixSeconds, ViewerId } from '#core/schema'
import { type Reader, schema } from '../database/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { settingOf } from '../settings/index.ts'
import { latestShowOf } from '../show/index.ts'
import { talliesOfViewer } from '../tallies/index.ts'
import { viewerById } from './viewers.ts'

const DAY = 86_400
/** How far back the calendar of shows goes: half a year. */
const CALENDAR = 182 * DAY

/** The rank somebody holds and the way to the next, in the channel's measure. */
export async function rankOf(db: Reader, channel: number, found: Ranked, now: number) {
  const plan = await settingOf(db, channel, ranksSetting)
  const measure = measureOf(plan, found)
  const next = nextRank(plan.ranks, measure, standingsOf(found, now))
  const held = plan.ranks.find(({ id }) => id === found.rank)
  return {
    measure: plan.measure,
    value: measure,
    held: held ? { name: held.name, from: held.from, badge: held.badge } : null,
    next: next ? { name: next.name, from: next.from, badge: next.badge } : null,
  }
}

type Ranked = Parameters<typeof standingsOf>[0] & {
  readonly rank: number | null
  readonly watchedSeconds: Seconds
  readonly earned: Amount
}

/** All that the desk knows of one person, the trail left out. Undefined for who is not known. */
export async function panelOf(db: Reader, channel: number, id: number, now: number) {
  const found = await viewerById(db, channel, id)
  if (found === undefined) return undefined
  const show = await latestShowOf(db, channel)
  const shows = await showsOf(db, channel, id, now - CALENDAR)
  const live = show !== undefined && show.status !== 'ended' && found.showId === show.id ? found.showSeconds : null
  const recent = shows.filter(({ startedAt }) => startedAt >= now - 30 * DAY)
  const days = recent.reduce((sum, { seconds }) => sum + seconds, 0)
  const { habit } = schema
  const [habits] = await db
    .select({ streak: habit.streak, bestStreak: habit.bestStreak, checkIns: habit.checkIns })
    .from(habit)
    .where(and(eq(habit.channel, channel), eq(habit.id, id)))
  return {
    viewer: found,
    standings: standingsOf(found, now),
    circles: (await circlesOf(db, channel)).map(({ id, name }) => ({ id, name })),
    rank: await rankOf(db, channel, found, now),
    hours: {
      show: live,
      days: days + (live !== null && show && !shows.some((one) => one.show === show.id) ? live : 0),
    },
    attended: { count: attendedOfLast(found, show?.number ?? 0, 10), of: Math.min(10, show?.number ?? 0) },
    shows: shows.map(({ startedAt, title, seconds }) => ({
      startedAt,
      title,
      seconds,
      attended: seconds >= ATTENDED_SECONDS,
    })),
    habits: habits ?? { streak: 0, bestStreak: 0, checkIns: 0 },
    tallies: (await talliesOfViewer(db, channel, id)).filter(({ total }) => total > 0),
    notes: await notesOf(db, channel, id),
    aliases: await aliasesOf(db, channel, id),
  }
}

function showsOf(db: Reader, channel: number, viewer: ViewerId, since: UnixSeconds) {
  const { show, attendance } = schema
  return db
    .select({
      show: show.id,
      startedAt: show.startedAt,
      title: show.title,
      seconds: sql<number>`coalesce(${attendance.seconds}, 0)`.mapWith(Number),
    })
    .from(show)
    .leftJoin(
      attendance,
      and(eq(attendance.channel, show.channel), eq(attendance.show, show.id), eq(attendance.viewer, viewer)),
    )
    .where(and(eq(show.channel, channel), eq(show.status, 'ended'), sql`${show.startedAt} >= ${since}`))
    .orderBy(show.id)
}

function notesOf(db: Reader, channel: number, viewer: ViewerId) {
  const { note } = schema
  return db
    .select({ id: note.id, at: note.at, by: note.by, text: note.text })
    .from(note)
    .where(and(eq(note.channel, channel), eq(note.viewer, viewer), isNull(note.removedAt)))
    .orderBy(desc(note.id))
    .limit(50)
}

async function aliasesOf(db: Reader, channel: number, viewer: ViewerId): Promise<string[]> {
  const { alias } = schema
  const rows = await db
    .select({ account: alias.account })
    .from(alias)
    .where(and(eq(alias.channel, channel), eq(alias.viewer, viewer)))
  return rows.map(({ account }) => account)
}
