import type { Logger as Log } from 'pino'
import { migrateUp, type Pool, restrict } from './database/index.ts'
import { migrateTimers } from './timers/migrate.ts'

/**
 * Brings a database up to date as its owner and makes the role that servers sign in as. Timers are laid out here, too: that role
 * may make no schema, not even one that is there.
 */
export async function layOutDatabase(
  owner: Pool,
  folder: string,
  role: { readonly name: string; readonly password: string },
  log: Log,
): Promise<void> {
  await migrateUp(owner, folder)
  await migrateTimers(owner, log)
  await restrict(owner, role)
}
