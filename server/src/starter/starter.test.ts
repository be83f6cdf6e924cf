import { expect, onTestFinished, test } from 'vitest'
import { STEPS } from '#core/starter'
import { testDatabase } from '../../../testing/server/database.ts'
import { signedInAs, startOn, testServer } from '../../../testing/server/server.ts'
import { factsAfter } from '../feed/index.ts'

const AUDIENCE = { people: 30, shows: 3, hours: 3, look: 'warm' }

interface Offer {
  readonly pieces: readonly { readonly key: string; readonly of: string; readonly there: boolean }[]
}

interface State {
  readonly page: string
  readonly steps: readonly { readonly step: string; readonly done: boolean; readonly skipped: boolean }[]
}

/** A channel as somebody has just opened it. */
async function openedChannel(currency = { one: 'acorn', many: 'acorns', word: 'acorns' }) {
  const { pool, url } = await testDatabase()
  const { web, server } = await startOn(url, {})
  onTestFinished(() => server.stop())
  const cookie = await signedInAs(pool, 'desk', 'dawn')
  const send = async (method: string, path: string, body?: unknown, key = crypto.randomUUID()) => {
    const headers = { cookie, 'content-type': 'application/json', 'idempotency-key': key }
    const answer = await fetch(`${web}${path}`, {
      method,
      headers,
      ...(body !== undefined && { body: JSON.stringify(body) }),
    })
    return (await answer.json()) as never
  }
  await send('POST', '/api/claim', { code: server.claimCode, slug: 'garden', name: 'The Roof Garden', currency })
  const call = (method: string, path: string, body?: unknown) => send(method, `/api/channels/garden${path}`, body)
  const offer = async () =>
    ((await call('GET', '/desk/starter/offer?people=30&shows=3&hours=3&look=warm')) as Offer).pieces
  const take = (keys: readonly string[]) => call('POST', '/desk/starter', { audience: AUDIENCE, take: keys })
  const state = async () => (await call('GET', '/desk/starter')) as State
  return { pool, call, offer, take, state, channels: server.channels }
}

test('an empty channel takes the whole starter: every piece of it is made, and it can be bought from', async () => {
  const { pool, offer, take, state, call } = await openedChannel()
  const before = await offer()
  expect(before.filter(({ there }) => there)).toEqual([])
  expect((await state()).steps.find(({ step }) => step === 'starter')).toMatchObject({ done: false })
  expect(await take(before.map(({ key }) => key))).toEqual({ taken: before.length, welcomed: 0, refused: [] })
  expect((await offer()).filter(({ there }) => !there)).toEqual([])
  expect((await state()).steps.find(({ step }) => step === 'starter')).toMatchObject({ done: true })
  const { rows } = await pool.query(
    'select (select count(*) from reward) as rewards, (select count(*) from command) as commands, (select jsonb_array_length(pieces) from overlay) as pieces',
  )
  expect(rows[0]).toMatchObject({ rewards: 10, pieces: 7 })
  const store = (await call('GET', '/store')) as unknown as { rewards: { price: number }[] }
  expect(Math.min(...store.rewards.map(({ price }) => price))).toBeGreaterThan(0)
})

test('a currency whose words are of two scripts is asked for, paid and said as it is written', async () => {
  const { offer, take, channels, pool } = await openedChannel({ one: 'жёлудь', many: 'жёлуди 実', word: 'жёлуди' })
  const pieces = await offer()
  expect(await take(pieces.map(({ key }) => key))).toMatchObject({ taken: pieces.length, refused: [] })
  const who = { account: 'pia', name: 'pia' }
  await channels.submit(1, 'in', { kind: 'presence.arrived', who })
  await channels.submit(1, 'ask', { kind: 'chat.line', who, text: '!ЖЁЛУДИ', privately: false })
  const said = async () =>
    (await factsAfter(pool, 1, 0, 500)).flatMap((fact) => (fact.kind === 'chat.replied' ? [fact.body.text] : []))
  await expect.poll(said).toContain('pia has 50 жёлуди 実.')
})

test('taken twice, or by two at once, nothing is made twice, and what was changed since stays', async () => {
  const { pool, offer, take } = await openedChannel()
  const keys = (await offer()).map(({ key }) => key)
  await take(keys)
  await pool.query("update reward set settings = jsonb_set(settings, '{price}', '7') where settings->>'word' = 'hello'")
  expect(await take(keys)).toEqual({ taken: 0, welcomed: 0, refused: [] })
  const both = await openedChannel()
  await Promise.all([both.take(keys), both.take(keys)])
  const { rows } = await both.pool.query(
    "select settings->>'word' as word, count(*)::int as n from reward group by 1 having count(*) > 1",
  )
  expect(rows).toEqual([])
})

test('who is in the room already gets what a first visit pays, once, and not after the first show', async () => {
  const { pool, take, state, channels } = await openedChannel()
  for (const name of ['pia', 'jo'])
    await channels.submit(1, `in-${name}`, { kind: 'presence.arrived', who: { account: name, name } })
  expect(await take(['earning/plan'])).toEqual({ taken: 1, welcomed: 2, refused: [] })
  expect(await take(['earning/plan'])).toMatchObject({ taken: 0, welcomed: 0 })
  const { rows } = await pool.query("select distinct balance::int from account where kind = 'wallet'")
  expect(rows).toEqual([{ balance: 50 }])
  expect((await state()).steps).toHaveLength(STEPS.length)
})

test('only what is chosen is made; a word that somebody has taken meanwhile is refused alone, with its reason', async () => {
  const { pool, call, take } = await openedChannel()
  await call('PUT', '/desk/currency', { one: 'acorn', many: 'acorns', word: 'quiet' })
  const done = (await take(['command/quiet', 'reward/hello'])) as {
    taken: number
    refused: { name: string; why: string }[]
  }
  expect(done.taken).toBe(1)
  expect(done.refused).toMatchObject([{ name: '!quiet' }])
  expect((await pool.query('select count(*)::int as n from reward')).rows).toEqual([{ n: 1 }])
})

test('steps check themselves by what is true; one that is left out is left out for the whole team, and can be taken up again', async () => {
  const { pool, state, call } = await openedChannel()
  expect((await state()).steps.map(({ step }) => step)).toEqual(STEPS)
  expect((await state()).page).toMatch(/\/c\/garden$/)
  await call('PUT', '/desk/starter/skipped', { step: 'people', skip: true })
  await call('POST', '/desk/show/start', { title: 'Dawn' })
  const now = (await state()).steps
  expect(now.find(({ step }) => step === 'people')).toMatchObject({ done: false, skipped: true })
  expect(now.find(({ step }) => step === 'show')).toMatchObject({ done: true })
  await pool.query(
    `insert into viewer (channel, id, account, account_key, name, chat_name, handle, moderator, ignored, present, first_seen_at, last_seen_at, followed_at)
      select 1, 1000 + n, 'v' || n, 'v' || n, 'v' || n, 'v' || n, 'v' || n, false, false, false, 1, 1, 1 from generate_series(1, 5) n`,
  )
  expect((await state()).steps.find(({ step }) => step === 'people')).toMatchObject({ done: true })
  await call('PUT', '/desk/starter/skipped', { step: 'people', skip: false })
  expect((await state()).steps.find(({ step }) => step === 'people')).toMatchObject({ skipped: false })
})

test('it is for owners alone, and says what is wrong with an audience', async () => {
  const { call, signedIn } = await testServer()
  expect(await call(await signedIn('desk', 'stranger'), 'GET', '/desk/starter')).toMatchObject({
    code: expect.any(String),
  })
  const wanda = await signedIn('desk', 'wanda')
  expect(await call(wanda, 'GET', '/desk/starter/offer?people=0')).toMatchObject({ code: 'query_invalid' })
  expect(await call(wanda, 'POST', '/desk/starter', { audience: { ...AUDIENCE, shows: 99 }, take: [] })).toMatchObject({
    code: 'body_invalid',
  })
})

test('an owner is signed in as the test viewer of their own channel, for an hour, and of no other', async () => {
  const { web, pool, signedIn } = await testServer()
  const post = (cookie: string, slug: string) =>
    fetch(`${web}/auth/viewer/test/${slug}`, { method: 'POST', headers: { cookie } })
  expect((await post('', 'bench')).status).toBe(401)
  expect((await post(await signedIn('desk', 'stranger'), 'bench')).status).toBe(403)
  expect((await post(await signedIn('desk', 'wanda'), 'nowhere')).status).toBe(404)
  const wanda = await signedIn('desk', 'wanda')
  const begun = await post(wanda, 'bench')
  expect(begun.status).toBe(200)
  const cookie = (begun.headers.getSetCookie()[0] ?? '').split(';')[0] ?? ''
  const me = async (beside = wanda) =>
    (await fetch(`${web}/api/channels/bench/me`, { headers: { cookie: `${cookie}; ${beside}` } })).json()
  expect(await me()).toMatchObject({ name: 'Test viewer', test: true, balance: expect.any(Number) })
  expect(await me('')).toMatchObject({ code: 'not_signed_in' })
  expect(await me(await signedIn('desk', 'stranger'))).toMatchObject({ code: 'not_signed_in' })
  const { rows } = await pool.query(
    "select (expires_at - created_at)::int as life from session where account like '~test%'",
  )
  expect(rows).toEqual([{ life: 3600 }])
  await pool.query("update session set account = '~test' || chr(10) || '999' where account like '~test%'")
  expect(await me()).toMatchObject({ code: 'not_signed_in' })
})
