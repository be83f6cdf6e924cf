import { sum } from 'd3-array'
import { and, desc, eq, gte, inArray, isNull, sql } from 'drizzle-orm'
import { type Reader, schema } from '../database/index.ts'
import type { Correction } from './answers.ts'

const MOST = 300

/** A file's parts come one after the other; after a pause as long as this another go begins. */
const PAUSE_SECONDS = 300

type Row = Awaited<ReturnType<typeof undoable>>[number]

const sameGo = (a: Row, b: Row): boolean =>
  a.of === 'import'
    ? Math.abs(a.at - b.at) <= PAUSE_SECONDS && goOf(a, null) === goOf(b, null)
    : goOf(a, a.undoUntil) === goOf(b, b.undoUntil)

const goOf = ({ by, of, how, amount, why }: Row, until: number | null): string =>
  JSON.stringify([by, of, how, amount, why, until])

/** Corrections that were one to whoever made them, together. */
function inGoes(rows: readonly Row[]): Row[][] {
  const goes: Row[][] = []
  for (const row of rows) {
    const go = goes.find((one) => sameGo(one.at(-1) ?? row, row))
    if (go === undefined) goes.push([row])
    else go.push(row)
  }
  return goes
}

/** What can still be taken back, the latest first: of whom only how many, for a part of a file is about a thousand. */
function undoable(db: Reader, channel: number, now: number) {
  const { adjustment } = schema
  const { id, at, by, of, how, amount, why, undoUntil, lines } = adjustment
  return db
    .select({
      ...{ id, at, by, of, how, amount, why, undoUntil },
      people: sql`jsonb_array_length(${lines})`.mapWith(Number),
      total: sql`(select coalesce(sum((line->>'change')::bigint), 0) from jsonb_array_elements(${lines}) line)`.mapWith(
        Number,
      ),
      first: sql`(${lines}->0->>'viewer')::bigint`.mapWith(Number),
    })
    .from(adjustment)
    .where(
      and(
        ...[eq(adjustment.channel, channel), isNull(adjustment.undoneAt), gte(undoUntil, now)],
        sql`jsonb_array_length(${lines}) > 0`,
      ),
    )
    .orderBy(desc(id))
    .limit(MOST)
}

/** The corrections that can still be taken back, the latest first; those of one go (of a reset or a file, say) as one. */
export async function undoableCorrections(db: Reader, channel: number, now: number): Promise<Correction[]> {
  const { viewer } = schema
  return Promise.all(
    inGoes(await undoable(db, channel, now)).map(async (parts) => {
      const [first] = parts
      if (first === undefined) throw new Error('A go has a first.')
      const people = sum(parts, (part) => part.people)
      const named =
        people === 1
          ? await db
              .select({ name: viewer.name })
              .from(viewer)
              .where(and(eq(viewer.channel, channel), eq(viewer.id, first.first)))
          : []
      return {
        ...{ adjustments: parts.map(({ id }) => id), at: first.at, by: first.by, of: first.of, why: first.why },
        ...{ people, total: sum(parts, (part) => part.total), name: named[0]?.name ?? null },
      }
    }),
  )
}

/** Whether one of these corrections is a file of people. */
export async function anyImport(db: Reader, channel: number, ids: readonly number[]): Promise<boolean> {
  const { adjustment } = schema
  const found = await db
    .select({ id: adjustment.id })
    .from(adjustment)
    .where(and(eq(adjustment.channel, channel), eq(adjustment.of, 'import'), inArray(adjustment.id, [...ids])))
    .limit(1)
  return found.length > 0
}
