import { getTableColumns } from 'drizzle-orm'
import { getTableConfig, type PgTable } from 'drizzle-orm/pg-core'

/** A column of a table, as the table calls it. */
type ColumnOf<T extends PgTable> = Extract<keyof T['_']['columns'], string>

/** What stands in a column once the person of its row is forgotten, as SQL. `name`: the name that stands for them. */
export type Instead = 'name' | 'nothing' | 'empty' | { readonly sql: string }

/** What a figure comes to where both accounts have a row, as SQL has it of the two. `of`: within the same period only. */
export type Sum = 'sum' | 'greatest' | 'either' | { readonly within: string } | { readonly sql: string }

/** What becomes of a row when its account is merged into another. */
export type Merging<C extends string = string> =
  | 'keep'
  | 'rules'
  | 'move'
  | { readonly key?: string; readonly sums: { readonly [K in C]?: Sum } }

/** A table whose rows are each somebody's. */
export interface Theirs<C extends string = string> {
  readonly of: 'theirs'
  /** What it is called in the file of everything about somebody. */
  readonly called: string
  /** Whose a row is, as SQL. */
  readonly who: string
  /** `keep`: figures without a name. */
  readonly forget: 'delete' | 'keep' | { readonly [K in C]?: Instead }
  readonly merge: Merging<C>
  /** What of a row the person is told who asks for everything; a sentence: why nothing. */
  readonly told: readonly C[] | string
  /** Which rows they may be told of yet, as SQL; all, if left out. */
  readonly toldWhen?: string
  /** Texts that say nothing of the person. */
  readonly plain?: readonly C[]
}

/** A table whose texts may name anybody. */
export interface Mentions<C extends string = string> {
  readonly of: 'mentions'
  readonly columns: readonly C[]
}

/** A table that names nobody, and why that is certain. */
export interface Nobody {
  readonly of: 'nobody'
  readonly why: string
}

export interface DeclaredTable {
  readonly table: PgTable
  readonly people: readonly (Theirs | Mentions | Nobody)[]
}

/** Declares a table each of whose rows is somebody's. */
export const theirs = <T extends PgTable>(
  table: T,
  declared: Omit<Theirs<ColumnOf<T>>, 'of'>,
  mentions: readonly ColumnOf<T>[] = [],
): DeclaredTable => ({
  table,
  people: [
    { of: 'theirs', ...declared },
    ...(mentions.length > 0 ? [{ of: 'mentions', columns: mentions } as const] : []),
  ],
})

/** Declares a table whose texts may name anybody: who is forgotten is taken out of them. */
export const mentions = <T extends PgTable>(table: T, columns: readonly ColumnOf<T>[]): DeclaredTable => ({
  table,
  people: [{ of: 'mentions', columns }],
})

/** Declares a table that names nobody. */
export const nobody = (table: PgTable, why: string): DeclaredTable => ({ table, people: [{ of: 'nobody', why }] })

/** A table's name in PostgreSQL. */
export const sqlName = (table: PgTable): string => getTableConfig(table).name

/** The names of a table's columns in PostgreSQL, but for the channel's and what PostgreSQL makes itself. */
export const columnsOf = (table: PgTable): string[] =>
  Object.values(getTableColumns(table))
    .filter(({ name, generated }) => name !== 'channel' && generated === undefined)
    .map(({ name }) => name)

/** A column's name in PostgreSQL. @throws for one that the table does not have. */
export function columnName(table: PgTable, property: string): string {
  const column = getTableColumns(table)[property]
  if (column === undefined) throw new Error(`The table ${sqlName(table)} has no column ${property}.`)
  return column.name
}

/** The columns that tell the rows of a channel's table apart. */
export const keysOf = (table: PgTable): string[] =>
  (getTableConfig(table).primaryKeys[0]?.columns ?? []).map(({ name }) => name).filter((name) => name !== 'channel')
