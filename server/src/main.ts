import { readConfig } from './config.ts'
import { createLog } from './log.ts'
import { startServer } from './server.ts'

async function main(): Promise<void> {
  const config = readConfig(process.env)
  const log = createLog(config.LOG_LEVEL)
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
}

main().catch((fault: unknown) => {
  console.error(fault instanceof Error ? fault.message : fault)
  process.exit(1)
})
