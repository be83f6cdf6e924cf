import { createServer, type IncomingHttpHeaders } from 'node:http'
import type { AddressInfo } from 'node:net'
import { Webhook } from 'standardwebhooks'
import { expect, onTestFinished, test } from 'vitest'
import { EventSender, KINDS, type Way } from './events.ts'

const SECRET = `whsec_${Buffer.from('a secret of the stand-in').toString('base64')}`
const happening = { kind: 'raid', name: 'Pia', count: 41, text: '' } as const

/** Somebody who listens, and a sender that tells them. */
async function listener() {
  const got: { headers: IncomingHttpHeaders; body: string }[] = []
  const http = createServer((request, response) => {
    let body = ''
    request.on('data', (chunk) => {
      body += String(chunk)
    })
    request.on('end', () => {
      got.push({ headers: request.headers, body })
      response.writeHead(202).end('{"outcome":"Noted."}')
    })
  }).listen(0, '127.0.0.1')
  onTestFinished(() => void http.close())
  await new Promise((listening) => http.once('listening', listening))
  const { port } = http.address() as AddressInfo
  const sender = new EventSender(`http://127.0.0.1:${port}/`, SECRET, 'test')
  const rightly = ({ headers, body }: (typeof got)[number]) => {
    try {
      new Webhook(SECRET).verify(body, headers as Record<string, string>)
      return true
    } catch {
      return false
    }
  }
  return { got, sender, rightly }
}

test('every kind goes out as a signed CloudEvent', async () => {
  const { got, sender, rightly } = await listener()
  for (const kind of KINDS) expect(await sender.send({ ...happening, kind })).toEqual({ status: 202, answer: 'Noted.' })
  expect(got.map(rightly)).toEqual(KINDS.map(() => true))
  const events = got.map(({ body }) => JSON.parse(body))
  expect(events.map(({ type }) => type)).toEqual(KINDS.map((kind) => `ricompensa.${kind}`))
  expect(new Set(events.map(({ id }) => id)).size).toBe(KINDS.length)
  expect(events[KINDS.indexOf('raid')]).toMatchObject({
    specversion: '1.0',
    source: 'test',
    data: { who: { account: 'pia', name: 'Pia' }, viewers: 41 },
  })
})

test.each<[Way, number, boolean]>([
  ['right', 1, true],
  ['twice', 2, true],
  ['wrong secret', 1, false],
  ['an hour old', 1, false],
])('delivered %s: %d times, rightly signed %s', async (way, times, right) => {
  const { got, sender, rightly } = await listener()
  await sender.send(happening, way)
  expect(got).toHaveLength(times)
  expect(got.map(rightly)).toEqual(got.map(() => right))
  expect(new Set(got.map(({ body }) => body)).size).toBe(1)
})

test('without an address or a secret nobody is told', () => {
  expect(new EventSender('', SECRET, 'test').ready).toBe(false)
  expect(new EventSender('http://127.0.0.1:1/', '', 'test').ready).toBe(false)
})
