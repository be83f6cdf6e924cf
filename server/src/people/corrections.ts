import { group } from 'd3-array'
import { and, desc, eq, gte, isNull } from 'drizzle-orm'
import { type Reader, schema } from '../database/index.ts'
import type { Correction } from './answers.ts'

const MOST = 300

/** The corrections that can still be taken back, the latest first; those of one go (of a reset, say) as one. */
export async function undoableCorrections(db: Reader, channel: number, now: number): Promise<Correction[]> {
  const { adjustment, viewer } = schema
  const rows = await db
    .select()
    .from(adjustment)
    .where(and(eq(adjustment.channel, channel), isNull(adjustment.undoneAt), gte(adjustment.undoUntil, now)))
    .orderBy(desc(adjustment.id))
    .limit(MOST)
  const together = group(
    rows.filter(({ lines }) => lines.length > 0),
    ({ by, of, how, amount, why, undoUntil }) => JSON.stringify([by, of, how, amount, why, undoUntil]),
  )
  return Promise.all(
    [...together.values()].map(async (parts) => {
      const [first] = parts
      const lines = parts.flatMap((part) => part.lines)
      if (first === undefined) throw new Error('A group has a first.')
      const alone = lines.length === 1 ? lines[0]?.viewer : undefined
      const [named] =
        alone === undefined
          ? []
          : await db
              .select({ name: viewer.name })
              .from(viewer)
              .where(and(eq(viewer.channel, channel), eq(viewer.id, alone)))
      return {
        adjustments: parts.map(({ id }) => id),
        at: first.at,
        by: first.by,
        of: first.of,
        why: first.why,
        people: lines.length,
        total: lines.reduce((sum, { change }) => sum + change, 0),
        name: named?.name ?? null,
      }
    }),
  )
}
