import type { Pool } from './connect.ts'

/** A key of a table: its name, and whether the channel is one of its columns. */
export interface TableKey {
  readonly table: string
  readonly key: string
  readonly bearsChannel: boolean
}

/** The tables of which every row is a channel's: they can be spread over machines by it. */
export async function distributedTables(pool: Pool): Promise<string[]> {
  const { rows } = await pool.query<{ name: string }>(`select c.relname as name from pg_class c
    join pg_attribute a on a.attrelid = c.oid
    where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p') and not c.relispartition
      and a.attname = 'channel' and a.attnotnull and not a.attisdropped order by c.relname`)
  // Addresses that channels had are looked for without knowing the channel.
  return rows.map(({ name }) => name).filter((name) => name !== 'former_address')
}

/** Every primary key, unique key and foreign key of these tables. */
export async function keysOfTables(pool: Pool, tables: readonly string[]): Promise<TableKey[]> {
  const unique = `select t.relname as table, i.relname as key,
      exists (select 1 from unnest(x.indkey) k join pg_attribute a on a.attrelid = t.oid and a.attnum = k
        where a.attname = 'channel') as "bearsChannel"
    from pg_index x join pg_class t on t.oid = x.indrelid join pg_class i on i.oid = x.indexrelid
    where x.indisunique and t.relname = any($1::text[])`
  const foreign = `select t.relname as table, c.conname as key,
      exists (select 1 from unnest(c.conkey) k join pg_attribute a on a.attrelid = t.oid and a.attnum = k
        where a.attname = 'channel') as "bearsChannel"
    from pg_constraint c join pg_class t on t.oid = c.conrelid where c.contype = 'f' and t.relname = any($1::text[])`
  const found = await pool.query<TableKey>(`${unique} union all ${foreign} order by 1, 2`, [tables])
  return found.rows
}

/** The statements by which an existing database is spread over the machines of a distributed PostgreSQL: no code of ours shards. */
export function distributingStatements(tables: readonly string[]): string[] {
  const [first, ...others] = tables
  return [
    'create extension if not exists citus;',
    '-- Known everywhere: every other table refers to it.',
    "select create_reference_table('channel');",
    ...(first === undefined ? [] : [`select create_distributed_table('${first}', 'channel');`]),
    ...others.map((name) => `select create_distributed_table('${name}', 'channel', colocate_with => '${first}');`),
  ]
}
