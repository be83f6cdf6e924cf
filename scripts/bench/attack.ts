import { fork } from 'node:child_process'
import { createHash } from 'node:crypto'
import { once } from 'node:events'
import { Agent, request } from 'node:http'
import { median } from 'd3-array'
import { freePort } from '../../testing/server/ports.ts'
import { build } from '../build.ts'
import { stopProcess, untilAnswers } from '../demo/processes.ts'
import { scaled } from './scale.ts'
import { freshDatabase, serverOn } from './year.ts'

const HONEST = 50
const PER_SECOND = 200
/** Longer than the window that limits count in. */
const SECONDS = scaled(12, 2)
/** With and without the attacker in turn: other work on this machine meets both. */
const ROUNDS = scaled(5)
const ATTACKS_PER_SECOND = 500
const ATTACKER = '127.0.9.9'

export interface Attacked {
  /** The median of the rounds' 99th percentiles, ms. */
  readonly beside: number
  readonly alone: number
  /** What the attacker managed to send in a second. */
  readonly attacks: number
}

/**
 * 200 requests a second of 50 signed-in viewers, each at home, at the built server: the 99th percentile to the answer
 * alone, and beside one address that sends 500 a second of all kinds. @throws if an honest one is turned away, or the attacker never.
 */
export async function besideAttacker(postgresUrl: string): Promise<Attacked> {
  await build()
  const url = await freshDatabase(postgresUrl, 'attacked', [
    "insert into channel (slug, name, owner) values ('busy', 'Busy', 'busy')",
    ...Array.from({ length: HONEST }, (_, i) => session(i)),
  ])
  const port = await freePort()
  const server = serverOn(url, port)
  try {
    await untilAnswers(`http://127.0.0.1:${port}/healthz`, server, 'server')
    await asked(port)
    return await inTurns(port)
  } finally {
    await stopProcess(server)
  }
}

async function inTurns(port: number): Promise<Attacked> {
  const [alone, beside, attacks]: number[][] = [[], [], []]
  for (let round = 0; round < ROUNDS; round++) {
    alone?.push(p99(await asked(port)))
    const attacked = await underAttack(port)
    beside?.push(attacked.p99)
    attacks?.push(attacked.attacks)
  }
  const [a, b, c] = [alone, beside, attacks].map((all) => median(all ?? []) ?? Number.NaN)
  return { alone: a ?? Number.NaN, beside: b ?? Number.NaN, attacks: c ?? Number.NaN }
}

interface Told {
  readonly sent: number
  readonly turnedAway: number
}

async function underAttack(port: number): Promise<{ p99: number; attacks: number }> {
  const args = [port, ATTACKS_PER_SECOND, ATTACKER].map(String)
  const attacker = fork('scripts/bench/attacker.ts', args, { execArgv: ['--import', 'tsx'] })
  let told: Told = { sent: 0, turnedAway: 0 }
  attacker.on('message', (now: Told) => {
    told = now
  })
  try {
    await once(attacker, 'message')
    const [before, began] = [told.sent, performance.now()]
    const times = await asked(port)
    if (told.turnedAway === 0) throw new Error('The attacker was never turned away.')
    return { p99: p99(times), attacks: ((told.sent - before) * 1000) / (performance.now() - began) }
  } finally {
    attacker.kill()
  }
}

const cookieOf = (i: number) => `bench-viewer-${i}`

const session = (i: number): string => {
  const hash = createHash('sha256').update(cookieOf(i)).digest('hex')
  return `insert into session (id_hash, scope, account, name, created_at, expires_at, seen_at) values ('${hash}', 'viewer',
    'viewer${i}', 'viewer${i}', extract(epoch from now())::bigint, 9999999999, extract(epoch from now())::bigint)`
}

/** Asks steadily for what is light to answer: what is waited for is then the attack, not the work. @returns How long each answer took, in ms. */
async function asked(port: number): Promise<number[]> {
  const people = Array.from(
    { length: HONEST },
    (_, i) => new Agent({ keepAlive: true, localAddress: `127.0.8.${i + 1}` }),
  )
  const answers: Promise<number>[] = []
  const began = performance.now()
  for (let i = 0; i < PER_SECOND * SECONDS; i++) {
    const pause = began + (i * 1000) / PER_SECOND - performance.now()
    if (pause > 1) await new Promise((later) => setTimeout(later, pause))
    const person = i % people.length
    const one = answer(port, people[person] as Agent, i % 2 === 0 ? 'raffles' : 'seeds', cookieOf(person))
    // Looked at at the end, with all others.
    one.catch(() => {})
    answers.push(one)
  }
  return Promise.all(answers).finally(() => {
    for (const agent of people) agent.destroy()
  })
}

/** So often a request is sent again whose connection was lost before its answer. */
const TRIES = 3

interface Asking {
  readonly sent: number
  readonly tries: number
}

/** Asks once, and again where the connection was lost before the answer, as browsers do: what that takes counts. */
function answer(
  port: number,
  agent: Agent,
  what: string,
  session: string,
  { sent, tries }: Asking = { sent: performance.now(), tries: 1 },
): Promise<number> {
  const path = `/api/channels/busy/${what}`
  const headers = { cookie: `ricompensa_viewer=${session}` }
  return new Promise((done, failed) => {
    const call = request({ host: '127.0.0.1', port, path, headers, agent }, (response) => {
      response.resume()
      response.on('end', () => {
        if (response.statusCode === 200) done(performance.now() - sent)
        else failed(new Error(`An honest request for ${path} was answered with ${response.statusCode}.`))
      })
    })
    call.on('error', (error: NodeJS.ErrnoException) => {
      const again = error.code === 'ECONNRESET' && tries < TRIES
      if (again) done(answer(port, agent, what, session, { sent, tries: tries + 1 }))
      else failed(error)
    })
    call.end()
  })
}

const p99 = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.99)] ?? Number.NaN
