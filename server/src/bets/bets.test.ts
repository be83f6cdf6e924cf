import { randomUUID } from 'node:crypto'
import fc from 'fast-check'
import { expect, onTestFinished, test } from 'vitest'
import { type BetAct, type BetSettings, USUAL_TERMS } from '#core/bets'
import { bothWays } from '../../../testing/server/bothWays.ts'
import { PLAN, sumOfAll, testDatabase } from '../../../testing/server/database.ts'
import { startOn, testServer } from '../../../testing/server/server.ts'

const NAMES = ['pia', 'jo', 'sol', 'newt']
const SEED = { kind: 'fairness.seed', seed: '5a'.repeat(32), first: true } as const
const RADIO: BetSettings = {
  ...USUAL_TERMS,
  question: 'Will the radio play?',
  outcomes: [
    { name: 'Yes', word: 'yes' },
    { name: 'No', word: 'no' },
  ],
  onAir: false,
  pauseSeconds: 0,
  announce: { ...USUAL_TERMS.announce, soonSeconds: 0 },
}

const act = fc.constantFrom(
  { does: 'lock' as const },
  { does: 'extend' as const, seconds: 20 },
  { does: 'callOff' as const, why: 'a test' },
  ...[0, 1].flatMap((outcome) =>
    [null, 8].map((late) => ({ does: 'settle' as const, outcome, late, note: '', link: '', instead: true })),
  ),
)
const step = fc.oneof(
  {
    weight: 8,
    arbitrary: fc.record({
      who: fc.constantFrom(...NAMES),
      text: fc.constantFrom('!back yes 7', '!back no half', '!back 1 all', '!back out', '!back', '!back no 3'),
    }),
  },
  { weight: 2, arbitrary: fc.record({ wait: fc.constantFrom(1, 5, 30) }) },
  { weight: 3, arbitrary: fc.record({ act }) },
  {
    weight: 1,
    arbitrary: fc.record({
      openSeconds: fc.constantFrom(0, 25),
      several: fc.boolean(),
      rakeBp: fc.constantFrom(0, 777),
      takeBack: fc.boolean(),
      pauseSeconds: fc.constantFrom(0, 10),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ page: fc.constantFrom(...NAMES), outcome: fc.constantFrom(0, 1, null), stake: fc.nat(40) }),
  },
)

test('bets come to the same through the writer, in batches of chance size, as in memory', async () => {
  const { pool } = await testDatabase()
  let run = 0
  const property = fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 50 }), fc.nat(6), async (steps, size) => {
    const { memory, hand, same } = await bothWays(pool, `bets-${++run}`, PLAN, run % 2 === 0)
    let bet = 0
    const open = (more: Partial<BetSettings>) => {
      const made = hand({
        kind: 'bet.open',
        settings: { ...RADIO, ...more, stakes: { smallest: 1, largest: 0, share: 100 } },
        template: null,
        by: 'w',
      })
      if (made.ok) bet = made.value.bet
    }
    hand(SEED)
    for (const name of NAMES) hand({ kind: 'presence.arrived', who: { account: name, name } })
    const viewers = NAMES.map((name) => memory.viewer(name).id)
    hand({ kind: 'people.adjust', viewers, of: 'balance', how: 'give', amount: 60, why: '', by: 'w' })
    open({ takeBack: true, rakeBp: 777 })
    for (const one of steps) {
      if ('wait' in one) memory.now += one.wait
      else if ('act' in one) {
        const { act: does } = one
        const late = does.does === 'settle' && does.late !== null ? memory.now - does.late : null
        const meant = does.does === 'settle' ? { ...does, knownFrom: late } : does
        hand({ kind: 'bet.act', bet, act: meant as never, by: 'wanda' })
      } else if ('page' in one)
        hand({
          kind: 'bet.lay',
          who: { account: one.page, name: one.page },
          bet,
          outcome: one.outcome,
          stake: one.stake,
        })
      else if ('several' in one) open(one)
      else hand({ kind: 'chat.line', who: { account: one.who, name: one.who }, text: one.text, privately: false })
      for (const intent of memory.dueTimers()) hand(intent)
    }
    await same(size)
  })
  await fc.assert(property, { numRuns: 25 })
  expect(await sumOfAll(pool)).toBe(0)
})

/** A channel with people who hold 1,000 each, over HTTP. */
async function opened() {
  const server = await testServer()
  const { signedIn, submit, richViewer, call } = server
  await submit('seed', SEED)
  for (const name of NAMES) await richViewer(name, 1000)
  const desk = await signedIn('desk', 'wanda')
  const atDesk = (method: string, path: string, body?: unknown) => call(desk, method, path, body)
  const as = async (name: string, method: string, path: string, body?: unknown) =>
    call(name === '' ? '' : await signedIn('viewer', name), method, path, body)
  const open = async (settings: Partial<BetSettings> = {}): Promise<number> =>
    Number((await atDesk('POST', '/desk/bets', { settings: { ...RADIO, ...settings }, template: null })).bet)
  const say = (name: string, text: string) =>
    submit(randomUUID(), { kind: 'chat.line', who: { account: name, name }, text, privately: false })
  const settle = (bet: number, outcome: number, more: object = {}) =>
    atDesk('POST', `/desk/bets/${bet}/settle`, {
      outcome,
      knownFrom: null,
      note: '',
      link: '',
      instead: false,
      ...more,
    })
  return { ...server, atDesk, as, open, say, settle }
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

test('a bet is laid on the page and in chat, looked through before it is settled, and paid', async () => {
  const { open, as, say, atDesk, settle, pool } = await opened()
  const bet = await open({ rakeBp: 1000 })
  expect(await as('pia', 'POST', `/bets/${bet}/lay`, { outcome: 0, stake: 100 })).toMatchObject({
    staked: 100,
    balance: 900,
  })
  expect((await as('', 'POST', `/bets/${bet}/lay`, { outcome: 0, stake: 100 })).code).toBe('not_signed_in')
  await say('jo', '!back no 300')
  const page = await as('pia', 'GET', '/bets')
  expect(page).toMatchObject({
    word: 'back',
    balance: 900,
    running: [
      { id: bet, status: 'open', lanes: [{ staked: 100, people: 1 }, { staked: 300 }], own: { staked: [100, 0] } },
    ],
  })
  expect(JSON.stringify(await as('', 'GET', '/bets'))).toContain('"own":null')
  expect((await as('pia', 'GET', '/desk/bets')).code).toBe('not_signed_in')
  await atDesk('POST', `/desk/bets/${bet}/lock`)
  expect((await as('sol', 'POST', `/bets/${bet}/lay`, { outcome: 0, stake: 10 })).code).toBe('bet_locked')
  expect(await atDesk('GET', `/desk/bets/${bet}/payment?outcome=0`)).toMatchObject({
    winners: 1,
    prize: 270,
    rake: 30,
    most: [{ name: 'pia', staked: 100, gets: 370 }],
  })
  expect(await settle(bet, 0, { note: 'at 20:14', link: 'https://example.com/clip' })).toMatchObject({ bet })
  await until(async () => (await pool.query("select 1 from bet where status = 'settled'")).rows[0])
  expect((await atDesk('GET', '/desk/bets/ended?text=20:14')).bets).toMatchObject([
    { id: bet, winner: 0, pickedBy: 'wanda', note: 'at 20:14', payment: { prize: 270 } },
  ])
  expect((await atDesk('GET', `/desk/bets/${bet}?text=p`)).backers).toMatchObject([{ name: 'pia', won: 370 }])
  expect(await as('pia', 'GET', '/bets')).toMatchObject({ balance: 1270, ended: [{ own: { won: 370, back: 0 } }] })
  expect(await atDesk('POST', `/desk/bets/${bet}/record`, { note: 'see the recording', link: '' })).toMatchObject({
    bet,
  })
  expect((await atDesk('GET', '/desk/bets/ended?text=recording')).bets).toHaveLength(1)
  expect((await settle(bet, 1, { link: 'javascript:alert(1)' })).code).toBe('body_invalid')
})

test('two who settle at once pay once', async () => {
  const { open, say, atDesk, settle, pool } = await opened()
  const bet = await open({ pauseSeconds: 1 })
  for (const [name, on] of [
    ['pia', 'yes'],
    ['jo', 'no'],
    ['sol', 'no'],
  ] as const)
    await say(name, `!back ${on} 90`)
  await atDesk('POST', `/desk/bets/${bet}/lock`)
  const both = await Promise.all([0, 1, 1, 0].map((outcome) => settle(bet, outcome)))
  expect(both.filter(({ code }) => code === 'bet_picked')).toHaveLength(3)
  await until(async () => (await pool.query("select 1 from bet where status = 'settled'")).rows[0])
  const paid = await pool.query("select count(*)::int as n, sum(amount)::int as sum from transfer where reason = 'won'")
  // The 1,000 that each of them holds came from nowhere.
  expect([paid.rows[0].sum, await sumOfAll(pool)]).toEqual([270, NAMES.length * 1000])
})

test('a server that ends between the winner and the payment pays once it is back, and no more than once', async () => {
  const { open, say, atDesk, settle, pool, url, server } = await opened()
  const bet = await open({ pauseSeconds: 20 })
  await say('pia', '!back yes 100')
  await say('jo', '!back no 50')
  await atDesk('POST', `/desk/bets/${bet}/lock`)
  await settle(bet, 0)
  await server.stop()
  expect((await pool.query('select status from bet')).rows).toEqual([{ status: 'announced' }])
  const again = await startOn(url)
  try {
    await until(async () => (await pool.query("select 1 from bet where status = 'settled'")).rows[0])
    const won = await pool.query("select amount from transfer where reason = 'won'")
    expect(won.rows).toEqual([{ amount: 150 }])
    const left = await pool.query('select balance from account where id = $1', [bet])
    expect(left.rows).toEqual([{ balance: 0 }])
  } finally {
    await again.server.stop()
  }
})

test('more than one page of backers is paid, and each once', async () => {
  const { open, pool, channel, url, server } = await opened()
  const bet = await open()
  await server.stop()
  // Rows as people's bets leave them; by chat so many would take minutes.
  const many = 4500
  await pool.query(
    `insert into viewer (channel, id, name, chat_name, handle, issuer, account, account_key, moderator, present, ignored, unlisted, tier,
        circles, circles_by_hand, rooms, first_seen_at, last_seen_at, barred_until, linked)
      select channel, 1000000 + i, 'v' || i, 'v' || i, 'v' || i, issuer, 'v' || i, case when issuer = '' then 'v' || i else issuer || chr(10) || 'v' || i end, false, false, false, false, 0,
        circles, circles_by_hand, rooms, first_seen_at, last_seen_at, 0, false
      from viewer, generate_series(1, $2) as i where channel = $1 and account = 'pia'`,
    [channel, many],
  )
  await pool.query(
    `insert into account (channel, id, kind, balance, earned) select $1, 1000000 + i, 'wallet', 0, 0 from generate_series(1, $2) as i`,
    [channel, many],
  )
  await pool.query(
    `insert into backing (channel, key, bet, viewer, name, nr, laid, back, won)
      select $1, $2::bigint || '/' || (1000000 + i), $2, 1000000 + i, 'v' || i, i,
        jsonb_build_array(jsonb_build_object('outcome', i % 2, 'amount', 3, 'at', 1)), 0, 0 from generate_series(1, $3) as i`,
    [channel, bet, many],
  )
  await pool.query('update account set balance = $3 where channel = $1 and id = $2', [channel, bet, many * 3])
  await pool.query('update channel set last_id = 2000000 where id = $1', [channel])
  const cold = await startOn(url)
  onTestFinished(() => cold.server.stop())
  const act = (key: string, does: BetAct) =>
    cold.server.channels.submit(channel, key, { kind: 'bet.act', bet, act: does, by: 'wanda' })
  await act('lock', { does: 'lock' })
  await act('settle', { does: 'settle', outcome: 1, knownFrom: null, note: '', link: '', instead: false })
  await until(async () => (await pool.query("select 1 from bet where status = 'settled'")).rows[0])
  const { rows } = await pool.query('select won, count(*)::int as n from backing group by won order by won')
  expect(rows).toEqual([
    { won: 0, n: many / 2 },
    { won: 6, n: many / 2 },
  ])
  expect((await pool.query('select balance from account where id = $1', [bet])).rows).toEqual([{ balance: 0 }])
})

test('bets need rights of their own, and templates are changed from what was seen', async () => {
  const { atDesk, as, open, call, signedIn } = await opened()
  const kept = await atDesk('POST', '/desk/bet-templates', { settings: RADIO, digit: 3 })
  await atDesk('POST', '/desk/bet-templates', { settings: { ...RADIO, question: 'Rain?' }, digit: 3 })
  expect((await atDesk('GET', '/desk/bets')).templates).toMatchObject([
    { id: kept.template, digit: null },
    { digit: 3 },
  ])
  expect(await atDesk('POST', `/desk/bet-templates/${kept.template}/remove`)).toMatchObject({ template: kept.template })
  const half = { ...RADIO, outcomes: [{ name: 'Yes', word: 'yes' }] }
  expect((await atDesk('POST', '/desk/bets', { settings: half, template: null })).code).toBe('body_invalid')
  expect(
    (await atDesk('PUT', '/desk/bet-terms', { word: { word: 'get', aliases: [] }, terms: USUAL_TERMS })).code,
  ).toBe('words_overlap')
  const bet = await open()
  expect((await call(await signedIn('desk', 'stranger'), 'POST', `/desk/bets/${bet}/lock`)).code).toBe('not_allowed')
  expect((await as('pia', 'GET', '/commands')).commands).toEqual(
    expect.arrayContaining([expect.objectContaining({ word: 'back', group: 'Together' })]),
  )
})
