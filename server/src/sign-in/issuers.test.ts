import { OAuth2Server } from 'oauth2-mock-server'
import { expect, onTestFinished, test } from 'vitest'
import { earningSetting } from '#core/earning'
import { freePort } from '../../../testing/server/ports.ts'
import { testServer } from '../../../testing/server/server.ts'
import { visitor } from '../../../testing/server/visitor.ts'

/** Somebody who signs in whoever asks. @param who - Their account there. */
async function mockIssuer(who: () => string) {
  const port = await freePort()
  const issuer = new OAuth2Server()
  await issuer.issuer.keys.generate('RS256')
  await issuer.start(port, 'localhost')
  issuer.service.on('beforeTokenSigning', (token) => Object.assign(token.payload, { sub: who(), name: who() }))
  onTestFinished(async () => void (issuer.listening && (await issuer.stop())))
  return `http://localhost:${port}`
}

const GUILD = {
  word: 'guild',
  name: 'The guild',
  clientId: 'ours',
  clientSecret: 'sesame',
  scope: 'openid',
  nameClaim: '',
}

/** An installation with two issuers, and its operator. */
async function withTwo() {
  let account = 'pia'
  const [first, second] = [await mockIssuer(() => account), await mockIssuer(() => account)]
  const port = await freePort()
  const web = `http://127.0.0.1:${port}`
  const server = await testServer({
    ...{ PORT: String(port), PUBLIC_URL: web, OIDC_ISSUER: first, OIDC_NAME: 'Workbench', OPERATORS: 'wanda' },
    ...{ CHAT_ACCOUNTS: 'sign-in', CHAT_ADDRESS: '' },
  })
  const cookie = await server.signedIn('desk', 'wanda')
  const operator = async (method: string, path: string, body?: object, as = cookie) => {
    const headers = { cookie: as, 'content-type': 'application/json' }
    const told = await fetch(`${web}/api/operator/issuers${path}`, {
      method,
      headers,
      ...(body && { body: JSON.stringify(body) }),
    })
    return { status: told.status, ...((await told.json()) as Record<string, unknown>) }
  }
  const guild = { ...GUILD, issuer: second, accountClaim: 'sub' }
  const add = () => operator('POST', '', guild)
  const accounts = async () =>
    (await server.pool.query('select account from session where scope = $1 order by 1', ['viewer'])).rows
  const known = async () =>
    (await server.pool.query('select issuer, account, account_key as key from viewer order by id')).rows
  return { ...server, web, operator, add, guild, accounts, known, as: (who: string) => (account = who) }
}

const start = (web: string, more = '') => `${web}/auth/viewer/start?return=/healthz${more}`

test('people choose by whom they sign in, and the same name elsewhere is somebody else', async () => {
  const { web, add, accounts, known, pool, submit } = await withTwo()
  const first = visitor()
  // With one issuer there is nothing to choose.
  expect((await first.follow(start(web))).address).toMatch(/\/healthz$/)
  expect(await add()).toMatchObject({ status: 200, id: 1 })
  const second = visitor()
  const page = await (await second.visit(start(web))).text()
  expect(page).toContain('Workbench')
  expect(page).toContain('with=1')
  expect((await second.follow(start(web, '&with=1'))).address).toMatch(/\/healthz$/)
  expect(await accounts()).toEqual([{ account: 'guild\npia' }, { account: 'pia' }])
  await submit('show', { kind: 'show.start', title: 'Test' })
  const plan = { ...earningSetting.initial, checkIn: { ...earningSetting.initial.checkIn, amount: 5 } }
  await submit('plan', { kind: 'earning.change', plan, by: 'wanda' })
  for (const one of [first, second]) {
    const headers = { 'content-type': 'application/json', 'idempotency-key': crypto.randomUUID() }
    await one.visit(`${web}/api/channels/bench/me/check-in`, { method: 'POST', headers, body: '{}' })
  }
  expect(await known()).toEqual([
    { issuer: '', account: 'pia', key: 'pia' },
    { issuer: 'guild', account: 'pia', key: 'guild\npia' },
  ])
  expect((await second.visit(start(web, '&with=7'))).status).toBe(404)
  expect((await pool.query('select client_secret from sign_in_issuer')).rows[0].client_secret).not.toContain('sesame')
})

test('accounts are linked by a second sign-in, of who is signed in alone', async () => {
  const { web, add, known, pool, as, submit } = await withTwo()
  await add()
  await submit('in', { kind: 'presence.arrived', who: { account: 'pia', name: 'Pia' } })
  const browser = visitor()
  const stranger = await browser.visit(start(web, '&with=1&link=bench'))
  expect(stranger.status).toBe(401)
  await browser.follow(start(web, '&with=0'))
  as('pia_elsewhere')
  expect((await browser.follow(start(web, '&with=1&link=bench'))).address).toMatch(/\/healthz$/)
  const [{ id: pia }] = (await pool.query('select id from viewer')).rows
  const alias = await pool.query('select account, viewer from alias')
  expect(alias.rows).toEqual([{ account: 'guild\npia_elsewhere', viewer: pia }])
  // She is signed in as before, and reads which accounts are hers.
  const mine = await (await browser.visit(`${web}/api/channels/bench/me/accounts`)).json()
  expect(mine).toMatchObject({
    others: [{ issuer: 'The guild', account: 'pia_elsewhere' }],
    ways: [{ id: 0 }, { id: 1 }],
  })
  // Whoever signs in by the other account is the same person here.
  const other = visitor()
  await other.follow(start(web, '&with=1'))
  expect(await (await other.visit(`${web}/api/channels/bench/me`)).json()).toMatchObject({ balance: 0 })
  expect(await known()).toHaveLength(1)
  expect((await browser.visit(start(web, '&with=1&link=nowhere'))).status).toBe(404)
})

test('an issuer that is removed lets nobody in, and its word goes to nobody else', async () => {
  const { web, add, operator, guild, accounts } = await withTwo()
  await add()
  await visitor().follow(start(web, '&with=1'))
  expect(await accounts()).toEqual([{ account: 'guild\npia' }])
  expect(await operator('POST', '/1/remove')).toMatchObject({ status: 200 })
  expect(await accounts()).toEqual([])
  expect((await visitor().visit(start(web, '&with=1'))).status).toBe(404)
  expect(await operator('POST', '', { ...guild, issuer: 'https://other.example' })).toMatchObject({
    code: 'issuer_taken',
  })
  expect(await add()).toMatchObject({ status: 200, id: 1 })
  expect(await add()).toMatchObject({ code: 'issuer_taken' })
  expect(await operator('POST', '', { ...guild, word: 'nick', issuer: 'https://new.example' })).toMatchObject({
    code: 'issuer_taken',
  })
})

test('the operator sees, changes and tests them; a secret is told to nobody, and nobody else may ask', async () => {
  const { add, operator, guild, signedIn } = await withTwo()
  await add()
  const shown = await operator('GET', '')
  expect(shown).toMatchObject({ first: { name: 'Workbench' }, issuers: [{ id: 1, word: 'guild', hasSecret: true }] })
  expect(JSON.stringify(shown)).not.toContain('sesame')
  expect(await operator('POST', '/1/test')).toMatchObject({ good: true })
  expect(await operator('POST', '/0/test')).toMatchObject({ good: true })
  const { word: _, issuer, accountClaim: __, ...rest } = guild
  expect(await operator('POST', '/1', { ...rest, name: 'Guild of clocks', clientSecret: null })).toMatchObject({
    status: 200,
  })
  expect(await operator('GET', '')).toMatchObject({ issuers: [{ name: 'Guild of clocks', hasSecret: true, issuer }] })
  await operator('POST', '', { ...guild, word: 'gone', issuer: 'http://localhost:9/nowhere' })
  expect(await operator('POST', '/2/test')).toMatchObject({
    good: false,
    sentence: expect.stringMatching(/does not answer/),
  })
  expect(await operator('POST', '', { ...guild, word: 'x y', issuer: 'http://plain.example' })).toMatchObject({
    status: 422,
  })
  expect(await operator('GET', '', undefined, await signedIn('desk', 'otto'))).toMatchObject({ code: 'operator_only' })
})
