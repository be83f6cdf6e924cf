import { createHmac, randomUUID } from 'node:crypto'
import { CloudEvent, HTTP, type Message } from 'cloudevents'
import { expect, test } from 'vitest'
import { testServer } from '../../../testing/server/server.ts'
import { systemClock } from '../clock.ts'
import { IntentBug } from '../writer/index.ts'
import { EventSecrets } from './secrets.ts'

/** A sender that makes its messages with npm's cloudevents, and signs the bytes that it sends. */
async function sender() {
  const one = await testServer()
  const { secret } = await new EventSecrets(one.pool, systemClock).add(one.channel, 'Test')
  const post = async (body: Uint8Array, headers: Record<string, string>) => {
    const [id, at] = [randomUUID(), String(systemClock())]
    const key = Buffer.from(secret.slice('whsec_'.length), 'base64')
    const signature = createHmac('sha256', key).update(`${id}.${at}.`).update(body).digest('base64')
    const signed = { 'webhook-id': id, 'webhook-timestamp': at, 'webhook-signature': `v1,bm9uZQ== v1,${signature}` }
    const response = await fetch(`${one.web}/api/channels/bench/events`, {
      method: 'POST',
      headers: { ...headers, ...signed },
      body: new Uint8Array(body),
    })
    return { status: response.status, ...((await response.json()) as Record<string, never>) }
  }
  const send = ({ headers, body }: Message) => post(Buffer.from(String(body)), headers as Record<string, string>)
  const kept = async () => (await one.pool.query('select source, type, name from event order by id')).rows
  return { ...one, post, send, kept }
}

const follow = (account = 'pia', more: object = {}) =>
  new CloudEvent({
    type: 'ricompensa.follow',
    source: 'urn:workshop:bench',
    subject: 'Brötchen',
    data: { who: { account, name: account } },
    ...more,
  })

test('the modes of CloudEvents that a library makes are taken, and the same event by another mode is the same', async () => {
  const { send, kept } = await sender()
  const event = follow()
  expect(await send(HTTP.structured(event))).toMatchObject({ status: 202, outcome: 'Noted.' })
  expect(await send(HTTP.binary(event))).toMatchObject({ status: 202, outcome: 'Noted.' })
  expect(await send(HTTP.binary(follow('jo', { time: new Date().toISOString() })))).toMatchObject({ status: 202 })
  expect(await kept()).toEqual(
    ['pia', 'jo'].map((name) => ({ source: 'urn:workshop:bench', type: 'ricompensa.follow', name })),
  )
})

test('of a batch every event that is in order is taken, and each is answered', async () => {
  const { post, kept } = await sender()
  const batch = (events: unknown) =>
    post(Buffer.from(JSON.stringify(events)), { 'content-type': 'application/cloudevents-batch+json' })
  const good = [follow('pia').toJSON(), follow('jo').toJSON()]
  expect(await batch(good)).toMatchObject({ status: 202, events: [{ outcome: 'Noted.' }, { outcome: 'Noted.' }] })
  const bad = { ...follow('sol').toJSON(), data: { who: 7 } }
  expect(await batch([follow('ida').toJSON(), bad, follow('otto').toJSON()])).toMatchObject({
    status: 422,
    code: 'batch_refused',
    data: { events: [{ outcome: 'Noted.' }, { code: 'body_invalid' }, { outcome: 'Noted.' }] },
  })
  expect((await kept()).map(({ name }) => name)).toEqual(['pia', 'jo', 'ida', 'otto'])
  expect(await batch({})).toMatchObject({ status: 422, detail: expect.stringContaining('a batch is a list') })
  expect(await batch(Array(101).fill(good[0]))).toMatchObject({ status: 422, detail: expect.stringContaining('100') })
})

test('other media types are refused with those that are taken, and a signature is checked over bytes', async () => {
  const { post, kept } = await sender()
  const body = Buffer.from(JSON.stringify(follow()))
  for (const type of ['text/plain', 'application/xml', 'application/x-www-form-urlencoded'])
    expect(await post(body, { 'content-type': type })).toMatchObject({
      status: 415,
      detail: expect.stringContaining('application/cloudevents-batch+json'),
    })
  // Bytes that are no UTF-8 are signed as they are, and refused for what they are.
  const broken = Buffer.concat([body.subarray(0, 20), Buffer.from([0xff, 0xfe]), body.subarray(20)])
  expect(await post(broken, { 'content-type': 'application/cloudevents+json' })).toMatchObject({ code: 'not_json' })
  expect(await kept()).toEqual([])
})

test('a method that an address does not take is answered with those that it takes', async () => {
  const { web } = await sender()
  const asked = async (method: string, path: string) => {
    const response = await fetch(`${web}${path}`, { method })
    return [response.status, response.headers.get('allow')]
  }
  expect(await asked('PUT', '/api/channels/bench/events')).toEqual([405, 'POST'])
  expect(await asked('DELETE', '/api/openapi.json')).toEqual([405, 'HEAD, GET'])
  expect(await asked('POST', '/api/channels/bench/nothing')).toEqual([404, null])
  const page = await fetch(`${web}/api/channels/bench/nothing`, { headers: { accept: 'text/html' } })
  expect(await page.text()).toContain('Nothing is here')
})

test('a bug in one event of a batch keeps none of the others out', async () => {
  const { post, kept, server } = await sender()
  const submit = server.channels.submit.bind(server.channels)
  server.channels.submit = async (channel, key, intent, from) => {
    if (intent.kind === 'event.received' && intent.who?.account === 'sol') throw new IntentBug('1', { cause: 'a bug' })
    return submit(channel, key, intent, from)
  }
  const batch = JSON.stringify(['pia', 'sol', 'jo'].map((name) => follow(name).toJSON()))
  const headers = { 'content-type': 'application/cloudevents-batch+json' }
  expect(await post(Buffer.from(batch), headers)).toMatchObject({
    code: 'batch_refused',
    data: { events: [{ outcome: 'Noted.' }, { code: 'internal' }, { outcome: 'Noted.' }] },
  })
  expect((await kept()).map(({ name }) => name)).toEqual(['pia', 'jo'])
})
