import { readConfig } from './config.ts'
import { createLog } from './log.ts'
import { startServer } from './server.ts'
import { compileChecks } from './settings/index.ts'

async function main(): Promise<void> {
  const config = readConfig(process.env)
  const log = createLog(config.LOG_LEVEL)
  // The timers' library leaves a rejection unheard where the database is away while it gives a failed timer back. Going on is
  // safe: nothing is true but what is committed.
  process.on('unhandledRejection', (err) => log.error({ err }, 'a failure that nobody waited for'))
  const server = await startServer(config, log)
  if (server.claimCode !== undefined) {
    console.log(`This installation has no channel yet. Open ${config.PUBLIC_URL}/claim and enter: ${server.claimCode}`)
  }
  let stopping = false
  const stop = async () => {
    if (stopping) return
    stopping = true
    await server.stop()
    process.exit(0)
  }
  process.on('SIGINT', stop)
  process.on('SIGTERM', stop)
  await compileChecks()
}

main().catch((fault: unknown) => {
  console.error(fault instanceof Error ? fault.message : fault)
  process.exit(1)
})
