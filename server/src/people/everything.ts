import { and, asc, eq, getTableColumns, inArray, or, type SQL, sql } from 'drizzle-orm'
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core'
import type { ViewerId } from '#core/schema'
import { type DeclaredTable, keysOf, PEOPLE, type Reader, schema } from '../database/index.ts'

/** Rows that are read at once: who has watched for years has many. */
const AT_ONCE = 2000

/** A part of what is known of somebody: what it is called, the rows that are theirs, and what of each they are told. */
interface Part {
  readonly name: string
  readonly table: PgTable
  readonly where: (ids: readonly number[]) => SQL | undefined
  readonly columns: (ids: readonly number[]) => Record<string, PgColumn | SQL>
}

const { from, to, id, at, amount, reason, detail } = schema.transfer

/** Their part of the ledger: every change of their balance. */
const CHANGES: Part = {
  name: 'changesOfBalance',
  table: schema.transfer,
  where: (ids) => or(inArray(from, [...ids]), inArray(to, [...ids])),
  columns: (ids) => ({
    id,
    at,
    change: sql<number>`case when ${inArray(to, [...ids])} then ${amount} else -${amount} end`.mapWith(Number),
    reason,
    detail,
  }),
}

/** Everything that tables declare to be somebody's, and their part of the ledger. */
const parts = (): Part[] => [...Object.values(PEOPLE).flatMap(partsOf), CHANGES]

function partsOf({ table, people }: DeclaredTable): Part[] {
  return people.flatMap((one) => {
    if (one.of !== 'theirs' || typeof one.told === 'string') return []
    const all: Record<string, PgColumn> = getTableColumns(table)
    const told = one.told.flatMap((property) =>
      all[property] === undefined ? [] : [[property, all[property]] as const],
    )
    return [
      {
        name: one.called,
        table,
        where: (ids: readonly number[]) => and(inArray(sql.raw(one.who), [...ids]), sql.raw(one.toldWhen ?? 'true')),
        columns: () => Object.fromEntries(told),
      },
    ]
  })
}

/** All accounts of a person: their own, and those that were merged into it. */
async function idsOf(db: Reader, channel: number, viewer: ViewerId): Promise<number[]> {
  const { viewer: table } = schema
  const found = await db
    .select({ id: table.id })
    .from(table)
    .where(and(eq(table.channel, channel), or(eq(table.id, viewer), eq(table.mergedInto, viewer))))
  return found.map(({ id }) => id)
}

/**
 * Everything that the channel keeps of one person, as JSON, piece by piece: an object with a list of rows for each kind of thing.
 * It holds nothing of others, and no seed.
 */
export async function* everythingOf(db: Reader, channel: number, viewer: ViewerId): AsyncGenerator<string> {
  const ids = await idsOf(db, channel, viewer)
  yield '{'
  for (const [i, part] of parts().entries()) {
    yield `${i === 0 ? '' : ','}\n${JSON.stringify(part.name)}:[`
    yield* rowsOf(db, channel, ids, part)
    yield ']'
  }
  yield '\n}\n'
}

const TIME = /^at$|(At|Until|Since)$/

/** Moments as dates that people read (ISO 8601, UTC). */
const readable = (name: string, value: unknown): unknown =>
  typeof value === 'number' && value > 0 && TIME.test(name) ? new Date(value * 1000).toISOString() : value

async function* rowsOf(db: Reader, channel: number, ids: readonly number[], part: Part): AsyncGenerator<string> {
  const inOrder = keysOf(part.table).map((key) => sql.identifier(key))
  for (let offset = 0; ; offset += AT_ONCE) {
    const rows = await db
      .select(part.columns(ids))
      .from(part.table)
      .where(and(sql`${part.table}.channel = ${channel}`, part.where(ids)))
      .orderBy(...inOrder.map((key) => asc(sql`${key}`)))
      .limit(AT_ONCE)
      .offset(offset)
    const text = rows.map((row) => JSON.stringify(row, readable)).join(',\n')
    if (text !== '') yield `${offset === 0 ? '' : ','}\n${text}`
    if (rows.length < AT_ONCE) return
  }
}
