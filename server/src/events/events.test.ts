import { randomUUID } from 'node:crypto'
import { Webhook } from 'standardwebhooks'
import { describe, expect, test, vi } from 'vitest'
import { testServer } from '../../../testing/server/server.ts'
import { systemClock } from '../clock.ts'
import { EventSecrets } from './secrets.ts'

/** The server with one secret, and a sender that signs with it. */
async function withSender() {
  const one = await testServer()
  const secrets = new EventSecrets(one.pool, systemClock)
  const { secret, id: secretId } = await secrets.add(one.channel, 'Test')
  const url = `${one.web}/api/channels/bench/events`
  const send = async (event: object | string, how: { id?: string; age?: number; secret?: string } = {}) => {
    const body = typeof event === 'string' ? event : JSON.stringify({ specversion: '1.0', source: 'test', ...event })
    const id = how.id ?? randomUUID()
    const at = new Date(Date.now() - (how.age ?? 0) * 1000)
    const headers = {
      'content-type': 'application/cloudevents+json',
      'webhook-id': id,
      'webhook-timestamp': String(Math.floor(at.getTime() / 1000)),
      'webhook-signature': new Webhook(how.secret ?? secret).sign(id, at, body),
    }
    const response = await fetch(url, { method: 'POST', headers, body })
    return {
      status: response.status,
      ...((await response.json()) as { outcome?: string; code?: string; detail?: string }),
    }
  }
  const kept = async () => (await one.pool.query('select type, name, outcome from event order by id')).rows
  return { ...one, secrets, secretId, url, send, kept }
}

const who = { account: 'Pia', name: 'Pia' }
/** A wait ends by what it waits for; this only ends one that hangs. */
const PATIENCE = { timeout: 120_000 }

const follow = (id = randomUUID() as string) => ({ id, type: 'ricompensa.follow', data: { who } })

describe('an event from outside', () => {
  test('is taken once, however often it is delivered, even at the same instant', async () => {
    const { send, kept } = await withSender()
    const event = follow('f-1')
    const answers = await Promise.all([send(event), send(event), send(event)])
    expect(answers.map(({ status, outcome }) => [status, outcome])).toEqual(Array(3).fill([202, 'Noted.']))
    expect(await send(event)).toMatchObject({ status: 202, outcome: 'Noted.' })
    expect(await kept()).toEqual([{ type: 'ricompensa.follow', name: 'Pia', outcome: 'Noted.' }])
  })

  test('is turned away with a reason if it is badly signed, ancient, of the future, or not signed at all', async () => {
    const { send, kept, url, pool } = await withSender()
    const stranger = `whsec_${Buffer.from('somebody else').toString('base64')}`
    expect(await send(follow(), { secret: stranger })).toMatchObject({ status: 401, code: 'event_signature_wrong' })
    expect(await send(follow(), { age: 301 })).toMatchObject({ status: 401, code: 'event_out_of_time' })
    expect(await send(follow(), { age: -400 })).toMatchObject({
      status: 401,
      detail: expect.stringContaining('ahead of our clock'),
    })
    expect((await fetch(url, { method: 'POST', body: '{}' })).status).toBe(401)
    expect(await kept()).toEqual([])
    await vi.waitFor(async () => {
      const noted = (await pool.query('select code, times from event_refusal order by code')).rows
      expect(noted).toEqual([
        { code: 'event_not_signed', times: 1 },
        { code: 'event_out_of_time', times: 2 },
        { code: 'event_signature_wrong', times: 1 },
      ])
    }, PATIENCE)
  })

  test('that nobody signed pushes none out of the log that was, however often it comes', async () => {
    const { send, url, pool } = await withSender()
    expect(await send({ type: 'ricompensa.follow' })).toMatchObject({ status: 422 })
    await Promise.all(Array.from({ length: 200 }, () => fetch(url, { method: 'POST', body: '{}' })))
    await vi.waitFor(async () => {
      const noted = (
        await pool.query('select code, sum(times)::int as times, signed from event_refusal group by 1, 3 order by 1')
      ).rows
      expect(noted).toEqual([
        { code: 'body_invalid', times: 1, signed: true },
        { code: 'event_not_signed', times: 200, signed: false },
      ])
    }, PATIENCE)
    expect((await pool.query('select count(*)::int as n from event_refusal')).rows[0].n).toBeLessThan(10)
  })

  test('of a kind that its secret may not send is turned away', async () => {
    const { send, secrets, channel, kept } = await withSender()
    const { secret } = await secrets.add(channel, 'Tips only', ['ricompensa.tip'])
    expect(await send(follow(), { secret })).toMatchObject({ status: 403, code: 'event_kind_not_allowed' })
    const tip = { id: 't-1', type: 'ricompensa.tip', data: { who, minorUnits: 100, currency: 'EUR' } }
    expect(await send(tip, { secret })).toMatchObject({ status: 202 })
    expect(await kept()).toMatchObject([{ type: 'ricompensa.tip' }])
  })

  test('that cannot be read says which part is wrong', async () => {
    const { send, kept } = await withSender()
    expect(await send('{"a":')).toMatchObject({ status: 400, code: 'not_json' })
    expect(await send('[]')).toMatchObject({ status: 422 })
    expect(await send({ type: 'ricompensa.follow' })).toMatchObject({
      detail: expect.stringContaining('id: Is missing.'),
    })
    const badTip = { id: 't', type: 'ricompensa.tip', data: { who, minorUnits: 1.5, currency: 'eur' } }
    expect((await send(badTip)).detail).toMatch(
      /data\.minorUnits: Must be a whole number\. data\.currency: Is not of the form/,
    )
    expect((await send({ ...follow(), time: 'yesterday' })).detail).toContain('is not a time')
    expect((await send({ ...follow(), time: '2999-01-01T00:00:00Z' })).detail).toContain('lies in the future')
    const deep = `${'{"a":'.repeat(60)}1${'}'.repeat(60)}`
    expect((await send({ ...follow(), extra: JSON.parse(deep) })).detail).toContain('nested')
    expect(await kept()).toEqual([])
  })

  test('of a kind that nobody knows here is kept and shown', async () => {
    const { send, kept } = await withSender()
    expect(await send({ id: '1', type: 'elsewhere.thing', data: [1, 2] })).toMatchObject({ status: 202 })
    expect(await kept()).toMatchObject([{ type: 'elsewhere.thing', outcome: expect.stringContaining('Unknown kind') }])
  })

  test('starts and ends the show', async () => {
    const { send, pool } = await withSender()
    const status = async () => (await pool.query('select status from show')).rows.map((row) => row.status)
    await send({ id: 's', type: 'ricompensa.show.started', data: { title: 'Lamps' } })
    expect(await status()).toEqual(['on'])
    await send({ id: 'e', type: 'ricompensa.show.ended', data: {} })
    expect(await status()).not.toEqual(['on'])
  })
})

test('a secret can be replaced without a gap, and a revoked one is good for nothing', async () => {
  const { send, secrets, channel, secretId } = await withSender()
  const { secret } = await secrets.add(channel, 'New')
  expect(await send(follow(), { secret })).toMatchObject({ status: 202 })
  expect(await send(follow())).toMatchObject({ status: 202 })
  await secrets.revoke(channel, secretId)
  expect(await send(follow())).toMatchObject({ status: 401 })
  expect(await send(follow(), { secret })).toMatchObject({ status: 202 })
})

test('the desk makes secrets, shows them once, and tests the way', async () => {
  const { web, signedIn } = await testServer()
  const cookie = await signedIn('desk', 'wanda')
  const call = async (method: string, path: string, body?: object) => {
    const headers = { cookie, 'idempotency-key': randomUUID() }
    const init = body === undefined ? { method, headers } : { method, headers, body: JSON.stringify(body) }
    return (await fetch(`${web}/api/channels/bench/desk/connections${path}`, init)).json()
  }
  const { secret } = await call('POST', '/secrets', { name: 'Tip jar', kinds: ['ricompensa.tip'] })
  expect(secret).toMatch(/^whsec_[A-Za-z0-9+/]{32}$/)
  expect(await call('POST', '/event-test')).toMatchObject({ outcome: 'The test arrived.' })
  const shown = await call('GET', '')
  expect(JSON.stringify(shown)).not.toContain(secret)
  expect(shown).toMatchObject({ secrets: [{ name: 'Tip jar', usedAt: null }], events: [{ type: 'ricompensa.test' }] })
  for (let i = 0; i < 4; i++) await call('POST', '/secrets', { name: `More ${i}`, kinds: ['ricompensa.tip'] })
  expect(await call('POST', '/secrets', { name: 'Too many', kinds: ['ricompensa.tip'] })).toMatchObject({
    code: 'too_many_secrets',
  })
})
