import { distributedTables } from '../../server/src/database/distributed.ts'
import type { Pool } from '../../server/src/database/index.ts'

/** In so many parts each table is kept. */
const PARTS = 4

/** What stands around the columns of a table: it is made again on the table in parts. */
const AROUND: Readonly<Record<string, string>> = {
  // Checks come along with the columns.
  keys: `select format('alter table %s add constraint %I %s', conrelid::regclass, conname, pg_get_constraintdef(oid)) as sql
    from pg_constraint where contype in ('p', 'u') and (select relname from pg_class where oid = conrelid) = any($1::text[])`,
  indexes: `select pg_get_indexdef(x.indexrelid) as sql from pg_index x
    where (select relname from pg_class where oid = x.indrelid) = any($1::text[])
      and not exists (select 1 from pg_constraint c where c.conindid = x.indexrelid and c.contype in ('p', 'u'))`,
  foreign: `select format('alter table %s add constraint %I %s', conrelid::regclass, conname, pg_get_constraintdef(oid)) as sql
    from pg_constraint where contype = 'f' and ((select relname from pg_class where oid = conrelid) = any($1::text[]) or (select relname from pg_class where oid = confrelid) = any($1::text[]))`,
  triggers: `select pg_get_triggerdef(oid) as sql from pg_trigger where not tgisinternal and (select relname from pg_class where oid = tgrelid) = any($1::text[])`,
}

/**
 * Keeps every table that is a channel's in parts by its channel, as a PostgreSQL on many machines would: it asks the same of keys
 * and statements. The tables must be empty.
 */
export async function keepInParts(pool: Pool): Promise<void> {
  const tables = await distributedTables(pool)
  const around: Record<string, string[]> = {}
  for (const [what, text] of Object.entries(AROUND))
    around[what] = (await pool.query<{ sql: string }>(text, [tables])).rows.map(({ sql }) => sql)
  const statements = [
    ...tables.map((name) => `alter table "${name}" rename to "${name}_whole"`),
    ...tables.flatMap((name) => [
      `create table "${name}" (like "${name}_whole" including defaults including generated including identity
        including constraints including storage) partition by hash (channel)`,
      ...Array.from(
        { length: PARTS },
        (_, i) =>
          `create table "${name}_${i}" partition of "${name}" for values with (modulus ${PARTS}, remainder ${i})`,
      ),
    ]),
    ...tables.map((name) => `drop table "${name}_whole" cascade`),
    ...['keys', 'indexes', 'foreign', 'triggers'].flatMap((what) => around[what] ?? []),
  ]
  for (const sql of statements) await pool.query(sql)
}
