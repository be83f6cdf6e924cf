import { setTimeout as pause } from 'node:timers/promises'
import { parseArgs } from 'node:util'
import { chanceFrom } from '../standin/src/chance.ts'
import { build } from './build.ts'
import { type Check, checkAll } from './chaos/checks.ts'
import { openRaffles } from './chaos/openRaffles.ts'
import { Poisoner } from './chaos/poison.ts'
import { somebodyWasDrawn } from './chaos/raffles.ts'
import { type Stage, setStage } from './chaos/stage.ts'
import { type Follower, follow, Storm } from './chaos/storm.ts'
import { until } from './chaos/until.ts'

const FOLLOWERS = 6

type Fault = (stage: Stage, followers: readonly Follower[]) => Promise<void>

/** What can go wrong. Each sees to it that what it broke is put right again. */
const FAULTS: Readonly<Record<string, Fault>> = {
  'kill the first server': ({ servers: [one] }) => killAndStart([one]),
  'kill the second server': ({ servers: [, two] }) => killAndStart([two]),
  'kill both servers': ({ servers }) => killAndStart(servers),
  'stop PostgreSQL at once': async ({ postgres }) => postgres.crash(),
  'stop PostgreSQL and kill a server': async ({ postgres, servers: [one] }) => {
    one.kill()
    postgres.crash()
    await one.start()
  },
  'cut the chat connection': async ({ cutChat }) => cutChat(),
  'drop every live feed': async (_stage, followers) => {
    for (const follower of followers) follower.drop()
  },
}

async function killAndStart(servers: readonly Stage['servers'][number][]): Promise<void> {
  for (const server of servers) server.kill()
  await pause(100)
  await Promise.all(servers.map((server) => server.start()))
}

/** People have something to spend once so many orders were answered. */
const FIRST_ORDERS = 5
/** A storm in which hardly anybody could buy or win would hold whatever is wrong: it goes on for so many orders, and a draw. */
const LEAST_ORDERS = 150
const poisonerHolds = ({ found, wrong }: Poisoner): Check => ({
  name: 'what is poisoned is refused alone',
  wrong: found === 0 ? ['nothing poisoned was found out at all'] : wrong,
})

/** Does so many faults, picked by chance. @returns How often each. */
async function strike(
  cycles: number,
  stage: Stage,
  followers: readonly Follower[],
  chance: () => number,
): Promise<Map<string, number>> {
  const names = Object.keys(FAULTS)
  const counts = new Map<string, number>()
  for (let i = 1; i <= cycles; i++) {
    await pause(600 + chance() * 900)
    const name = names[Math.floor(chance() * names.length)] ?? ''
    counts.set(name, (counts.get(name) ?? 0) + 1)
    await FAULTS[name]?.(stage, followers)
  }
  return counts
}

function tell(checks: readonly Check[]): void {
  for (const { name, wrong } of checks)
    console.log(
      `${wrong.length === 0 ? 'holds' : 'BROKEN'}: ${name}${wrong
        .slice(0, 3)
        .map((one) => `\n  ${one}`)
        .join('')}`,
    )
}

/** A storm of orders, chat, events and earnings with faults in it, and then the question whether everything holds. */
async function main(): Promise<number> {
  const { values } = parseArgs({ options: { cycles: { type: 'string', default: '10' }, seed: { type: 'string' } } })
  const [cycles, seed] = [Number(values.cycles), Number(values.seed ?? Date.now() % 1_000_000)]
  const fault = process.env.CHAOS_PLANTED_FAULT ?? ''
  await build()
  console.log(`${cycles} cycles, seed ${seed}${fault && `, with a planted fault: ${fault}`}`)
  const chance = chanceFrom(seed)
  const stage = await setStage(fault)
  stage.pool.on('error', () => {})
  const storm = new Storm(stage, chance)
  const followers = Array.from({ length: FOLLOWERS }, () => follow(stage, chance))
  storm.start()
  await until(() => storm.orders.length >= FIRST_ORDERS)
  await openRaffles(stage)
  const poisoner = new Poisoner(stage)
  const counts = await strike(cycles, stage, followers, chance)
  await pause(1000)
  await until(async () => storm.orders.length >= LEAST_ORDERS && (await somebodyWasDrawn(stage)))
  await storm.stop()
  await poisoner.stop()
  for (const [name, count] of counts) console.log(`did ${count} times: ${name}`)
  console.log(
    `${storm.orders.length} orders answered, ${storm.refused} refused, ${storm.repeated} sent again to both, ${storm.events.length} events, ${storm.said} chat lines, ${poisoner.found} poisoned intents found out`,
  )
  const checks = [...(await checkAll(stage, storm, followers)), poisonerHolds(poisoner)]
  tell(checks)
  for (const follower of followers) follower.stop()
  await stage.close()
  return checks.some(({ wrong }) => wrong.length > 0) ? 1 : 0
}

process.exit(await main())
