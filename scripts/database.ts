import { connect, roleOf } from '#server/database/index.ts'
import { layOutDatabase } from '#server/layOut.ts'
import { createLog } from '#server/log.ts'

/**
 * Brings the database up to date as its owner (OWNER_DATABASE_URL), and makes the role that servers sign in as, with the name
 * and password in DATABASE_URL. To be run before each new version's first start; again does no harm.
 */
async function main(): Promise<void> {
  const { OWNER_DATABASE_URL: owner, DATABASE_URL: servers } = process.env
  if (!owner || !servers)
    throw new Error(
      'Set OWNER_DATABASE_URL to the address of the database with its owner, and DATABASE_URL to that of the servers.',
    )
  const role = roleOf(servers)
  if (role.name === roleOf(owner).name)
    throw new Error('The owner and the servers are the same role. Put a new name into DATABASE_URL: the role is made.')
  const pool = connect(owner, 1)
  try {
    await layOutDatabase(pool, process.env.MIGRATIONS_FOLDER || 'server/migrations', role, createLog('warn'))
    console.log(`The database is up to date; servers sign in as ${role.name}.`)
  } finally {
    await pool.end()
  }
}

await main().catch((fault: Error) => {
  console.error(fault.message)
  process.exitCode = 1
})
