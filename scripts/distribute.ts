import { distributedTables, distributingStatements } from '#server/database/distributed.ts'
import { connect } from '#server/database/index.ts'

/** `npm run distribute -- --print`: the statements that spread the tables over machines. It runs none of them. */
async function main(): Promise<void> {
  const url = process.env.OWNER_DATABASE_URL ?? process.env.DATABASE_URL
  if (!process.argv.includes('--print') || url === undefined) {
    console.error(
      'Set DATABASE_URL, and say: npm run distribute -- --print. The statements are printed; you run them yourself.',
    )
    process.exit(2)
  }
  const pool = connect(url, 1)
  try {
    console.log(distributingStatements(await distributedTables(pool)).join('\n'))
  } finally {
    await pool.end()
  }
}

await main()
