import { generateKeyPairSync } from 'node:crypto'
import { createServer } from 'node:http'
import { OAuth2Server } from 'oauth2-mock-server'
import Oidc from 'oidc-provider'
import { expect, onTestFinished, test } from 'vitest'
import { folderWith, soon } from '../../../testing/server/peers/started.ts'
import { freePort } from '../../../testing/server/ports.ts'
import { testServer } from '../../../testing/server/server.ts'
import { visitor } from '../../../testing/server/visitor.ts'

/** Our server with some provider at a port of its own. */
async function withIssuer(port: number, environment: Record<string, string> = {}) {
  const web = await freePort()
  const server = await testServer({
    PORT: String(web),
    PUBLIC_URL: `http://127.0.0.1:${web}`,
    OIDC_ISSUER: `http://localhost:${port}`,
    CHAT_ACCOUNTS: 'own',
    CHAT_ADDRESS: '',
    ...environment,
  })
  const address = environment.PUBLIC_URL ?? `http://127.0.0.1:${web}`
  const signIn = () => visitor().follow(`${address}/auth/desk/start?return=/healthz`)
  const sessions = async () => (await server.pool.query('select account, name from session')).rows
  const noted = async () => {
    // Notes are written a moment later.
    await soon(async () => expect((await rows()).length).toBeGreaterThan(0))
    return (await rows()).map(({ what }) => String(what))
  }
  const rows = async () =>
    (await server.pool.query("select what from security_event where kind = 'refused' order by id")).rows
  return { ...server, web: address, signIn, sessions, noted }
}

/** A provider of npm's, which signs in whoever asks, with what the test wants told. */
async function mockIssuer(port?: number) {
  const at = port ?? (await freePort())
  const issuer = new OAuth2Server()
  await issuer.issuer.keys.generate('RS256', { kid: 'same' })
  await issuer.start(at, 'localhost')
  const stop = async () => void (issuer.listening && (await issuer.stop()))
  onTestFinished(stop)
  return { issuer, port: at, stop }
}

test('claims that the ID token lacks are asked for, which claim is who is a setting, and names are cleaned', async () => {
  const { issuer, port } = await mockIssuer()
  issuer.service.on('beforeUserinfo', (answer) => {
    answer.body = { sub: 'johndoe', login: 'Pia_Ohm', name: '  Pia\u202e \u0000 Ohm ' }
  })
  const { signIn, sessions } = await withIssuer(port, { OIDC_ACCOUNT_CLAIM: 'login' })
  expect((await signIn()).address).toMatch(/\/healthz$/)
  expect(await sessions()).toEqual([{ account: 'pia_ohm', name: 'Pia Ohm' }])
})

test('a claim that is no short clean text is no account', async () => {
  const { issuer, port } = await mockIssuer()
  issuer.service.on('beforeUserinfo', (answer) => {
    answer.body = { sub: 'johndoe', login: ['a', 'list'], name: { first: 'Pia' } }
  })
  const { signIn, sessions, noted } = await withIssuer(port, { OIDC_ACCOUNT_CLAIM: 'login' })
  const { response } = await signIn()
  expect(response.status).toBe(400)
  expect(await sessions()).toEqual([])
  expect(await noted()).toEqual([expect.stringContaining('the claim login is missing, or is no account’s name')])
})

test('keys may be rotated in any way: nobody is kept out by it, and a forged signature lets nobody in', async () => {
  const first = await mockIssuer()
  const { signIn, sessions } = await withIssuer(first.port)
  expect((await signIn()).response.status).toBe(200)
  await first.issuer.issuer.keys.generate('RS256', { kid: 'new' })
  expect((await signIn()).response.status).toBe(200)
  await first.stop()
  // Another key under the name of the first, which is known here.
  const second = await mockIssuer(first.port)
  expect((await signIn()).response.status).toBe(200)
  expect(await sessions()).toHaveLength(3)
  const signed: string[] = []
  second.issuer.service.on('beforeResponse', (answer) => {
    const body = answer.body as Record<string, string>
    const [head, claims, signature = ''] = String(body.id_token).split('.')
    body.id_token = `${head}.${claims}.${signature.slice(0, -8)}${signature.slice(-8) === 'AAAAAAAA' ? 'BBBBBBBB' : 'AAAAAAAA'}`
    signed.push(body.id_token)
  })
  expect((await signIn()).response.status).toBe(400)
  expect(signed).toHaveLength(1)
  expect(await sessions()).toHaveLength(3)
})

test.each([-110, 110])('a clock that is wrong by %d seconds keeps nobody out', async (skew) => {
  const { issuer, port } = await mockIssuer()
  issuer.service.on('beforeTokenSigning', (token) => {
    const now = Math.floor(Date.now() / 1000) + skew
    Object.assign(token.payload, { iat: now, nbf: now, exp: now + 5 })
  })
  const { signIn } = await withIssuer(port)
  expect((await signIn()).response.status).toBe(200)
})

test('a browser that is denied, or finds the provider down, gets a page that says so and where to try again', async () => {
  const { issuer, port, stop } = await mockIssuer()
  const { signIn, noted } = await withIssuer(port)
  issuer.service.once('beforeAuthorizeRedirect', (redirect) => {
    redirect.url.searchParams.delete('code')
    redirect.url.searchParams.set('error', 'access_denied')
  })
  const denied = (await signIn()).response
  expect([denied.status, denied.headers.get('content-type')]).toEqual([403, 'text/html; charset=utf-8'])
  const page = await denied.text()
  expect(page).toContain('You are not signed in')
  expect(page).toContain('href="/healthz">Try again')
  expect(await noted()).toEqual(['A sign-in failed: the provider answered access_denied'])
  // What goes wrong between here and there once the browser is back.
  const broken = createServer((_req, res) => void res.writeHead(502).end()).unref()
  issuer.service.once('beforeAuthorizeRedirect', () => void stop().then(() => broken.listen(port, 'localhost')))
  onTestFinished(() => void broken.close())
  const down = (await signIn()).response
  expect(down.status).toBe(503)
  expect(await down.text()).toContain('does not answer right now')
})

test('a provider that was never there is told of', async () => {
  const { web, noted } = await withIssuer(await freePort())
  const down = await fetch(`${web}/auth/viewer/start?return=/c/bench`, { headers: { accept: 'text/html' } })
  expect(down.status).toBe(503)
  expect(await down.text()).toContain('does not answer right now')
  const program = await fetch(`${web}/auth/viewer/start?return=/c/bench`)
  expect(await program.json()).toMatchObject({ code: 'provider_down', type: '/problems/provider_down' })
  expect((await noted()).join()).toContain('A sign-in failed: ')
})

/** A provider that insists on one way in which a program shows who it is. */
async function strictIssuer(method: string, more: object = {}) {
  const port = await freePort()
  const web = await freePort()
  const provider = new Oidc(`http://localhost:${port}`, {
    clients: [
      {
        client_id: 'test',
        redirect_uris: [`http://127.0.0.1:${web}/auth/callback`],
        token_endpoint_auth_method: method as 'none',
        ...more,
      },
    ],
    clientAuthMethods: [method as 'none'],
    cookies: { keys: ['test'] },
    claims: { openid: ['sub'], profile: ['name'] },
    features: { devInteractions: { enabled: false } },
    interactions: { url: () => '/who' },
    findAccount: (_context, id) => ({ accountId: id, claims: () => ({ sub: id, name: 'Pia' }) }),
    loadExistingGrant: async ({ oidc }) => {
      const grant = new provider.Grant({ clientId: oidc.client?.clientId, accountId: oidc.session?.accountId })
      grant.addOIDCScope('openid profile')
      await grant.save()
      return grant
    },
  })
  const asks = provider.callback()
  const letIn = { login: { accountId: 'pia' } }
  const http = createServer((req, res) =>
    req.url === '/who' ? provider.interactionFinished(req, res, letIn) : asks(req, res),
  ).listen(port, 'localhost')
  onTestFinished(() => {
    http.closeAllConnections()
    http.close()
  })
  return { port, web }
}

test.each([
  ['client_secret_basic', { client_secret: 'a:secret/with +signs' }, { OIDC_CLIENT_SECRET: 'a:secret/with +signs' }],
  ['client_secret_post', { client_secret: 'secret' }, { OIDC_CLIENT_SECRET: 'secret' }],
  ['none', {}, { OIDC_CLIENT_SECRET: '' }],
])('a provider that wants %s is shown who we are in that way', async (method, client, environment) => {
  const { port, web } = await strictIssuer(method, client)
  const { signIn, sessions } = await withIssuer(port, {
    PORT: String(web),
    PUBLIC_URL: `http://127.0.0.1:${web}`,
    ...environment,
  })
  expect((await signIn()).address).toMatch(/\/healthz$/)
  expect(await sessions()).toEqual([{ account: 'pia', name: 'Pia' }])
})

test('a provider that wants a signature by our key gets it', async () => {
  const { publicKey, privateKey } = generateKeyPairSync('ec', { namedCurve: 'P-256' })
  const pem = privateKey.export({ type: 'pkcs8', format: 'pem' }).toString()
  const folder = folderWith('client-key', { 'key.pem': () => pem })
  const jwk = { ...publicKey.export({ format: 'jwk' }), kid: 'ours', use: 'sig' }
  const { port, web } = await strictIssuer('private_key_jwt', { jwks: { keys: [jwk] } })
  const { signIn, sessions } = await withIssuer(port, {
    PORT: String(web),
    PUBLIC_URL: `http://127.0.0.1:${web}`,
    OIDC_CLIENT_SECRET: '',
    OIDC_CLIENT_KEY_FILE: `${folder}/key.pem`,
    OIDC_CLIENT_KEY_ID: 'ours',
  })
  expect((await signIn()).address).toMatch(/\/healthz$/)
  expect(await sessions()).toHaveLength(1)
})
