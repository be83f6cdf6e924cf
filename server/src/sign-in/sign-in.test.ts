import { createServer } from 'node:http'
import { getRequestListener } from '@hono/node-server'
import { Hono } from 'hono'
import { expect, onTestFinished, test } from 'vitest'
import { standinApp } from '../../../standin/src/app.ts'
import { Crowd } from '../../../standin/src/crowd.ts'
import { EventSender } from '../../../standin/src/events.ts'
import { createIdentity } from '../../../standin/src/identity.ts'
import { Players } from '../../../standin/src/players.ts'
import { NativePoints } from '../../../standin/src/points.ts'
import { ChatRoom } from '../../../standin/src/room.ts'
import { freePort } from '../../../testing/server/ports.ts'
import { testServer } from '../../../testing/server/server.ts'
import { visitor } from '../../../testing/server/visitor.ts'
import { Cookies } from './cookies.ts'

/** The server with the stand-in's identity provider beside it. */
async function withProvider() {
  const [web, own] = [await freePort(), await freePort()]
  const issuer = `http://127.0.0.1:${own}`
  const redirectUri = `http://127.0.0.1:${web}/auth/callback`
  const options = { issuer, clientId: 'test', clientSecret: 'test', redirectUri }
  const newIdentity = () => createIdentity(options, (account) => account.toUpperCase())
  const room = new ChatRoom('#bench')
  const crowd = new Crowd({ room, people: [], seed: 1, paceMs: 1e9, commands: [] })
  const players = new Players(room, crowd, () => false, 'Ricompensa')
  const handlers = () => {
    const identity = newIdentity()
    const sender = new EventSender('', '', '')
    const points = new NativePoints(sender)
    const options = { places: [players], identity, pageFolder: '.', source: '', sender, points }
    const app = getRequestListener(standinApp(options).fetch)
    return { app, provider: identity.callback() }
  }
  let current = handlers()
  const http = createServer(
    (req, res) => void (/^\/who\//.test(req.url ?? '') ? current.app(req, res) : current.provider(req, res)),
  ).listen(own, '127.0.0.1')
  onTestFinished(() => {
    http.closeAllConnections()
    http.close()
  })
  const server = await testServer({ PORT: String(web), PUBLIC_URL: `http://127.0.0.1:${web}`, OIDC_ISSUER: issuer })
  /** The provider signs with other keys from now on. */
  const changeKeys = () => {
    current = handlers()
  }
  return { ...server, web: `http://127.0.0.1:${web}`, changeKeys }
}

const nameForm = (name: string): RequestInit => ({
  method: 'POST',
  headers: { 'content-type': 'application/x-www-form-urlencoded' },
  body: new URLSearchParams({ name }).toString(),
})

test('a sign-in by the stand-in ends where it was started, with a session that opens the desk', async () => {
  const { web, pool } = await withProvider()
  const { visit, follow, cookies } = visitor()
  const who = await follow(`${web}/auth/desk/start?return=/healthz`)
  expect(who.address).toMatch(/\/who\//)
  const back = await follow(who.address, nameForm('Wanda'))
  expect(back.address).toBe(`${web}/healthz`)
  expect([...(cookies.get(new URL(web).host)?.keys() ?? [])]).toEqual(['ricompensa_desk'])
  const status = await visit(`${web}/api/channels/bench/desk/status`)
  expect(await status.json()).toMatchObject({ caller: 'WANDA', channel: { slug: 'bench' } })
  const kept = (await pool.query('select id_hash, account from session')).rows
  expect(kept).toMatchObject([{ account: 'wanda', id_hash: expect.stringMatching(/^[0-9a-f]{64}$/) }])
  expect(kept[0].id_hash).not.toBe(cookies.get(new URL(web).host)?.get('ricompensa_desk'))

  await visit(`${web}/auth/desk/out`, { method: 'POST' })
  expect((await visit(`${web}/api/channels/bench/desk/status`)).status).toBe(401)
  expect((await pool.query('select 1 from session')).rowCount).toBe(0)
})

test('the way back works once, for who started it, and never leads elsewhere', async () => {
  const { web } = await withProvider()
  const { visit, follow } = visitor()
  const who = await follow(`${web}/auth/viewer/start?return=${encodeURIComponent('//elsewhere.example/')}`)
  let response = await visit(who.address, nameForm('Pia'))
  let address = who.address
  while (!(response.headers.get('location') ?? '').startsWith(`${web}/auth/callback`)) {
    address = new URL(response.headers.get('location') ?? '', address).href
    response = await visit(address)
  }
  const callback = response.headers.get('location') ?? ''
  const tampered = await visit(callback.replace(/state=[^&]+/, 'state=guessed'))
  expect(await tampered.text()).toContain('sign_in_failed')
  expect((await visit(callback)).headers.get('location')).toBe('/')
  expect(await (await visit(callback)).text()).toContain('sign_in_failed')
})

test('a sign-in that another browser began does not end in this one', async () => {
  const { web, pool } = await withProvider()
  const attacker = visitor()
  const who = await attacker.follow(`${web}/auth/desk/start`)
  let response = await attacker.visit(who.address, nameForm('Mallory'))
  let address = who.address
  while (!(response.headers.get('location') ?? '').startsWith(`${web}/auth/callback`)) {
    address = new URL(response.headers.get('location') ?? '', address).href
    response = await attacker.visit(address)
  }
  const callback = response.headers.get('location') ?? ''
  const victim = visitor()
  expect(await (await victim.visit(callback)).text()).toContain('sign_in_failed')
  expect((await pool.query('select 1 from session')).rowCount).toBe(0)
  expect((await attacker.visit(callback)).status).toBe(302)
})

test('cookies are this very host’s alone where there is TLS', async () => {
  const app = new Hono()
  const cookies = new Cookies(true)
  app.get('/', (c) => {
    cookies.set(c, 'desk', 'x', 60)
    return c.text(cookies.get(c, 'desk') ?? 'none')
  })
  const ask = (cookie: string) => app.request('/', { headers: { cookie } })
  const line = (await ask('')).headers.getSetCookie()[0] ?? ''
  for (const part of ['__Host-ricompensa_desk=x', 'Path=/', 'Secure', 'HttpOnly', 'SameSite=Lax'])
    expect(line).toContain(part)
  expect(line).not.toContain('Domain')
  expect(await (await ask('ricompensa_desk=planted')).text()).toBe('none')
  expect(await (await ask('__Host-ricompensa_desk=own')).text()).toBe('own')
})

test('a name that cannot be is refused by the stand-in’s page', async () => {
  const { web } = await withProvider()
  const { follow } = visitor()
  const who = await follow(`${web}/auth/viewer/start`)
  const { response } = await follow(who.address, nameForm('<b>'))
  expect(response.status).toBe(422)
  expect(await response.text()).toContain('Use letters, digits')
})

test('a provider may change its keys, and nobody is kept out by it', async () => {
  const { web, changeKeys } = await withProvider()
  const signIn = async () => {
    const { follow } = visitor()
    const who = await follow(`${web}/auth/viewer/start?return=/healthz`)
    const { response, address } = await follow(who.address, nameForm('Pia'))
    return address.endsWith('/healthz') && response.status === 200
  }
  expect(await signIn()).toBe(true)
  changeKeys()
  expect([await signIn(), await signIn()]).toEqual([true, true])
})

test('a session that the browser had ends when a new one begins', async () => {
  const { web, pool } = await withProvider()
  const { follow } = visitor()
  for (const name of ['Pia', 'Pia']) {
    const who = await follow(`${web}/auth/viewer/start`)
    await follow(who.address, nameForm(name))
  }
  expect((await pool.query('select 1 from session')).rowCount).toBe(1)
})
