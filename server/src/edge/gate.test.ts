import { request } from 'node:http'
import { connect, type Socket } from 'node:net'
import { describe, expect, test, vi } from 'vitest'
import { startOn, testServer } from '../../../testing/server/server.ts'
import type { Route } from '../http/index.ts'
import { subnetOf } from './address.ts'
import { Declarations } from './declared.ts'

/** Sends a body in pieces without saying how long it is, for as long as the server takes it. @returns status and bytes sent. */
function sendChunked(address: string, headers: Record<string, string>, pieces: number, size: number) {
  return new Promise<{ status: number; sent: number }>((done) => {
    let sent = 0
    let status = 0
    const sending = request(address, { method: 'POST', headers }, (response) => {
      status = response.statusCode ?? 0
      response.resume()
      response.on('close', () => done({ status, sent }))
    })
    sending.on('error', () => done({ status, sent }))
    const piece = Buffer.alloc(size, 'x')
    const next = () => {
      if (sent >= pieces * size || status !== 0 || sending.destroyed) return void sending.end()
      sent += size
      sending.write(piece, () => setImmediate(next))
    }
    next()
  })
}

/** Asks with the address written just so. */
function plainly(web: string, path: string) {
  return new Promise<{ status: number | undefined; policy: unknown }>((done, failed) => {
    request(web, { path }, (response) => {
      response.resume()
      done({ status: response.statusCode, policy: response.headers['content-security-policy'] })
    })
      .on('error', failed)
      .end()
  })
}

describe('a body', () => {
  const file = '/api/channels/bench/desk/media?name=x'
  const headers = (cookie: string) => ({ cookie, 'idempotency-key': 'chunked-body', 'transfer-encoding': 'chunked' })

  test('is not read before it is known who sends it, wherever its address ends', async () => {
    const { web } = await testServer()
    for (const path of [file, '/nowhere/desk/media', '/api/channels/bench/orders']) {
      const { status, sent } = await sendChunked(`${web}${path}`, headers(''), 400, 65_536)
      expect([path, status]).toEqual([path, path.startsWith('/nowhere') ? 404 : 401])
      expect(sent).toBeLessThan(20_000_000)
    }
  })

  test('is read against its own limit and not a byte further', async () => {
    const { web, signedIn } = await testServer()
    const cookie = await signedIn('desk', 'wanda')
    expect((await sendChunked(`${web}${file}`, headers(cookie), 600, 65_536)).status).toBe(413)
    const small = await sendChunked(`${web}/api/channels/bench/desk/voice`, headers(cookie), 10, 65_536)
    expect(small.status).toBe(405)
    const put = await fetch(`${web}/api/channels/bench/desk/voice`, {
      method: 'PUT',
      headers: { cookie, 'idempotency-key': 'large-body', 'content-type': 'application/json' },
      body: JSON.stringify({ muted: true, more: 'x'.repeat(70_000) }),
    })
    expect(await put.json()).toMatchObject({ code: 'too_large' })
    const events = await sendChunked(`${web}/api/channels/bench/events`, headers(''), 10, 65_536)
    expect(events.status).toBe(413)
  })
})

const headers429 = { 'transfer-encoding': 'chunked' }

describe('limits', () => {
  test('used up, an address is answered before anything is made of what it sends, and still gets its pages', async () => {
    const { web } = await testServer({ REQUESTS_PER_10S: '3' })
    const ask = () => fetch(`${web}/api/channels/bench/store`)
    let answer = await ask()
    // What stands in front says nothing of what a page may load.
    for (let i = 0; answer.headers.has('content-security-policy') && i < 100; i++) answer = await ask()
    expect(answer.status).toBe(429)
    expect(Number(answer.headers.get('retry-after'))).toBeGreaterThan(0)
    expect(await answer.json()).toMatchObject({ code: 'too_many_requests' })
    for (const path of [
      '/%61pi/channels/bench/store',
      `${web}/api/channels/bench/store`,
      '/api/channels/bench/store?a=/feed',
    ])
      expect([path, await plainly(web, path)]).toEqual([path, { status: 429, policy: undefined }])
    const big = await sendChunked(`${web}/api/channels/bench/orders`, headers429, 400, 65_536)
    expect([429, 0]).toContain(big.status)
    expect(big.sent).toBeLessThan(20_000_000)
    expect((await fetch(`${web}/healthz`)).status).toBe(200)
  })

  test('hold for connections over which nothing is sent, too: what passes them is hung up, and a closed one makes room', async () => {
    const { web } = await testServer({ FEEDS_PER_ADDRESS: '1' })
    const port = Number(new URL(web).port)
    const hungUp = new Set<Socket>()
    const open = () =>
      new Promise<Socket>((there) => {
        const socket = connect(port, '127.0.0.1', () => there(socket))
        socket.on('error', () => {}).on('close', () => hungUp.add(socket))
      })
    const held = await Promise.all(Array.from({ length: 420 }, open))
    await vi.waitFor(() => expect(hungUp.size).toBeGreaterThanOrEqual(19), { timeout: 120_000 })
    expect(hungUp.size).toBeLessThanOrEqual(420 - 400)
    for (const socket of held.slice(0, 50)) socket.destroy()
    await vi.waitFor(async () => expect((await fetch(`${web}/healthz`)).status).toBe(200), { timeout: 120_000 })
    for (const socket of held) socket.destroy()
  })

  test('are shared by all servers on one database, and count an IPv6 network as one address', async () => {
    const { url, web, pool } = await testServer({ REQUESTS_PER_10S: '10', TRUSTED_PROXIES: '1' })
    const other = await startOn(url, { REQUESTS_PER_10S: '10', TRUSTED_PROXIES: '1' })
    try {
      const ask = async (at: string, from: string) =>
        (await fetch(`${at}/api/channels/bench/store`, { headers: { 'x-forwarded-for': from } })).status
      // In one window of ten seconds, whenever the test begins.
      const all: number[] = []
      for (let i = 0; i < 16; i++) all.push(await ask(i % 2 ? web : other.web, `2001:db8:7:1::${i}`))
      const allowed = all.filter((status) => status === 200).length
      expect(allowed).toBeGreaterThanOrEqual(10)
      expect(allowed).toBeLessThanOrEqual(11)
      expect(await ask(web, '2001:db8:7:2::1')).toBe(200)
      const keys = (await pool.query('select key from rate_limit order by key')).rows.map(({ key }) => key)
      expect(keys).toEqual(['a:2001:db8:7:1::/64', 'a:2001:db8:7:2::/64'])
    } finally {
      await other.server.stop()
    }
  })

  test('tell networks apart by what one customer has', () => {
    expect(subnetOf('2001:db8:0:1:aaaa::1')).toBe('2001:db8:0:1::/64')
    expect(subnetOf('2001:0db8::1')).toBe('2001:db8:0:0::/64')
    expect(subnetOf('::1')).toBe('0:0:0:0::/64')
    expect(subnetOf('::ffff:203.0.113.7')).toBe('203.0.113.7')
    expect(subnetOf('fe80::1%eth0')).toBe('fe80:0:0:0::/64')
    expect(subnetOf('203.0.113.7')).toBe('203.0.113.7')
    expect(subnetOf('x'.repeat(1000))).toHaveLength(64)
  })

  test('hold a raffle’s preview to a tenth, whatever the channel is called in the address', async () => {
    const { web } = await testServer({ REQUESTS_PER_10S: '40' })
    const statuses: number[] = []
    for (let i = 0; i < 6; i++) statuses.push((await fetch(`${web}/c/bench/raffles/1/preview.png`)).status)
    expect(statuses).toEqual([404, 404, 404, 404, 429, 429])
  })
})

test('every pattern is that of one route, and answers what it declares for caches', async () => {
  const { web, server, signedIn } = await testServer()
  const declarations = new Declarations(server.routes)
  expect(declarations.patterns.length).toBeGreaterThan(server.routes.length + 20)
  const cookie = `${await signedIn('desk', 'wanda')}; ${await signedIn('viewer', 'pia')}`
  for (const pattern of declarations.patterns) {
    const [method = '', path = ''] = pattern.split(' ')
    if (method !== 'GET' || path.endsWith('/feed')) continue
    const address = path.replace(':channel', 'bench').replace(/:\w+|\*/g, '1')
    const response = await fetch(`${web}${address}`, { headers: { cookie }, redirect: 'manual' })
    await response.body?.cancel()
    const { cache } = declarations.of(method, path)
    const kept = response.headers.get('cache-control')
    expect([pattern, kept]).toEqual([pattern, response.ok ? cache : 'no-store'])
  }
})

/** A call of a route with a text wherever it takes an id or a figure; of a route that takes none there is only one. */
function hostileCall({ method, path, asks = {} }: Route, text: string) {
  const asked = Object.keys(asks)
    .map((name) => `${name}=${text}`)
    .join('&')
  const whole = `${path.replace(/:\w+/g, text)}${asked === '' ? '' : `?${asked}`}`
  return { name: `${method} ${whole}`, method: method.toUpperCase(), path: whole }
}

describe('hostile ids and figures', () => {
  const HOSTILE = [
    `8177.${'0'.repeat(3000)}`,
    ...[
      '0',
      '-1',
      '1.5',
      '1e300',
      'Infinity',
      'NaN',
      '0x10',
      ' 7',
      '９',
      '2147483648',
      '9007199254740991',
      '9007199254740992',
      '%00',
      '..%2f',
      "1'",
    ],
  ]

  test('are refused with a sentence, whatever route they are sent to, and cost others nothing', async () => {
    const { server, web, signedIn, submit } = await testServer()
    const cookie = `${await signedIn('desk', 'wanda')}; ${await signedIn('viewer', 'pia')}`
    const hostile = new Map(
      server.routes
        .flatMap((route) => HOSTILE.map((text) => hostileCall(route, text)))
        .map((call) => [call.name, call]),
    )
    const others = Promise.all(
      Array.from({ length: 100 }, (_, i) =>
        submit(`line/${i}`, {
          kind: 'chat.line',
          who: { account: `a${i}`, name: `a${i}` },
          text: 'hello',
          privately: false,
        }),
      ),
    )
    const ask = async ({ name, method, path }: ReturnType<typeof hostileCall>) => {
      const response = await fetch(`${web}/api/channels/bench${path}`, {
        method,
        headers: { cookie, 'idempotency-key': 'hostile-figure', 'content-type': 'application/json' },
        ...(method !== 'GET' && { body: '{}' }),
      })
      const answer = await response.text()
      expect([name.slice(0, 100), response.status, answer.slice(0, 200)]).toSatisfy(
        ([, status]: [string, number, string]) => status < 500,
      )
    }
    const waiting = [...hostile.values()]
    const lane = async () => {
      for (let next = waiting.shift(); next !== undefined; next = waiting.shift()) await ask(next)
    }
    await Promise.all(Array.from({ length: 6 }, lane))
    for (const result of await others) expect(result.ok).toBe(true)
  })
})
