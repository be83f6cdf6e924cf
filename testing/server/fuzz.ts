import fc from 'fast-check'
import { Webhook } from 'standardwebhooks'
import { expect, onTestFinished } from 'vitest'
import type { Intent } from '#core/engine'
import { EVENT_DATA } from '#core/events'
import { GAMES, gameSetting } from '#core/games'
import { SPEND_FOR_MORE } from '#core/raffles'
import { systemClock } from '../../server/src/clock.ts'
import { EventSecrets } from '../../server/src/events/index.ts'
import { ARSENAL_WORDS, arsenal } from '../core/arsenal.ts'
import { sumOfAll } from './database.ts'
import { factNumbers } from './factNumbers.ts'
import { hostileId, hostileRequest, sendHostile } from './hostile.ts'
import { testServer } from './server.ts'

/**
 * How much is thrown at the server by each of the two halves, which run side by side: two thirds chat lines, the rest
 * requests, events, and what no browser would send. `npm run fuzz` throws more.
 */
const RUNS = Number(process.env.FUZZ_RUNS ?? 20_000) / 2
/** Only ends one that hangs: many times as long as it takes. */
export const LIMIT_MS = Math.max(600_000, RUNS * 50)
const SEED = Number(process.env.FUZZ_SEED ?? Date.now() % 1_000_000_000)
/** The two halves throw different things. */
const APART = 1_000_000_000
const AT_ONCE = 256
/** After so many lines there are that many more people and rows of theirs. */
const GROWN = 2048

const unheard: unknown[] = []
const hear = (fault: unknown) => void unheard.push(fault)

const anyText = fc.oneof(fc.string({ unit: 'binary', maxLength: 300 }), fc.string({ unit: 'grapheme', maxLength: 40 }))
const account = fc.oneof(fc.constantFrom('pia', 'jo', 'sol', 'wanda'), fc.stringMatching(/^[a-z0-9_]{1,20}$/))
const word = fc.constantFrom('whistle', 'name-it', 'WHISTLE', 'nothing', '')

const chatLine = fc.record({
  kind: fc.constant('chat.line' as const),
  who: fc.record({ account, name: anyText, moderator: fc.boolean() }),
  text: fc.oneof(
    { weight: 3, arbitrary: anyText },
    { weight: 3, arbitrary: fc.tuple(word, anyText).map(([name, text]) => `!get ${name} ${text}`) },
    { weight: 3, arbitrary: anyText.map((text) => `!${text}`) },
    { weight: 3, arbitrary: fc.constant('!rivets') },
    {
      weight: 1,
      arbitrary: fc
        .tuple(
          fc.constantFrom(
            'give',
            'deduct',
            'set',
            'hand',
            'rivets',
            'here',
            'rank',
            'hours',
            'top',
            'help',
            ...ARSENAL_WORDS,
          ),
          fc.oneof(account, anyText),
          anyText,
        )
        .map(([command, name, text]) => `!${command} ${name} ${text}`),
    },
    {
      weight: 1,
      arbitrary: fc
        .tuple(
          fc.constantFrom('heist', 'out', 'duel', 'take', 'pass', 'withdraw', 'spin', 'reels', 'coin', 'cup', 'sitout'),
          fc.oneof(account, fc.constantFrom('10', 'all', 'half', '1k', '-5', '0'), anyText),
          fc.oneof(fc.constantFrom('10', 'red', '17', '2', 'tails', '10 second dozen'), anyText),
        )
        .map(([game, first, second]) => `!${game} ${first} ${second}`),
    },
    {
      weight: 1,
      arbitrary: fc
        .tuple(
          fc.constantFrom('in', 'in', 'lot'),
          fc.oneof(fc.constantFrom('', '2', 'max', 'leave', '1k', '-3', 'draw', '99999999999'), anyText),
        )
        .map(([raffle, rest]) => `!${raffle} ${rest}`),
    },
  ),
  privately: fc.boolean(),
})

const anyJson = fc.jsonValue({ maxDepth: 4 })
const person = fc.record({ account, name: anyText })
const eventData = fc.oneof(
  anyJson,
  fc.record({ who: person, tier: fc.integer(), months: fc.integer(), count: fc.integer(), viewers: fc.nat() }),
  fc.record({
    who: person,
    minorUnits: fc.double(),
    currency: fc.string({ maxLength: 4 }),
    units: fc.nat(),
    text: anyText,
  }),
  fc.record({ who: person, reward: fc.record({ id: anyText, name: anyText }) }),
)
const event = fc.record({
  body: fc.oneof(
    { weight: 1, arbitrary: anyText },
    { weight: 1, arbitrary: anyJson.map((value) => JSON.stringify(value)) },
    {
      weight: 6,
      arbitrary: fc
        .record({
          specversion: fc.constantFrom('1.0', '1.0', '0.3'),
          id: fc.oneof(fc.uuid(), anyText),
          source: anyText,
          type: fc.oneof(fc.constantFrom(...Object.keys(EVENT_DATA)), anyText),
          time: fc.oneof(
            fc.constant(undefined),
            fc.date({ noInvalidDate: true }).map((one) => one.toISOString()),
            anyText,
          ),
          data: eventData,
        })
        .map((value) => JSON.stringify(value)),
    },
  ),
  age: fc.constantFrom(0, 0, 0, 1000, -1000),
  rightly: fc.constantFrom(true, true, true, false),
})

/** What Node answers to a method or a transfer encoding that it does not know. */
const NOT_KNOWN = 501

/** Half of a letter cannot be written into an address. */
const inAddress = (text: string): string => encodeURIComponent(text.replace(/[\ud800-\udfff]/g, ''))

type Arena = Awaited<ReturnType<typeof arena>>

async function arena() {
  const one = await testServer({ TRUSTED_PROXIES: '1' })
  const { secret } = await new EventSecrets(one.pool, systemClock).add(one.channel, 'Fuzz')
  const cookies = [
    '',
    await one.signedIn('viewer', 'pia'),
    await one.signedIn('desk', 'wanda'),
    'ricompensa_desk=guess',
  ]
  return { ...one, secret, cookies: [...cookies, `${cookies[1]}; ${cookies[2]}`] }
}

/** Throws so many of a kind, some hundred at once. The seed printed with it makes the same ones again. */
async function throwAll<T>(
  seed: number,
  name: string,
  arbitrary: fc.Arbitrary<T>,
  count: number,
  one: (value: T, i: number) => Promise<void>,
) {
  console.log(`${count} ${name}, seed ${seed}`)
  for (let done = 0; done < count; done += AT_ONCE) {
    const values = fc.sample(arbitrary, { numRuns: Math.min(AT_ONCE, count - done), seed: seed + done })
    await Promise.all(values.map((value, i) => one(value, done + i)))
  }
}

/** Gives the channel a command of every kind of step, every game, and a show. */
async function furnish(
  pool: Arena['pool'],
  channel: number,
  submit: (key: string, intent: Intent) => Promise<unknown>,
): Promise<void> {
  const next = (await pool.query('select last_id from channel where id = $1', [channel])).rows[0].last_id + 1
  // The server has opened its seed before: one id less is given out.
  const [, ...rest] = arsenal(next - 1)
  for (const [i, intent] of rest.entries()) expect(await submit(`arsenal/${i}`, intent)).toMatchObject({ ok: true })
  for (const game of GAMES) {
    const settings = { ...gameSetting(game).initial, on: true }
    expect(await submit(`game/${game}`, { kind: 'game.change', game, settings })).toMatchObject({ ok: true })
  }
  await submit('start', { kind: 'show.start', title: 'Fuzz' })
  for (const word of ['in', 'lot']) {
    const own = {
      title: word,
      word: { word, aliases: [] },
      prize: { of: 'text' as const, text: 'a lamp' },
      closeSeconds: 0,
    }
    const settings = { ...SPEND_FOR_MORE, ...own, remind: { everyMinutes: 1, beforeMinutes: [] } }
    const intent = { kind: 'raffle.start', settings, opens: { of: 'now' }, setup: null, by: 'wanda' } as const
    expect(await submit(`raffle/${word}`, intent)).toMatchObject({ ok: true })
  }
}

/** Of so many addresses some requests wait for one another, as those of one household do; most do not. */
const ADDRESSES = 32
let asking = 0

/** Asks, and looks at the answer: no fault of the server's, and what is wrong is said. */
async function asked(web: string, path: string, { headers, ...init }: RequestInit): Promise<void> {
  const from = { 'x-forwarded-for': `10.0.0.${asking++ % ADDRESSES}`, ...(headers as object) }
  const response = await fetch(`${web}${path}`, { redirect: 'manual', ...init, headers: from })
  const text = await response.text()
  if (response.status >= 500) throw new Error(`${init.method} ${path} -> ${response.status}: ${text}`)
  if (response.status >= 400 && path.startsWith('/api/')) expect(JSON.parse(text)).toHaveProperty('detail')
}

const throwEvents = ({ web, secret }: Arena, seed: number): Promise<void> =>
  throwAll(seed, 'events', event, RUNS / 10, async ({ body, age, rightly }, i) => {
    const at = new Date(Date.now() - age * 1000)
    const key = rightly ? secret : `whsec_${Buffer.from('another').toString('base64')}`
    const headers = {
      'webhook-id': `fuzz-${i}`,
      'webhook-timestamp': String(Math.floor(at.getTime() / 1000)),
      'webhook-signature': new Webhook(key).sign(`fuzz-${i}`, at, Buffer.from(body).toString()),
    }
    await asked(web, '/api/channels/bench/events', { method: 'POST', headers, body })
  })

const jsonBody = fc.oneof(
  anyText,
  anyJson.map((value) => JSON.stringify(value)),
  fc
    .record({ word, text: anyText, muted: fc.boolean(), title: anyText, name: anyText }, { requiredKeys: [] })
    .map((value) => JSON.stringify(value)),
  fc
    .record({ intervalSeconds: fc.integer(), base: fc.integer(), cap: fc.option(fc.integer()) })
    .map((value) => JSON.stringify(value)),
)

/** Requests for every route of the server, whose parameters, query and body are made up. */
const requestsFor = ({ server, cookies }: Arena) =>
  fc.record({
    method: fc.constantFrom('GET', 'POST', 'PUT', 'DELETE'),
    route: fc.constantFrom(...server.routes.filter(({ path }) => !path.includes('show/end'))),
    rightMethod: fc.constantFrom(true, true, true, false),
    param: fc.oneof(fc.nat(200).map(String), anyText, hostileId),
    query: anyText,
    cookie: fc.constantFrom(...cookies),
    key: fc.oneof(fc.uuid(), fc.constant('same-key-again')),
    body: jsonBody,
  })

async function throwRequests(one: Arena, seed: number): Promise<void> {
  const request = requestsFor(one)
  await throwAll(seed, 'requests', request, RUNS * 0.2, async ({ route, rightMethod, method, ...sent }) => {
    const path = route.path.replace(/:\w+/g, inAddress(sent.param))
    const verb = rightMethod ? route.method.toUpperCase() : method
    const query = `?name=${inAddress(sent.query)}&before=${inAddress(sent.param)}`
    const headers = { cookie: sent.cookie, 'idempotency-key': sent.key, 'content-type': 'application/json' }
    const body = verb !== 'GET' && { body: sent.body }
    await asked(one.web, `/api/channels/bench${path}${query}`, { method: verb, headers, ...body })
  })
  const port = Number(new URL(one.web).port)
  await throwAll(seed, 'hostile requests', fc.tuple(hostileRequest, request), RUNS * 0.05, async ([hostile, sent]) => {
    const path = hostile.path ?? `/api/channels/bench${sent.route.path.replace(/:\w+/g, hostile.id)}`
    const status = await sendHostile(port, hostile, path, sent.cookie)
    if (status >= 500 && status !== NOT_KNOWN) throw new Error(`${JSON.stringify(hostile)} ${path} -> ${status}`)
  })
  expect((await fetch(`${one.web}/healthz`)).status).toBe(200)
}

/** Throws one half of everything at a server of its own. @param half - 0 or 1. */
export async function fuzz(half: number): Promise<void> {
  process.on('unhandledRejection', hear)
  onTestFinished(() => void process.off('unhandledRejection', hear))
  const seed = SEED + half * APART
  const one = await arena()
  const { pool, channel, server } = one
  const submit = server.channels.submit.bind(server.channels, channel)
  await furnish(pool, channel, submit)
  const throwLines = (apart: number, count: number) =>
    throwAll(seed + apart, 'chat lines', chatLine, count, async (line, i) => {
      // The tests' PostgreSQL does not look by itself how its tables have grown.
      if (i % GROWN === 0) await pool.query('analyze')
      const result = await submit(`chat/${apart}/${i}`, line)
      expect(result.ok).toBe(true)
    })
  // Requests meet some thousand viewers, not all: many of them read everybody. The lines after them meet what they changed.
  await throwLines(0, RUNS * 0.1)
  await throwEvents(one, seed)
  await throwRequests(one, seed)
  await throwLines(APART / 2, RUNS * 0.55)
  expect(await sumOfAll(pool)).toBe(0)
  expect((await pool.query('select 1 from account where balance < 0')).rowCount).toBe(0)
  expect((await factNumbers(pool, channel)).wrong).toEqual([])
  expect(unheard).toEqual([])
}
