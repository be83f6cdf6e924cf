import { getTableColumns } from 'drizzle-orm'
import { getTableConfig, type PgTable } from 'drizzle-orm/pg-core'
import { cooldowns } from '#core/commands'
import { gaps, plans } from '#core/earning'
import { events, supporters } from '#core/events'
import { accounts, flows, transfers } from '#core/ledger'
import { adjustments, aliases, circles, habits, imports, notes, viewers, watches } from '#core/people'
import { overlays } from '#core/screen'
import { settings } from '#core/settings'
import { shows } from '#core/show'
import { orders, rewards } from '#core/store'
import type { Table } from '#core/world'
import { schema } from '../database/index.ts'

/** How a table of the rules is kept in PostgreSQL: its columns in order, and the statements for it. */
export interface Stored {
  readonly core: Table<object>
  readonly columns: readonly StoredColumn[]
  /** The column that tells a channel's rows apart. */
  readonly key: StoredColumn
  readonly selectList: string
  readonly sqlName: string
  /** Only these rows of a `whole` table are loaded. */
  readonly loadWhere: string
  /** Bulk insert. $1 is the channel, $2 ... one array for each column. */
  readonly insert: string
}

export interface StoredColumn {
  readonly property: string
  readonly name: string
  readonly type: string
  readonly json: boolean
}

function store<R extends object>(core: Table<R>, table: PgTable, loadWhere = 'true'): Stored {
  const sqlName = getTableConfig(table).name
  const columns = Object.entries(getTableColumns(table))
    .filter(([property, column]) => property !== 'channel' && column.generated === undefined)
    .map(([property, column]) => ({
      property,
      name: column.name,
      json: column.getSQLType().startsWith('json'),
      type: column.getSQLType(),
    }))
  const keys = getTableConfig(table).primaryKeys[0]?.columns.map((column) => column.name) ?? []
  const key = columns.find(({ name }) => keys.includes(name))
  if (key === undefined) throw new Error(`The table ${sqlName} has no key beside its channel.`)
  const names = columns.map(({ name }) => `"${name}"`)
  return {
    core: core as unknown as Table<object>,
    columns,
    key,
    selectList: columns.map(({ property, name }) => `"${name}" as "${property}"`).join(', '),
    sqlName,
    loadWhere,
    insert: `insert into "${sqlName}" (channel, ${names}) select $1, * from ${unnested(columns)}`,
  }
}

const unnested = (columns: readonly StoredColumn[]): string =>
  `unnest(${columns.map(({ type }, i) => `$${i + 2}::${type}[]`)})`

/** Bulk update of some columns of rows found by key. $1 is the channel, $2 the keys, $3 ... one array for each column. */
export function updateOf({ sqlName, key }: Stored, columns: readonly StoredColumn[]): string {
  const names = [key, ...columns].map(({ name }) => `"${name}"`)
  const sets = columns.map(({ name }) => `"${name}" = new."${name}"`)
  return `update "${sqlName}" as old set ${sets} from ${unnested([key, ...columns])} as new (${names})
    where old.channel = $1 and old."${key.name}" = new."${key.name}"`
}

/** The show that has not ended, and the last one: it can go on. */
const LATEST_SHOWS = 'id = (select max(id) from show as last where last.channel = $1)'

/** In the order in which they are written: what others refer to comes first. */
export const STORED: readonly Stored[] = [
  store(settings, schema.setting),
  store(shows, schema.show, LATEST_SHOWS),
  store(circles, schema.circle, 'gone_at is null'),
  store(rewards, schema.reward),
  store(overlays, schema.overlay),
  store(viewers, schema.viewer),
  store(aliases, schema.alias),
  store(watches, schema.watch),
  store(habits, schema.habit),
  store(accounts, schema.account),
  store(orders, schema.storeOrder),
  store(flows, schema.flow),
  store(transfers, schema.transfer),
  store(events, schema.event),
  store(adjustments, schema.adjustment),
  store(notes, schema.note),
  store(imports, schema.peopleImport),
  store(supporters, schema.supporter),
  store(gaps, schema.gap),
  store(plans, schema.plan),
  store(cooldowns, schema.cooldown),
]

const byName = new Map(STORED.map((stored) => [stored.core.name, stored]))

export function storedAs(table: Table<object>): Stored {
  const stored = byName.get(table.name)
  if (stored === undefined) throw new Error(`The table ${table.name} of the rules is kept nowhere. Add it to STORED.`)
  return stored
}
