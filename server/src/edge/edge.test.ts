import { describe, expect, test } from 'vitest'
import { testServer } from '../../../testing/server/server.ts'

const KEY = { 'idempotency-key': 'test-key-0001', 'content-type': 'application/json' }

test('a key that comes again with another body is refused, also at the same moment; with the same it is answered the same', async () => {
  const { web, signedIn, pool } = await testServer()
  const cookie = await signedIn('desk', 'wanda')
  const give = async (key: string, text: string) => {
    const body = JSON.stringify({ text })
    const headers = { ...KEY, 'idempotency-key': key, cookie }
    const response = await fetch(`${web}/api/channels/bench/desk/say`, { method: 'POST', headers, body })
    return response.status
  }
  expect(await give('same-key-1', 'hello')).toBe(200)
  expect(await give('same-key-1', 'hello')).toBe(200)
  expect(await give('same-key-1', 'goodbye')).toBe(422)
  const together = await Promise.all(['one', 'two', 'one', 'two'].map((text) => give('same-key-2', text)))
  expect([...together].sort()).toEqual([200, 200, 422, 422])
  const facts = (await pool.query("select string_agg(facts, '') as facts from fact_batch")).rows[0].facts as string
  expect(facts.match(/chat\.replied/g)).toHaveLength(2)
})

test('every problem has a page that says when it is answered', async () => {
  const { web } = await testServer()
  const page = await fetch(`${web}/problems/balance_too_small`)
  expect([page.status, page.headers.get('content-type')]).toEqual([200, 'text/html; charset=utf-8'])
  expect(await page.text()).toMatch(/<h1>balance too small<\/h1>[\s\S]*The wallet holds less than the price\./)
  expect((await fetch(`${web}/problems/nothing_like_it`)).status).toBe(404)
})

describe('a request that cannot be used', () => {
  const put = async (path: string, init: RequestInit, as = 'wanda') => {
    const { web, signedIn } = await testServer()
    const headers = { cookie: await signedIn('desk', as), ...KEY, ...(init.headers as object) }
    const response = await fetch(`${web}/api/channels/bench${path}`, { method: 'PUT', ...init, headers })
    expect(response.headers.get('content-type')).toBe('application/problem+json')
    return (await response.json()) as { status: number; code: string; detail: string; data?: object }
  }

  test('gets a problem document that says every fault', async () => {
    const body = JSON.stringify({ intervalSeconds: 0, base: 1.5, cap: null, more: 1 })
    const { status, detail, data } = await put('/desk/earning', { body })
    expect(status).toBe(422)
    expect(detail).toContain('intervalSeconds: Must be 10 or more.')
    expect(data).toMatchObject({
      intervalSeconds: 'Must be 10 or more.',
      base: 'Must be a whole number.',
      more: 'Is not known here. Leave it out.',
      welcome: 'Is missing.',
    })
  })

  test('that is not JSON, has no key, comes from elsewhere, is too large, or leads nowhere', async () => {
    expect(await put('/desk/earning', { body: '{' })).toMatchObject({ code: 'not_json', status: 400 })
    expect(await put('/desk/earning', { body: '{}', headers: { 'idempotency-key': 'x' } })).toMatchObject({
      code: 'key_missing',
    })
    expect(await put('/desk/earning', { body: '{}', headers: { origin: 'https://elsewhere.example' } })).toMatchObject({
      code: 'from_elsewhere',
      status: 403,
    })
    expect(await put('/desk/earning', { body: `"${'x'.repeat(70_000)}"` })).toMatchObject({
      code: 'too_large',
      status: 413,
    })
    expect(await put('/nowhere', { body: '{}' })).toMatchObject({ code: 'not_found', status: 404 })
  })
})

test('a purchase on the page is made once, answers with the balance, and shows in the trail', async () => {
  const { web, richViewer, signedIn } = await testServer()
  await richViewer('pia', 100)
  const cookie = await signedIn('viewer', 'pia')
  const order = () =>
    fetch(`${web}/api/channels/bench/orders`, {
      method: 'POST',
      headers: { cookie, ...KEY },
      body: JSON.stringify({ word: 'whistle', text: '' }),
    }).then((response) => response.json())
  const [first, second] = await Promise.all([order(), order()])
  expect(first).toMatchObject({ status: 'done', balance: 40 })
  expect(second).toEqual(first)
  const { entries } = await fetch(`${web}/api/channels/bench/me/trail`, { headers: { cookie } }).then((r) => r.json())
  expect(entries).toEqual([expect.objectContaining({ change: -60, balance: 40, why: 'Bought: Factory whistle' })])
})

test('what became of an order shows in the trail of who paid for it', async () => {
  const { web, submit, signedIn, richViewer } = await testServer()
  await richViewer('pia', 100)
  const place = (key: string) =>
    submit(key, { kind: 'store.buy', who: { account: 'pia', name: 'pia' }, word: 'name-it', text: key })
  const [done, returned] = [await place('lamp'), await place('radio')]
  await submit('d', { kind: 'store.done', order: Number(done.ok && done.value.order), by: 'wanda' })
  await submit('g', { kind: 'store.giveBack', order: Number(returned.ok && returned.value.order), by: 'wanda' })
  const cookie = await signedIn('viewer', 'pia')
  const { entries } = await fetch(`${web}/api/channels/bench/me/trail`, { headers: { cookie } }).then((r) => r.json())
  expect(entries.map(({ why, change, balance }: Record<string, unknown>) => [why, change, balance])).toEqual([
    ['Refunded: Name the mended thing', 45, 55],
    ['Done: Name the mended thing', 0, null],
    ['Bought: Name the mended thing', -45, 10],
    ['Bought: Name the mended thing', -45, 55],
  ])
})

test('a sign-in cannot be made to end elsewhere, and an unknown one is refused', async () => {
  const { web } = await testServer()
  const back = await fetch(`${web}/auth/callback?state=unknown&code=x`, { redirect: 'manual' })
  expect(await back.json()).toMatchObject({ code: 'sign_in_failed' })
  expect((await fetch(`${web}/auth/nobody/start`, { redirect: 'manual' })).status).toBe(404)
})
