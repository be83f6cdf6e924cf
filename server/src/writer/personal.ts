import type { PgTable } from 'drizzle-orm/pg-core'
import {
  columnName,
  columnsOf,
  type Instead,
  keysOf,
  type Merging,
  PEOPLE,
  type Sum,
  sqlName,
  type Theirs,
} from '../database/index.ts'

interface Owned extends Theirs {
  readonly table: PgTable
}

/** Every table each of whose rows is somebody's. */
const owned = (): Owned[] =>
  Object.values(PEOPLE).flatMap(({ table, people }) =>
    people.flatMap((one) => (one.of === 'theirs' ? [{ table, ...one }] : [])),
  )

const INSTEAD = { name: (who: string) => `'somebody ' || ${who}`, nothing: () => 'null', empty: () => "''" }

const insteadOf = (instead: Instead, who: string): string =>
  typeof instead === 'string' ? INSTEAD[instead](who) : instead.sql

/** What takes somebody out of the rows that are theirs, a statement for each table. $1: the channel, $2: their ids. */
export const forgetStatements = (): string[] =>
  owned().flatMap(({ table, who, forget }) => {
    if (forget === 'keep') return []
    const where = `where channel = $1 and ${who} = any($2)`
    if (forget === 'delete') return [`delete from ${sqlName(table)} ${where}`]
    const columns = Object.entries(forget).flatMap(([property, instead]) =>
      instead === undefined ? [] : [`${columnName(table, property)} = ${insteadOf(instead, who)}`],
    )
    return [`update ${sqlName(table)} set ${columns.join(', ')} ${where}`]
  })

/** A query of every name that somebody's rows show them by. $1: the channel, $2: their ids. */
export const namesToldOf = (): string =>
  owned()
    .flatMap(({ table, who, forget }) => {
      const names = typeof forget === 'string' ? [] : Object.entries(forget).filter(([, one]) => one === 'name')
      return names.map(
        ([property]) =>
          `select ${columnName(table, property)} as name from ${sqlName(table)} where channel = $1 and ${who} = any($2)`,
      )
    })
    .join(' union ')

/** A text, or JSON, that may name anybody: where it is, and what tells its rows apart. */
interface NamingText {
  readonly table: string
  readonly keys: readonly string[]
  readonly column: string
}

/** Every text that may name anybody, but for the transfers': these are the ledger's, and changed under a guard of their own. */
export const textsThatName = (): NamingText[] =>
  Object.values(PEOPLE).flatMap(({ table, people }) =>
    people.flatMap((one) =>
      one.of !== 'mentions' || table === PEOPLE.transfer.table
        ? []
        : one.columns.map((property) => ({
            table: sqlName(table),
            keys: keysOf(table),
            column: columnName(table, property),
          })),
    ),
  )

/** What makes the rows of an account that is given up the person's. $1: the channel, $2: the account's id, $3: the person's. */
export const mergeStatements = (): string[] =>
  owned().flatMap((one) => {
    const { table, who, merge } = one
    if (merge === 'keep' || merge === 'rules') return []
    if (merge === 'move') return [`update ${sqlName(table)} set ${who} = $3 where channel = $1 and ${who} = $2`]
    return [addUp(one, merge), `delete from ${sqlName(table)} where channel = $1 and ${who} = $2::bigint`]
  })

function addUp({ table, who }: Owned, { key, sums }: Exclude<Merging, string>): string {
  const name = sqlName(table)
  const columns = columnsOf(table)
  const taken = columns.map((column) => (column === who ? '$3::bigint' : column === 'key' && key ? key : column))
  const set = Object.entries(sums).flatMap(([property, sum]) =>
    sum === undefined ? [] : [`${columnName(table, property)} = ${summed(table, columnName(table, property), sum)}`],
  )
  return `insert into ${name} (channel, ${columns.join(', ')})
    select channel, ${taken.join(', ')} from ${name} where channel = $1 and ${who} = $2::bigint
    on conflict (channel, ${keysOf(table).join(', ')}) do update set ${set.join(', ')}`
}

function summed(table: PgTable, column: string, sum: Sum): string {
  const [own, other] = [`${sqlName(table)}.${column}`, `excluded.${column}`]
  if (sum === 'sum') return `${own} + ${other}`
  if (sum === 'greatest') return `greatest(${own}, ${other})`
  if (sum === 'either') return `${own} or ${other}`
  if ('sql' in sum) return sum.sql
  const period = columnName(table, sum.within)
  const [now, then] = [`${sqlName(table)}.${period}`, `excluded.${period}`]
  return `case when ${now} = ${then} then ${own} + ${other} when ${then} > ${now} then ${other} else ${own} end`
}
