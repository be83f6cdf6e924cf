import { and, asc, desc, eq, gt, ilike, inArray, isNotNull, isNull, lt, sql } from 'drizzle-orm'
import { prepared, type Reader, schema } from '../database/index.ts'

const { goal, goalPart, goalTotals } = schema

const columns = {
  id: goal.id,
  settings: goal.settings,
  status: goal.status,
  byName: goal.byName,
  openedAt: goal.openedAt,
  endedAt: goal.endedAt,
  reached: goal.reached,
  why: goal.why,
  people: sql<number>`coalesce(${goalTotals.people}, 0)`.mapWith(Number),
  paid: sql<number>`coalesce(${goalTotals.paid}, 0)`.mapWith(Number),
  lastName: sql<string>`coalesce(${goalTotals.lastName}, '')`,
  lastAmount: sql<number>`coalesce(${goalTotals.lastAmount}, 0)`.mapWith(Number),
}

const withTotals = (db: Reader) =>
  db
    .select(columns)
    .from(goal)
    .leftJoin(goalTotals, and(eq(goalTotals.channel, goal.channel), eq(goalTotals.id, goal.id)))

export type GoalRowShown = Awaited<ReturnType<typeof withTotals>>[number]

/** A goal as everybody may know it: not its steps. */
export function headOf({ settings, byName: _, ...row }: GoalRowShown) {
  const { title, description, word, picture, target, milestones, endsAt, unreached, smallest, largest, withdraw } =
    settings
  return {
    ...row,
    ...{ title, description, word, picture, target, endsAt, unreached, smallest, largest, withdraw },
    milestones: milestones.map(({ at, name }) => ({ at, name })),
  }
}

export const atDesk = (row: GoalRowShown) => ({ ...headOf(row), settings: row.settings, byName: row.byName })

const running = prepared((db) =>
  withTotals(db)
    .where(and(eq(goal.channel, sql.placeholder('channel')), isNull(goal.endedAt)))
    .orderBy(asc(goal.id))
    .prepare(''),
)

/** The goals that have not ended, the first made first. */
export const runningGoalRows = (db: Reader, channel: number) => running(db).execute({ channel })

/** Whether there is, or was, any goal that viewers may look at. */
export async function anyGoal(db: Reader, channel: number): Promise<boolean> {
  const opened = and(eq(goal.channel, channel), isNotNull(goal.openedAt))
  return (await db.select({ id: goal.id }).from(goal).where(opened).limit(1)).length > 0
}

const PAGE = 30

/** Goals that have ended, the latest first; those that never opened are left out. @param text - A part of the title. */
export function endedGoalRows(
  db: Reader,
  channel: number,
  { text, before, limit = PAGE }: { text?: string | undefined; before?: number | undefined; limit?: number },
) {
  const like = text === undefined || text === '' ? undefined : `%${text.replaceAll(/[%_\\]/g, '\\$&')}%`
  return withTotals(db)
    .where(
      and(
        eq(goal.channel, channel),
        isNotNull(goal.endedAt),
        isNotNull(goal.openedAt),
        before === undefined ? undefined : lt(goal.id, before),
        like === undefined ? undefined : sql`${goal.settings}->>'title' ilike ${like}`,
      ),
    )
    .orderBy(desc(goal.id))
    .limit(limit)
}

const GIVERS = 100

/** Who has chipped in for a goal, the most first. @param text - A part of the name. */
export function giversOf(
  db: Reader,
  channel: number,
  id: number,
  { text, from = 0, limit = GIVERS }: { text?: string | undefined; from?: number | undefined; limit?: number },
) {
  const like = text === undefined || text === '' ? undefined : `%${text.replaceAll(/[%_\\]/g, '\\$&')}%`
  return db
    .select({
      viewer: goalPart.viewer,
      name: goalPart.name,
      paid: goalPart.paid,
      back: goalPart.back,
      at: goalPart.at,
    })
    .from(goalPart)
    .where(
      and(
        eq(goalPart.channel, channel),
        eq(goalPart.goal, id),
        gt(goalPart.paid, 0),
        like === undefined ? undefined : ilike(goalPart.name, like),
      ),
    )
    .orderBy(desc(goalPart.paid), asc(goalPart.nr))
    .limit(limit)
    .offset(from)
}

/** What somebody, with the accounts that were merged into theirs, has in some goals. */
export function ownParts(db: Reader, channel: number, viewer: number, ids: readonly number[]) {
  if (ids.length === 0) return Promise.resolve([])
  return db
    .select({ goal: goalPart.goal, paid: goalPart.paid })
    .from(goalPart)
    .where(
      and(
        eq(goalPart.channel, channel),
        inArray(goalPart.goal, [...ids]),
        sql`${goalPart.viewer} in (select v.id from viewer v where v.channel = ${channel} and (v.id = ${viewer} or v.merged_into = ${viewer}))`,
      ),
    )
}
