import { copyFile, mkdtemp } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Hono } from 'hono'
import { describe, expect, test } from 'vitest'
import { ALL_RIGHTS, may, READY_SETS, type Rights } from '#core/team'
import { startOn, testServer } from '../../../testing/server/server.ts'
import type { AtDesk, Route } from '../http/index.ts'
import { Declarations } from './declared.ts'
import type { Env } from './env.ts'

const KEY = { 'content-type': 'application/json' }

describe('who may call a route', () => {
  const WHO = [
    'nobody',
    'viewer',
    'viewer of another channel',
    'moderator',
    'moderator at the desk',
    'streamer of another channel',
    'streamer as viewer',
    'streamer',
    ...READY_SETS.map(({ name }) => name),
    'helper whose time is over',
    'helper who was taken out',
    'helper of another channel',
  ] as const
  const OUTSIDE = [false, false, false]

  /** Whether each of them gets past the door, for what a route declares. */
  function expected(allowed: Route['allowed']): boolean[] {
    const [y, n] = [true, false]
    const team = READY_SETS.map(({ rights }) => (level: 'team' | 'owner' | AtDesk) => {
      if (level === 'owner') return false
      return level === 'team' || level.areas.some((area) => may(rights, area, level.level))
    })
    switch (allowed) {
      case 'anyone':
        return WHO.map(() => true)
      case 'viewer':
        return [n, y, y, y, n, n, y, n, ...team.map(() => n), ...OUTSIDE]
      case 'signed in at the desk':
        return [n, n, n, n, y, y, n, y, ...team.map(() => y), y, y, y]
      default:
        return [n, n, n, n, n, n, n, y, ...team.map((mayDo) => mayDo(allowed)), ...OUTSIDE]
    }
  }

  test('every route lets in exactly whom it declares', async () => {
    const { web, server, pool, signedIn, submit } = await testServer()
    const rosa = { account: 'rosa', name: 'Rosa', moderator: true }
    await submit('rosa', { kind: 'presence.arrived', who: rosa })
    await submit('pia', { kind: 'presence.arrived', who: { account: 'pia', name: 'Pia' } })
    const cookies = [
      '',
      await signedIn('viewer', 'pia'),
      await signedIn('viewer', 'someone-of-other'),
      await signedIn('viewer', 'rosa'),
      await signedIn('desk', 'rosa'),
      await signedIn('desk', 'other-owner'),
      await signedIn('viewer', 'wanda'),
      await signedIn('desk', 'wanda'),
      ...(await Promise.all(READY_SETS.map(({ name }) => signedIn('desk', name)))),
      ...(await Promise.all(['late', 'gone', 'elsewhere'].map((name) => signedIn('desk', name)))),
    ]
    const join = (
      id: number,
      account: string,
      rights: Rights,
      slug = 'bench',
      until: number | null = null,
      gone: number | null = null,
    ) =>
      pool.query(
        `insert into member (channel, id, account, name, rights, by, since, until, gone_at)
          select id, $2, $3, $3, $4, owner, 0, $5, $6 from channel where slug = $1`,
        [slug, id, account, JSON.stringify(rights), until, gone],
      )
    for (const [i, { name, rights }] of READY_SETS.entries()) await join(9000 + i, name, rights)
    await join(9010, 'late', ALL_RIGHTS, 'bench', 1)
    await join(9011, 'gone', ALL_RIGHTS, 'bench', null, 1)
    await join(9012, 'elsewhere', ALL_RIGHTS, 'other')
    expect(server.routes.length).toBeGreaterThan(20)
    for (const route of server.routes) {
      const path = route.path.replace(/:\w+/g, '999999')
      for (const [i, cookie] of cookies.entries()) {
        const method = route.method.toUpperCase()
        const key = `walk-${i}-${path.replaceAll('/', '-')}`
        const response = await fetch(`${web}/api/channels/bench${path}`, {
          method,
          headers: { cookie, ...(method !== 'GET' && { ...KEY, 'idempotency-key': key }) },
          ...(method !== 'GET' && { body: '{}' }),
        })
        const letIn = response.status !== 401 && response.status !== 403
        expect([method, path, WHO[i], letIn]).toEqual([method, path, WHO[i], expected(route.allowed)[i]])
        expect(response.status).toBeLessThan(500)
      }
    }
  })

  test('a server with a route that does not declare it does not start', () => {
    const app = new Hono<Env>()
    app.get('/secret', (c) => c.text('!'))
    expect(() => new Declarations([]).refuseUndeclared(app)).toThrow(
      'The route GET /secret does not say who may call it.',
    )
    const forgetful = { method: 'get', path: '/x', does: '' } as unknown as Route
    expect(() => new Declarations([forgetful])).toThrow(/does not say who may call it/)
  })

  test('feeds are told apart, too', async () => {
    const { web, signedIn } = await testServer()
    const ask = async (path: string, cookie = '') => {
      const response = await fetch(`${web}${path}`, { headers: { cookie } })
      await response.body?.cancel()
      return response.status
    }
    expect(await ask('/api/channels/bench/desk/feed')).toBe(401)
    expect(await ask('/api/channels/bench/desk/feed', await signedIn('desk', 'other-owner'))).toBe(403)
    expect(await ask('/api/channels/bench/desk/feed', await signedIn('desk', 'wanda'))).toBe(200)
    expect(await ask('/api/channels/bench/feed')).toBe(200)
    expect(await ask('/api/overlays/guess/feed')).toBe(404)
  })
})

describe('a session', () => {
  test('ends when it is idle, when it is old, and on all devices when its owner says so', async () => {
    const { web, pool, signedIn } = await testServer()
    const cookie = await signedIn('desk', 'wanda')
    const status = async (as = cookie) =>
      (await fetch(`${web}/api/channels/bench/desk/status`, { headers: { cookie: as } })).status
    const now = Math.floor(Date.now() / 1000)
    const set = (column: string, value: number) => pool.query(`update session set ${column} = $1`, [value])
    expect(await status()).toBe(200)
    await set('seen_at', now - 15 * 86_400)
    expect(await status()).toBe(401)
    await set('seen_at', now - 13 * 86_400)
    expect(await status()).toBe(200)
    expect((await pool.query('select seen_at from session')).rows[0].seen_at).toBeGreaterThanOrEqual(now)
    await set('expires_at', now)
    expect(await status()).toBe(401)
    await set('expires_at', now + 60)
    await pool.query(`insert into session values ('other device', 'desk', 'wanda', 'wanda', 0, 9999999999, 9999999999)`)
    const out = await fetch(`${web}/auth/desk/out-everywhere`, { method: 'POST', headers: { cookie } })
    expect(await out.json()).toEqual({ ended: 2 })
    expect(await status()).toBe(401)
  })
})

describe('the door', () => {
  test('lets a page load nothing from elsewhere and run no script that stands in it', async () => {
    const { web } = await testServer()
    const { headers } = await fetch(`${web}/healthz`)
    const policy = headers.get('content-security-policy') ?? ''
    expect(policy).toContain("default-src 'self'")
    expect(policy).toContain("script-src 'self';")
    expect(policy).toContain("frame-ancestors 'none'")
    expect(policy).not.toMatch(/script-src[^;]*unsafe/)
    expect(headers.get('strict-transport-security')).toBeNull()
    expect(headers.get('x-content-type-options')).toBe('nosniff')
  })

  test('names what a page asks for first, and nothing that its address only pretends', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'web-'))
    for (const page of ['desk', 'viewer']) await copyFile(`web/${page}.html`, join(folder, `${page}.html`))
    const { web } = await testServer({ WEB_FOLDER: folder })
    const link = async (path: string) => (await fetch(web + path)).headers.get('link')
    const along = (path: string) => `<${path}>; rel=preload; as=fetch; crossorigin=anonymous`
    expect(await link('/c/bench/lists')).toBe(along('/api/channels/bench/store'))
    expect(await link('/desk/bench')).toBe(along('/api/channels/bench/desk/status'))
    for (const odd of ['/c/a%3E%3Bb', '/c/', `/c/${'x'.repeat(60)}`, '/desk/B<ench']) expect(await link(odd)).toBeNull()
  })

  test('demands TLS of browsers where the public address has it', async () => {
    const { web } = await testServer({ PUBLIC_URL: 'https://workbench.example' })
    const { headers } = await fetch(`${web}/healthz`)
    expect(headers.get('strict-transport-security')).toContain('max-age=31536000')
  })

  test('tells who asks too often to wait, by address and by account', async () => {
    const { web, signedIn } = await testServer({ REQUESTS_PER_10S: '20' })
    const cookie = await signedIn('desk', 'wanda')
    const mute = (i: number) =>
      fetch(`${web}/api/channels/bench/desk/voice`, {
        method: 'PUT',
        headers: { cookie, ...KEY, 'idempotency-key': `mute-key-${i}` },
        body: '{"muted":true}',
      }).then(({ status }) => status)
    const changes = [await mute(1), await mute(2), await mute(3), await mute(4), await mute(5), await mute(6)]
    expect(changes).toEqual([200, 200, 200, 200, 200, 429])
    const asked = await Promise.all(Array.from({ length: 20 }, () => fetch(`${web}/api/channels/bench/store`)))
    expect(asked.filter(({ status }) => status === 429)).toHaveLength(6)
    expect((await fetch(`${web}/healthz`)).status).toBe(200)
  })

  test('believes what a proxy says of an address only where it is told to', async () => {
    const { url, web: direct } = await testServer({ REQUESTS_PER_10S: '5' })
    const { web: behind, server } = await startOn(url, { REQUESTS_PER_10S: '5', TRUSTED_PROXIES: '1' })
    const statuses = async (web: string) => {
      const all: number[] = []
      for (let i = 0; i < 8; i++) {
        const headers = { 'x-forwarded-for': `10.9.9.9, 10.0.0.${i}` }
        all.push((await fetch(`${web}/api/channels/bench/store`, { headers })).status)
      }
      return all
    }
    expect(await statuses(direct)).toContain(429)
    expect(await statuses(behind)).not.toContain(429)
    await server.stop()
  })

  test('takes no change that another site caused', async () => {
    const { web, signedIn } = await testServer()
    const cookie = await signedIn('desk', 'wanda')
    const headers = { cookie, ...KEY, 'idempotency-key': 'abcdefgh', 'sec-fetch-site': 'cross-site' }
    const response = await fetch(`${web}/api/channels/bench/desk/voice`, {
      method: 'PUT',
      headers,
      body: '{"muted":true}',
    })
    expect(await response.json()).toMatchObject({ code: 'from_elsewhere' })
  })
})
