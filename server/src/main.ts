import { pino } from 'pino'
import { readConfig } from './config.ts'
import { startServer } from './server.ts'

const SECRETS = [
  'req.headers.cookie',
  'req.headers.authorization',
  '*.password',
  '*.secret',
  'DATABASE_URL',
  'OIDC_CLIENT_SECRET',
]

async function main(): Promise<void> {
  const config = readConfig(process.env)
  const log = pino({ level: config.LOG_LEVEL, redact: SECRETS })
  const server = await startServer(config, log)
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
