import { rmSync } from 'node:fs'
import { build } from './build.ts'
import { startStack } from './demo/stack.ts'

const port = (name: string, fallback: number) => Number(process.env[`${name}_PORT`] ?? fallback)

async function main(): Promise<void> {
  const fresh = process.argv.includes('--fresh')
  if (fresh) rmSync('.data/demo', { recursive: true, force: true })
  await build()
  const stack = await startStack({
    name: 'demo',
    fresh,
    ports: {
      web: port('WEB', 4000),
      standin: port('STANDIN', 4100),
      irc: port('IRC', 4167),
      postgres: port('POSTGRES', 4432),
    },
    seed: 7,
    paceMs: 1600,
  })
  console.log(`
  Ricompensa is running${stack.seeded ? ', with fresh demo data' : ', with the data of last time'}.

    Desk         ${stack.web}/desk/workbench   (sign in as wanda_bench, the streamer)
    Viewer page  ${stack.web}/c/workbench
    Overlay      ${stack.overlay}
    Stand-in     ${stack.standin}/             (the stream with its chat: play any viewer)
    Chat         ${stack.chat}   (any IRC client)

  Ctrl-C stops it and keeps the data; npm run demo -- --fresh starts over.
`)
  let stopping = false
  const stop = async () => {
    if (stopping) return
    stopping = true
    console.log('Stopping ...')
    await stack.stop()
    process.exit(0)
  }
  process.on('SIGINT', stop)
  process.on('SIGHUP', stop)
  process.on('SIGTERM', stop)
}

main().catch((fault: unknown) => {
  console.error(fault instanceof Error ? fault.message : fault)
  process.exit(1)
})
