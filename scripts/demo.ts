import { rmSync } from 'node:fs'
import { build } from './build.ts'
import { type Stack, startStack } from './demo/stack.ts'

const port = (name: string, fallback: number) => Number(process.env[`${name}_PORT`] ?? fallback)

let stopping = false
let stopAll = async () => {}

/** Stops all that has been started, at whatever moment: while the data is filled in, too. */
async function stop(): Promise<void> {
  if (stopping) return
  stopping = true
  console.log('Stopping ...')
  await stopAll()
  process.exit(0)
}

async function main(): Promise<void> {
  for (const signal of ['SIGINT', 'SIGHUP', 'SIGTERM'] as const) process.on(signal, () => void stop())
  const fresh = process.argv.includes('--fresh')
  const empty = process.argv.includes('--empty')
  const name = empty ? 'empty' : 'demo'
  if (fresh) rmSync(`.data/${name}`, { recursive: true, force: true })
  await build()
  if (stopping) return
  const stack = await startStack({
    ...{ name, fresh, empty },
    ports: {
      web: port('WEB', 4000),
      standin: port('STANDIN', 4100),
      irc: port('IRC', 4167),
      postgres: port('POSTGRES', 4432),
    },
    seed: 7,
    paceMs: 1600,
    onBegun: (how) => {
      stopAll = how
    },
  })
  console.log(empty ? emptyTold(stack) : fullTold(stack))
}

const emptyTold = (stack: Stack): string => `
  Ricompensa is running with an empty channel, as it is when one has just been opened.

    Set it up    ${stack.web}/desk/workbench/set-up   (sign in as wanda_bench, the streamer)
    Viewer page  ${stack.web}/c/workbench   (sign in as anybody: valve_vera, for one)
    Stand-in     ${stack.standin}/             (the stream with its chat: play any viewer)
    Overlay      ${stack.overlay}

  Ctrl-C stops it and keeps the data; npm run demo -- --empty --fresh starts over.
`

const fullTold = (stack: Stack): string => `
  Ricompensa is running${stack.seeded ? ', with fresh demo data' : ', with the data of last time'}.

    Desk         ${stack.web}/desk/workbench   (sign in as wanda_bench, the streamer)
    Viewer page  ${stack.web}/c/workbench
    Second one   ${stack.web}/desk/roof-garden  (a small channel: sign in as dawn_wren, or as rosa_dial, who helps in both)
    Operator     ${stack.web}/operator  (sign in as ines_rack)
    Overlay      ${stack.overlay}
    Stand-in     ${stack.standin}/             (the stream with its chat: play any viewer)
    Chat         ${stack.chat}   (any IRC client)

  Ctrl-C stops it and keeps the data; npm run demo -- --fresh starts over; npm run demo -- --empty starts with an empty channel.
`

main().catch((fault: unknown) => {
  // What breaks because it is being stopped is nobody's concern.
  if (stopping) return
  console.error(fault instanceof Error ? fault.message : fault)
  process.exit(1)
})
