import { randomUUID } from 'node:crypto'
import { copyFile, cp, mkdtemp } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import fc from 'fast-check'
import { expect, onTestFinished, test } from 'vitest'
import type { Intent } from '#core/engine'
import { commitmentOf } from '#core/fairness'
import { agrees } from '#core/games'
import { type RaffleFile, type RaffleSettings, readRaffleFile, recheck } from '#core/raffles'
import { LAMP } from '../../../testing/core/channel.ts'
import { bothWays } from '../../../testing/server/bothWays.ts'
import { PLAN, sumOfAll, testDatabase } from '../../../testing/server/database.ts'
import { expectClean } from '../../../testing/server/peers/csvclean.ts'
import { startOn, testServer } from '../../../testing/server/server.ts'
import { keyring } from '../keys/index.ts'

const NAMES = ['pia', 'jo', 'sol', 'newt', 'umbra']
const SEED = { kind: 'fairness.seed', seed: '5a'.repeat(32), first: true } as const
const starts = (settings: Partial<RaffleSettings> = {}) => ({
  kind: 'raffle.start' as const,
  settings: { ...LAMP, ...settings },
  opens: { of: 'now' as const },
  setup: null,
  by: 'wanda',
})

const step = fc.oneof(
  {
    weight: 8,
    arbitrary: fc.record({
      who: fc.constantFrom(...NAMES),
      text: fc.constantFrom(
        '!in',
        '!in 2',
        '!in max',
        '!in leave',
        '!in 99',
        '!in draw',
        'hello',
        '!radio',
        '!radio 3',
      ),
    }),
  },
  { weight: 2, arbitrary: fc.record({ wait: fc.constantFrom(1, 4, 9, 31, 130) }) },
  {
    weight: 2,
    arbitrary: fc.record({ does: fc.constantFrom('close', 'draw', 'callOff', 'finish' as const), which: fc.nat(2) }),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      word: fc.constantFrom('in', 'radio'),
      price: fc.constantFrom(0, 9),
      winners: fc.constantFrom(1, 3),
      redraw: fc.constantFrom('itself', 'hand' as const),
      claimSeconds: fc.constantFrom(0, 30),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ page: fc.constantFrom(...NAMES), wanted: fc.constantFrom('some', 'leave', 3 as const) }),
  },
)

test('raffles come to the same through the writer, in batches of chance size, as in memory', async () => {
  const { pool } = await testDatabase()
  let run = 0
  const property = fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 60 }), fc.nat(6), async (steps, size) => {
    const { memory, hand, same } = await bothWays(pool, `raffles-${++run}`, PLAN, run % 2 === 0)
    const made: number[] = []
    const start = (settings: Partial<RaffleSettings>) => {
      const result = hand(starts(settings))
      if (result.ok) made.push(result.value.raffle)
    }
    hand(SEED)
    for (const name of NAMES) hand({ kind: 'presence.arrived', who: { account: name, name } })
    hand({
      kind: 'people.adjust',
      viewers: NAMES.map((name) => memory.viewer(name).id),
      of: 'balance',
      how: 'give',
      amount: 60,
      why: '',
      by: 'w',
    })
    start({ price: 7, mostTickets: 5, winners: 2, redraw: 'itself', claimSeconds: 30 })
    for (const one of steps) {
      const raffle = 'which' in one ? (made.at(-1 - one.which) ?? 0) : (made.at(-1) ?? 0)
      if ('wait' in one) memory.now += one.wait
      else if ('does' in one) hand({ kind: 'raffle.act', raffle, does: one.does as never, by: 'wanda' })
      else if ('page' in one)
        hand({ kind: 'raffle.enter', who: { account: one.page, name: one.page }, raffle, wanted: one.wanted as never })
      else if ('word' in one) start({ ...one, mostTickets: 4, word: { word: one.word, aliases: [] } } as never)
      else hand({ kind: 'chat.line', who: { account: one.who, name: one.who }, text: one.text, privately: false })
      for (const intent of memory.dueTimers()) hand(intent)
    }
    await same(size)
  })
  await fc.assert(property, { numRuns: 25 })
  expect(await sumOfAll(pool)).toBe(0)
})

/** A channel with people who hold 1,000 each, over HTTP. */
async function opened(environment: Record<string, string> = {}) {
  const server = await testServer(environment)
  const { signedIn, submit, richViewer, call } = server
  await submit('seed', SEED)
  for (const name of NAMES) await richViewer(name, 1000)
  const desk = await signedIn('desk', 'wanda')
  const atDesk = (method: string, path: string, body?: unknown) => call(desk, method, path, body)
  const as = async (name: string, method: string, path: string, body?: unknown) =>
    call(name === '' ? '' : await signedIn('viewer', name), method, path, body)
  const start = async (settings: Partial<RaffleSettings> = {}): Promise<number> => {
    const made = await atDesk('POST', '/desk/raffles', {
      settings: { ...LAMP, ...settings },
      opens: { of: 'now' },
      setup: null,
    })
    return Number(made.raffle)
  }
  const say = (name: string, text: string) =>
    submit(randomUUID(), { kind: 'chat.line', who: { account: name, name }, text, privately: false })
  return { ...server, atDesk, as, start, say }
}

/** Waits until something is so. */
async function until<T>(look: () => Promise<T | undefined>): Promise<T> {
  for (let i = 0; i < 2400; i++) {
    const found = await look()
    if (found !== undefined) return found
    await new Promise((later) => setTimeout(later, 50))
  }
  throw new Error('It never came to that.')
}

test('a raffle’s page is for everybody, keeps the seed until the end, and its file checks out', async () => {
  const { start, as, atDesk, say, web, pool } = await opened()
  const id = await start({ price: 10, mostTickets: 5, suspenseSeconds: 0 })
  expect(await as('pia', 'POST', `/raffles/${id}/enter`, { wanted: 3 })).toMatchObject({
    added: 3,
    cost: 20,
    balance: 980,
  })
  await say('jo', '!in')
  expect(await as('', 'GET', '/open')).toEqual({ raffles: [{ id, name: LAMP.title }], bets: [], goals: [] })
  const page = await as('', 'GET', `/raffles/${id}`)
  expect(page).toMatchObject({
    prize: 'a restored desk lamp',
    own: null,
    raffle: { status: 'open', people: 2, tickets: 4, seed: null },
    entrants: [{ name: 'jo' }, { name: 'pia', chance: '75 %' }],
  })
  expect(page.rules).toContain('Everyone may enter.')
  expect((await as('pia', 'GET', `/raffles/${id}`)).own).toMatchObject({
    tickets: 3,
    paid: 20,
    couldAdd: 2,
    chance: '75 %',
  })
  const seed = keyring().unseal((await pool.query('select seed from raffle')).rows[0].seed, 'raffle.seed')
  const told = JSON.stringify([
    page,
    await atDesk('GET', '/desk/raffles'),
    await as('', 'GET', `/raffles/${id}/check`),
    await as('', 'GET', '/raffles'),
  ])
  expect(told).not.toContain(seed)
  expect((await pool.query('select facts from fact_batch')).rows.some(({ facts }) => facts.includes(seed))).toBe(false)
  expect(await atDesk('POST', `/desk/raffles/${id}/draw`, { draw: 1 })).toMatchObject({ draws: 1 })
  const { raffle } = await as('', 'GET', `/raffles/${id}`)
  await say(((raffle as never as { waiting: { name: string }[] }).waiting[0] ?? { name: '' }).name, 'it is me')
  expect(await atDesk('POST', `/desk/raffles/${id}/finish`, {})).toMatchObject({ status: 'finished' })
  const file = await fetch(`${web}/api/channels/bench/raffles/${id}/file`)
  expect(file.headers.get('content-disposition')).toContain(`raffle-bench-${id}.json`)
  const read = readRaffleFile(await file.text())
  const whole = (read as { file: RaffleFile }).file
  expect([whole.seed, commitmentOf(whole.seed)]).toEqual([seed, whole.commitment])
  expect(recheck(whole).every(agrees)).toBe(true)
  expect(
    recheck({ ...whole, entrants: whole.entrants.map((one) => ({ ...one, tickets: one.tickets + 1 })) }).every(agrees),
  ).toBe(false)
  expect(readRaffleFile('{"kind":"other"}')).toEqual({ fault: expect.stringContaining('not a raffle’s file') })
  expect(readRaffleFile('nonsense')).toEqual({ fault: expect.stringContaining('not JSON') })
  expect(readRaffleFile(JSON.stringify({ ...whole, seed: '' }))).toEqual({
    fault: expect.stringContaining('published when the raffle ends'),
  })
})

test('the file is made once for each state of a raffle, and not sent again to who has it', async () => {
  const { start, say, web, atDesk } = await opened()
  const id = await start({ suspenseSeconds: 0 })
  const ask = (etag = '') =>
    fetch(`${web}/api/channels/bench/raffles/${id}/check`, { headers: { 'if-none-match': etag } })
  await say('pia', '!in')
  const first = await ask()
  const etag = first.headers.get('etag') ?? ''
  expect(((await first.json()) as RaffleFile).entrants).toHaveLength(1)
  const again = await ask(etag)
  expect([again.status, await again.text()]).toEqual([304, ''])
  await say('jo', '!in')
  const later = await ask(etag)
  expect([later.status, ((await later.json()) as RaffleFile).entrants.length]).toEqual([200, 2])
  await atDesk('POST', `/desk/raffles/${id}/draw`, { draw: 1 })
  expect(((await (await ask(etag)).json()) as RaffleFile).winners).toHaveLength(1)
})

test('two who press at once make one draw', async () => {
  const { start, atDesk, say, pool } = await opened()
  const id = await start({ winners: 3 })
  for (const name of NAMES) await say(name, '!in')
  const both = await Promise.all([1, 2, 3, 4].map(() => atDesk('POST', `/desk/raffles/${id}/draw`, { draw: 1 })))
  expect(both.filter(({ draws }) => Number(draws) === 1)).toHaveLength(1)
  expect(both.filter(({ code }) => code === 'raffle_drawing')).toHaveLength(3)
  expect((await pool.query('select count(*)::int as n from raffle_winner')).rows[0].n).toBe(1)
})

test('a server that ends between the draw and the name tells the same winner when it is back, and draws no other', async () => {
  const { start, atDesk, say, pool, url, server } = await opened()
  // Long enough for a server to stop within it, on however slow a machine.
  const id = await start({ suspenseSeconds: 20 })
  for (const name of NAMES) await say(name, '!in')
  await atDesk('POST', `/desk/raffles/${id}/draw`, { draw: 1 })
  await server.stop()
  const before = await pool.query('select draw, name, point, state from raffle_winner')
  expect(before.rows).toMatchObject([{ draw: 1, state: 'drawn' }])
  const again = await startOn(url)
  try {
    const waiting = await until(
      async () => (await pool.query("select * from raffle_winner where state = 'waiting'")).rows[0],
    )
    expect(waiting).toMatchObject({ draw: 1, name: before.rows[0].name, point: before.rows[0].point })
    const { rows } = await pool.query('select facts from fact_batch')
    const said = rows
      .flatMap(({ facts }) => JSON.parse(facts))
      .filter((fact: { kind: string; body: { text?: string } }) => fact.body.text?.includes('is drawn for'))
    expect(said).toHaveLength(1)
    expect(said[0].body.text).toContain(before.rows[0].name)
  } finally {
    await again.server.stop()
  }
})

test('called off, everybody has their money, page by page, a merged account’s with the person', async () => {
  const { start, atDesk, as, submit, pool, channel } = await opened()
  const id = await start({ price: 10, mostTickets: 5, free: { everyone: 0, standings: [] } })
  for (const name of NAMES) await as(name, 'POST', `/raffles/${id}/enter`, { wanted: 4 })
  const idOf = async (name: string) =>
    (await pool.query('select id from viewer where account = $1', [name])).rows[0].id as number
  const [jo, pia] = [await idOf('jo'), await idOf('pia')]
  await submit('left', { kind: 'presence.left', account: 'jo' })
  expect(await submit('merge', { kind: 'people.merge', from: jo, into: pia, by: 'w' } as never)).toMatchObject({
    ok: true,
  })
  await atDesk('POST', `/desk/raffles/${id}/call-off`, { why: 'The lamp broke.' })
  const off = await until(async () => (await pool.query("select * from raffle where status = 'off'")).rows[0])
  expect(off.why).toBe('The lamp broke. (wanda)')
  const balance = async (account: number) =>
    (await pool.query('select balance from account where channel = $1 and id = $2', [channel, account])).rows[0].balance
  expect([await balance(pia), await balance(jo), await balance(id)]).toEqual([2000, 0, 0])
  expect(await balance(await idOf('sol'))).toBe(1000)
})

test('the desk sees what a raffle would mean, keeps set-ups, and writes what was won into a file', async () => {
  const { start, atDesk, as, say, web, signedIn } = await opened()
  const outlook = await atDesk('POST', '/desk/raffles/outlook', { ...LAMP, hours: 5 })
  expect(outlook).toMatchObject({ faults: {}, here: 5, could: 0, reasons: [{ code: 'raffle_hours', count: 5 }] })
  expect(JSON.stringify(outlook.checks)).toContain('No overlay has a raffle piece')
  expect(
    (await atDesk('POST', '/desk/raffles/outlook', { ...LAMP, word: { word: 'get', aliases: [] } })).faults,
  ).toEqual({ word: expect.stringContaining('would mean two things') })
  const wrong = { ...LAMP, prize: { of: 'pot', share: 50 }, price: 0, seen: { least: 3, of: 2 } }
  expect((await atDesk('POST', '/desk/raffles/outlook', wrong)).faults).toEqual({
    prize: expect.stringContaining('nothing to share'),
    seen: expect.stringContaining('Nobody can be at 3 of 2 shows'),
  })
  expect(
    (await atDesk('POST', '/desk/raffles/outlook', { ...LAMP, price: 20, mostTickets: 11 })).priciest,
  ).toMatchObject({ cost: 200 })
  const kept = await atDesk('POST', '/desk/raffle-setups', { settings: LAMP, digit: 4 })
  await atDesk('POST', '/desk/raffle-setups', { settings: { ...LAMP, title: 'Radio' }, digit: 4 })
  expect((await atDesk('GET', '/desk/raffles')).setups).toMatchObject([{ id: kept.setup, digit: null }, { digit: 4 }])
  const id = await start({ title: '=Lamp', suspenseSeconds: 0, claimSeconds: 0 })
  for (const name of NAMES) await say(name, '!in')
  expect((await atDesk('GET', `/desk/raffles/${id}/entries?text=PI`)).entries).toMatchObject([{ name: 'pia', nr: 1 }])
  await atDesk('POST', `/desk/raffles/${id}/draw`, { draw: 1 })
  const view = await atDesk('GET', `/desk/raffles/${id}`)
  expect(view).toMatchObject({ raffle: { won: 1 }, winners: [{ state: 'won', present: true }] })
  expect(
    await atDesk('POST', `/desk/raffles/${id}/record`, { draw: 1, delivered: true, note: 'by post' }),
  ).toMatchObject({ draw: 1 })
  await atDesk('POST', `/desk/raffles/${id}/finish`, {})
  expect((await atDesk('GET', '/desk/raffles/ended?text=lamp')).raffles).toMatchObject([
    { id, winners: [{ note: 'by post' }] },
  ])
  expect((await atDesk('GET', '/desk/raffles/ended?text=nothing')).raffles).toEqual([])
  const csv = async (path: string) => {
    const headers = { cookie: await signedIn('desk', 'wanda') }
    const text = await (await fetch(`${web}/api/channels/bench${path}`, { headers })).text()
    expectClean(text)
    return text
  }
  expect(await csv('/desk/raffles.csv')).toContain("'=Lamp")
  expect((await csv(`/desk/raffles/${id}/entries.csv`)).split('\r\n')).toHaveLength(NAMES.length + 2)
  expect((await as('pia', 'GET', '/desk/raffles')).code).toBe('not_signed_in')
})

test('a shared address shows title, text and picture, and nothing in them is taken for markup', async () => {
  const folder = await mkdtemp(join(tmpdir(), 'web-'))
  await copyFile('web/viewer.html', join(folder, 'viewer.html'))
  await cp('web/public', folder, { recursive: true })
  const { start, web } = await opened({ WEB_FOLDER: folder })
  const id = await start({ title: '<b>"Lamp" & co</b> $` $& $\'', picture: 'lamp' })
  const html = await (await fetch(`${web}/c/bench/raffles/${id}`)).text()
  const title = "&lt;b&gt;&quot;Lamp&quot; &amp; co&lt;/b&gt; $` $&amp; $'"
  expect(html).toContain(`<meta property="og:title" content="${title} · bench" />`)
  expect(html).toContain('Prize: a restored desk lamp. Closes in ')
  expect(html).not.toContain('<b>"Lamp"')
  const picture = await fetch(`${web}/c/bench/raffles/${id}/preview.png`)
  expect([picture.status, picture.headers.get('content-type')]).toEqual([200, 'image/png'])
  expect((await fetch(`${web}/c/bench/raffles/999999/preview.png`)).status).toBe(404)
  expect((await (await fetch(`${web}/c/bench/raffles/999999`)).text()).includes('og:title')).toBe(false)
})

test('a winner of a share speaks up at a server that has loaded nothing yet, and is paid out of the pot', async () => {
  const { url, pool, channel, submit, richViewer } = await testServer()
  await richViewer('pia', 1000)
  const share = {
    prize: { of: 'pot', share: 50 },
    price: 10,
    mostTickets: 5,
    suspenseSeconds: 0,
    claimSeconds: 600,
  } as const
  const started = await submit('start', starts(share))
  const raffle = started.ok ? started.value.raffle : 0
  const says = (text: string): Intent => ({
    kind: 'chat.line',
    who: { account: 'pia', name: 'pia' },
    text,
    privately: false,
  })
  await submit('in', says('!in 4'))
  for (const does of ['close', 'draw'] as const)
    await submit(does, { kind: 'raffle.act', raffle, does, by: 'wanda' } as Intent)
  const waiting = async () => (await pool.query('select state, amount from raffle_winner')).rows
  expect(await waiting()).toEqual([{ state: 'waiting', amount: 0 }])
  const cold = await startOn(url)
  onTestFinished(() => cold.server.stop())
  await cold.server.channels.submit(channel, 'claim', says('here I am'))
  expect(await waiting()).toEqual([{ state: 'won', amount: expect.any(Number) }])
  expect(Number((await waiting())[0]?.amount)).toBeGreaterThan(0)
})
