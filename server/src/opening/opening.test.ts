import { expect, onTestFinished, test } from 'vitest'
import { testDatabase } from '../../../testing/server/database.ts'
import { signedInAs, startOn } from '../../../testing/server/server.ts'
import { systemClock } from '../clock.ts'
import { newClaimCode } from './index.ts'

const CURRENCY = { one: 'rivet', many: 'rivets', word: 'rivets' }

/** A fresh installation: no channel, and the code that its start printed. */
async function freshInstallation(environment: Record<string, string> = {}) {
  const { pool, url } = await testDatabase()
  const { web, server } = await startOn(url, environment)
  onTestFinished(() => server.stop())
  const claim = async (account: string, code: string, slug = 'workbench') => {
    const headers = { cookie: account === '' ? '' : await signedInAs(pool, 'desk', account) }
    const body = JSON.stringify({ code, slug, name: 'The Evening Workbench', currency: CURRENCY })
    const response = await fetch(`${web}/api/claim`, { method: 'POST', headers, body })
    return (await response.json()) as { code?: string; channel?: string }
  }
  return { pool, web, code: server.claimCode ?? '', claim }
}

test('the channel goes to who has the code, not to who comes first', async () => {
  const { pool, web, code, claim } = await freshInstallation()
  expect(code).toMatch(/^([A-Z2-9]{5}-){3}[A-Z2-9]{5}$/)
  expect((await fetch(`${web}/`, { redirect: 'manual' })).headers.get('location')).toBe('/claim')
  expect(await claim('', code)).toMatchObject({ code: 'not_signed_in' })
  expect(await claim('mallory', 'AAAAA-AAAAA-AAAAA-AAAAA')).toMatchObject({ code: 'claim_code_wrong' })
  expect((await pool.query('select 1 from channel')).rowCount).toBe(0)
  expect(await claim('wanda', code.toLowerCase().replaceAll('-', ' '))).toEqual({ channel: 'workbench' })
  expect((await pool.query('select slug, owner from channel')).rows).toEqual([{ slug: 'workbench', owner: 'wanda' }])
  expect((await pool.query('select name from overlay')).rows).toEqual([{ name: 'Main picture' }])
  const status = await fetch(`${web}/api/channels/workbench/desk/status`, {
    headers: { cookie: await signedInAs(pool, 'desk', 'wanda') },
  })
  expect(await status.json()).toMatchObject({ currency: CURRENCY, channel: { name: 'The Evening Workbench' } })
})

test('the code is good once, also for two at the same instant', async () => {
  const { pool, code, claim } = await freshInstallation()
  const both = await Promise.all([claim('wanda', code, 'one'), claim('mallory', code, 'two')])
  expect(both.map(({ code: problem }) => problem).sort()).toEqual(['already_claimed', undefined])
  expect((await pool.query('select 1 from channel')).rowCount).toBe(1)
  expect(await claim('mallory', code, 'three')).toMatchObject({ code: 'already_claimed' })
  expect(await newClaimCode(pool, systemClock())).toBeUndefined()
})

test('where anybody may, each opens so many channels, at addresses that are free', async () => {
  const { web, pool, code, claim } = await freshInstallation({ CHANNELS: 'open', CHANNELS_EACH: '2' })
  expect(code).not.toBe('')
  const opening = async () => (await fetch(`${web}/api/opening`)).json()
  expect(await opening()).toEqual({ possible: true, code: true, printed: true })
  expect(await claim('wanda', code, 'one')).toEqual({ channel: 'one' })
  expect(await opening()).toEqual({ possible: true, code: false, printed: false })
  expect(await claim('wanda', '', 'one')).toMatchObject({ code: 'address_taken' })
  expect(await claim('wanda', '', 'two')).toEqual({ channel: 'two' })
  expect(await claim('wanda', '', 'three')).toMatchObject({ code: 'channels_enough' })
  const both = await Promise.all([claim('pia', '', 'garden'), claim('jo', '', 'garden')])
  expect(both.map(({ code: problem }) => problem).sort()).toEqual(['address_taken', undefined])
  await pool.query("update channel set unlisted = true where slug = 'two'")
  const listed = (await (await fetch(`${web}/api/channels`)).json()) as { channels: { slug: string }[] }
  expect(listed.channels.map(({ slug }) => slug).sort()).toEqual(['garden', 'one'])
  const cookie = await signedInAs(pool, 'desk', 'wanda')
  const desks = await (await fetch(`${web}/api/desks`, { headers: { cookie } })).json()
  expect(desks).toMatchObject({ desks: [{ slug: 'one' }, { slug: 'two' }], operator: false })
})

test('the operator makes codes, each good for one channel; sees the channels, and pauses one that stays so', async () => {
  const { web, pool, code, claim } = await freshInstallation({ CHANNELS: 'invited', OPERATORS: 'ines, otto' })
  expect(await claim('wanda', code, 'one')).toEqual({ channel: 'one' })
  const as = async (account: string, method: string, path: string, body?: unknown) => {
    const headers = { cookie: await signedInAs(pool, 'desk', account), 'idempotency-key': crypto.randomUUID() }
    const init = { method, headers, ...(body !== undefined && { body: JSON.stringify(body) }) }
    return (await (await fetch(`${web}/api${path}`, init)).json()) as Record<string, never> & { code?: string }
  }
  for (const [method, path, body] of [
    ['GET', '/operator/channels'],
    ['GET', '/operator/codes'],
    ['POST', '/operator/codes', { whom: 'Pia' }],
    ['POST', '/operator/channels/1/pause', { paused: true }],
  ] as const) {
    expect(await as('wanda', method, path, body)).toMatchObject({ code: 'operator_only' })
    expect((await fetch(`${web}/api${path}`, { method, ...(body && { body: JSON.stringify(body) }) })).status).toBe(401)
  }
  const made = await as('otto', 'POST', '/operator/codes', { whom: 'Pia' })
  expect(await claim('pia', 'AAAAA-AAAAA-AAAAA-AAAAA', 'garden')).toMatchObject({ code: 'claim_code_wrong' })
  expect(await claim('pia', String(made.code), 'garden')).toEqual({ channel: 'garden' })
  expect(await claim('jo', String(made.code), 'roof')).toMatchObject({ code: 'claim_code_wrong' })
  expect(await as('ines', 'GET', '/operator/codes')).toMatchObject({ codes: [{ whom: 'Pia', opened: 'garden' }] })
  const { channels } = (await as('ines', 'GET', '/operator/channels?text=GARD')) as unknown as {
    channels: { id: number; slug: string; owner: string }[]
  }
  expect(channels).toMatchObject([{ slug: 'garden', owner: 'pia' }])
  expect(await as('ines', 'POST', `/operator/channels/${channels[0]?.id}/pause`, { paused: true })).toEqual({})
  expect(await as('pia', 'POST', '/channels/garden/desk/channel/pause', { paused: false })).toMatchObject({
    code: 'paused_by_operator',
  })
  expect(await as('pia', 'POST', '/channels/garden/desk/show/start', { title: 'Dawn' })).toMatchObject({
    code: 'channel_paused',
  })
})
