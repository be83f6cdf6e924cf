import { readMigrationFiles } from 'drizzle-orm/migrator'
import { drizzle } from 'drizzle-orm/node-postgres'
import { migrate } from 'drizzle-orm/node-postgres/migrator'
import type { Client, Pool } from './connect.ts'
import { onlyRow } from './onlyRow.ts'

/**
 * Brings the database up to date. Forward only; safe to call on every start and by several instances at once.
 * @throws if the database's history is not the beginning of ours: it was made by a newer version, or a migration that has
 * been applied was edited since.
 */
export async function migrateUp(pool: Pool, folder: string): Promise<void> {
  const client = await pool.connect()
  try {
    await client.query("select pg_advisory_lock(hashtext('ricompensa/migrate'))")
    const behind = await missingOf(client, folder)
    if (behind > 0) {
      if (!(await mayMakeTables(client))) throw new Error(BEHIND)
      await migrate(drizzle(client), { migrationsFolder: folder })
    }
    await client.query("select pg_advisory_unlock(hashtext('ricompensa/migrate'))")
  } finally {
    client.release(true)
  }
}

const BEHIND =
  'The database is behind this version, and the role in DATABASE_URL may not change its tables. Run "npm run database" as its owner (docs/operations.md).'

async function mayMakeTables(client: Client): Promise<boolean> {
  const asked = await client.query<{ may: boolean }>(
    "select has_database_privilege(current_database(), 'create') as may",
  )
  return onlyRow(asked).may
}

/** How many of our migrations the database has not been through. */
async function missingOf(client: Client, folder: string): Promise<number> {
  const all = readMigrationFiles({ migrationsFolder: folder })
  const kept = await client.query("select to_regclass('drizzle.__drizzle_migrations') as found")
  if (kept.rows[0]?.found === null) return all.length
  const ours = new Map(all.map((one) => [one.folderMillis, one.hash]))
  const applied = await client.query('select hash, created_at from drizzle.__drizzle_migrations order by created_at')
  for (const { hash, created_at } of applied.rows) {
    const known = ours.get(Number(created_at))
    if (known === undefined) {
      throw new Error(
        'The database was made by a newer version of Ricompensa. Start that version, or restore a backup from before it.',
      )
    }
    if (known !== hash) {
      throw new Error(
        'A migration that this database has already been through was changed since. Put the files of server/migrations back as they were released.',
      )
    }
  }
  return all.length - applied.rows.length
}
