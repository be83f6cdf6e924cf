import { and, asc, eq, isNull, sql } from 'drizzle-orm'
import type { TallyRow } from '#core/tallies'
import { type Reader, schema } from '../database/index.ts'

const { tally, tallyCount, viewer } = schema

/** The tallies of a channel, in the order in which they were made. */
export function talliesOf(db: Reader, channel: number): Promise<TallyRow[]> {
  const { id, key, name, one, many, ceiling, passing, goneAt } = tally
  return db
    .select({ id, key, name, one, many, ceiling, passing, goneAt })
    .from(tally)
    .where(and(eq(tally.channel, channel), isNull(tally.goneAt)))
    .orderBy(asc(id))
}

/** What somebody has of each tally. */
export function talliesOfViewer(db: Reader, channel: number, viewerId: number) {
  return db
    .select({
      id: tally.id,
      name: tally.name,
      one: tally.one,
      many: tally.many,
      total: sql<number>`coalesce(${tallyCount.total}, 0)`,
    })
    .from(tally)
    .leftJoin(
      tallyCount,
      and(eq(tallyCount.channel, tally.channel), eq(tallyCount.tally, tally.id), eq(tallyCount.viewer, viewerId)),
    )
    .where(and(eq(tally.channel, channel), isNull(tally.goneAt)))
    .orderBy(asc(tally.id))
}

const MOST = 200

/** Who has some of a tally, most first. `show`: awarded in the show `period`. */
export function countsOf(db: Reader, channel: number, tallyId: number, period: number) {
  const shown = sql<number>`case when ${tallyCount.show} = ${period} then ${tallyCount.shown} else 0 end`
  return db
    .select({ viewer: viewer.id, name: viewer.name, total: tallyCount.total, show: shown })
    .from(tallyCount)
    .innerJoin(viewer, and(eq(viewer.channel, tallyCount.channel), eq(viewer.id, tallyCount.viewer)))
    .where(and(eq(tallyCount.channel, channel), eq(tallyCount.tally, tallyId), sql`${tallyCount.total} > 0`))
    .orderBy(sql`${tallyCount.total} desc`, asc(viewer.id))
    .limit(MOST)
}
