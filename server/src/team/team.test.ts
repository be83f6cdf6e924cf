import { describe, expect, test } from 'vitest'
import { PLAIN_REWARD } from '#core/store'
import { ALL_RIGHTS, READY_SETS } from '#core/team'
import { testServer } from '../../../testing/server/server.ts'

const [RUNNER, KEEPER] = READY_SETS.map(({ rights }) => rights)

/** A channel of wanda's, and ways to call it as anybody. */
async function withTeam() {
  const { web, pool, signedIn } = await testServer()
  let calls = 0
  const as = async (account: string, scope: 'desk' | 'viewer' = 'desk') => {
    const cookie = account === '' ? '' : await signedIn(scope, account)
    return async (method: string, path: string, body?: object) => {
      const response = await fetch(`${web}/api/channels/bench${path}`, {
        method,
        headers: { cookie, 'content-type': 'application/json', 'idempotency-key': `team-test-${++calls}` },
        ...(body !== undefined && { body: JSON.stringify(body) }),
      })
      const answer = (await response.json()) as Record<string, unknown>
      return { status: response.status, ...answer } as Record<string, unknown>
    }
  }
  const wanda = await as('wanda')
  const invite = (more: object = {}) =>
    wanda('POST', '/desk/team/invitations', { whom: 'Rosa', account: null, rights: RUNNER, until: null, ...more })
  return { web, pool, as, wanda, invite, signedIn }
}

describe('a team', () => {
  test('is joined by a link that says what it offers, and is good once', async () => {
    const { as, wanda, invite, pool } = await withTeam()
    const { secret } = await invite()
    const nobody = await as('')
    expect(await nobody('POST', '/join/look', { secret })).toMatchObject({
      by: 'wanda',
      channel: { slug: 'bench' },
      rights: RUNNER,
    })
    expect(await nobody('POST', '/join', { secret })).toMatchObject({ status: 401 })
    expect(await (await as('rosa', 'viewer'))('POST', '/join', { secret })).toMatchObject({ status: 401 })
    const rosa = await as('rosa')
    expect(await rosa('GET', '/desk/status')).toMatchObject({ status: 403, code: 'not_allowed' })
    expect(await rosa('POST', '/join', { secret })).toMatchObject({ status: 200 })
    expect(await rosa('GET', '/desk/status')).toMatchObject({ status: 200, owner: false, rights: RUNNER })
    expect(await rosa('GET', '/desk/team')).toMatchObject({ status: 403, code: 'rights_missing' })
    expect(await (await as('otto'))('POST', '/join', { secret })).toMatchObject({ code: 'invitation_used' })
    expect(await nobody('POST', '/join/look', { secret })).toMatchObject({ code: 'invitation_used' })
    expect(await nobody('POST', '/join/look', { secret: 'guess' })).toMatchObject({ status: 404 })
    expect(await wanda('GET', '/desk/team')).toMatchObject({ members: [{ account: 'rosa' }], invitations: [] })
    const kept = JSON.stringify((await pool.query('select * from invitation')).rows)
    expect(kept).not.toContain(secret)
  })

  test('has several owners: each may everything, until they leave; whoever opened the channel stays', async () => {
    const { as, wanda, invite } = await withTeam()
    const rosa = await as('rosa')
    await rosa('POST', '/join', { secret: (await invite()).secret })
    const [member] = (await wanda('GET', '/desk/team')).members as { id: number }[]
    expect(await rosa('POST', `/desk/team/${member?.id}/owner`, { owner: true })).toMatchObject({
      code: 'rights_missing',
    })
    expect(await wanda('POST', `/desk/team/${member?.id}/owner`, { owner: true })).toMatchObject({ status: 200 })
    expect(await rosa('GET', '/desk/status')).toMatchObject({ owner: true, rights: ALL_RIGHTS })
    expect(await rosa('GET', '/desk/team')).toMatchObject({ members: [{ owner: true }] })
    expect(await wanda('POST', '/desk/leave')).toMatchObject({ code: 'member_not_found' })
    expect(await rosa('POST', '/desk/leave')).toMatchObject({ status: 200 })
    expect(await rosa('GET', '/desk/status')).toMatchObject({ status: 403 })
  })

  test('does what each may, and is told what is missing', async () => {
    const { as, invite, wanda } = await withTeam()
    const rosa = await as('rosa')
    await rosa('POST', '/join', { secret: (await invite()).secret })
    expect(await rosa('PUT', '/desk/voice', { muted: true })).toMatchObject({ status: 200 })
    expect(await rosa('PUT', '/desk/voice', { muted: true, reply: 'private' })).toMatchObject({
      code: 'rights_missing',
    })
    expect(await rosa('GET', '/desk/store')).toMatchObject({ status: 200 })
    expect(await rosa('POST', '/desk/rewards/switch', { rewards: [1], on: true })).toMatchObject({
      code: 'rights_missing',
      detail: 'You may not do this (Store). Ask an owner of the channel.',
    })
    const noted = async () =>
      (await wanda('GET', '/desk/security?account=rosa')).entries as { account: string; what: string }[]
    await expect.poll(async () => (await noted()).map(({ what }) => what)).toContain('May not act: store')
    expect(new Set((await noted()).map(({ account }) => account))).toEqual(new Set(['rosa']))
  })

  test('a helper adjusts no more than is stated, and the owner any amount', async () => {
    const { as, invite, wanda } = await withTeam()
    const otto = await as('otto')
    await otto('POST', '/join', { secret: (await invite({ rights: KEEPER })).secret })
    const added = await wanda('POST', '/desk/people/add', { account: 'pia' })
    const give = (amount: number) => ({ viewers: [added.viewer], of: 'balance', how: 'give', amount, why: '' })
    expect(await otto('POST', '/desk/people/correct', give(1001))).toMatchObject({ code: 'rights_beyond' })
    expect(await otto('POST', '/desk/people/correct', give(1000))).toMatchObject({ status: 200 })
    const large = await wanda('POST', '/desk/people/correct', give(50_000))
    expect(large).toMatchObject({ status: 200 })
    const undo = { adjustments: large.adjustments }
    expect(await otto('POST', '/desk/people/undo', undo)).toMatchObject({ code: 'rights_beyond' })
    const patch = await otto('PUT', `/desk/viewers/${added.viewer}`, {})
    expect(patch).toMatchObject({ code: 'rights_missing' })
    expect(await wanda('POST', '/desk/people/undo', undo)).toMatchObject({ status: 200 })
    // Who may not take a file in may not take it back either: it could have made or unmade moderators.
    const line = { account: 'pia', name: 'pia', balance: null, seconds: null, kept: { moderator: true } }
    await wanda('POST', '/desk/people/import', { digest: 'a1', how: 'add', called: 'f.csv', lines: [line] })
    const { corrections } = (await wanda('GET', '/desk/people/corrections')) as unknown as { corrections: object[] }
    expect(corrections[0]).toMatchObject({ of: 'import' })
    const { adjustments } = corrections[0] as { adjustments: number[] }
    expect(await otto('POST', '/desk/people/undo', { adjustments })).toMatchObject({ code: 'rights_missing' })
    expect(await wanda('POST', '/desk/people/undo', { adjustments })).toMatchObject({ status: 200 })
  })

  test('what somebody has open closes within a second of their rights being taken, and of their being changed', async () => {
    const { web, as, invite, wanda, signedIn } = await withTeam()
    const rosa = await as('rosa')
    await rosa('POST', '/join', { secret: (await invite()).secret })
    const cookie = await signedIn('desk', 'rosa')
    const open = async () => {
      const response = await fetch(`${web}/api/channels/bench/desk/feed?after=0`, { headers: { cookie } })
      expect(response.status).toBe(200)
      return response.text().catch(() => 'closed')
    }
    const { members } = (await wanda('GET', '/desk/team')) as unknown as { members: { id: number }[] }
    const path = `/desk/team/${members[0]?.id}`
    const first = open()
    expect(await wanda('PUT', path, { rights: KEEPER, until: null })).toMatchObject({ status: 200 })
    await first
    const second = open()
    expect(await wanda('POST', `${path}/end`)).toMatchObject({ status: 200 })
    await second
    expect(await rosa('GET', '/desk/status')).toMatchObject({ status: 403 })
  })
})

describe('a token', () => {
  async function withToken(more: object = {}) {
    const { web, wanda, as } = await withTeam()
    const made = await wanda('POST', '/desk/tokens', { name: 'Button box', rights: RUNNER, until: null, ...more })
    const secret = String(made.secret)
    let calls = 0
    const call = async (method: string, path: string, body?: object, token = secret) => {
      const response = await fetch(`${web}/api/channels/bench${path}`, {
        method,
        headers: {
          authorization: `Bearer ${token}`,
          'content-type': 'application/json',
          'idempotency-key': `token-test-${++calls}`,
        },
        ...(body !== undefined && { body: JSON.stringify(body) }),
      })
      return { status: response.status, ...((await response.json()) as object) } as Record<string, unknown>
    }
    return { web, wanda, as, made, secret, call }
  }

  test('does what its rights let it, by the same routes, and is refused from its revocation on', async () => {
    const { wanda, made, secret, call } = await withToken()
    expect(await call('PUT', '/desk/voice', { muted: true })).toMatchObject({ status: 200 })
    expect(await call('GET', '/desk/status')).toMatchObject({ caller: 'Button box', owner: false })
    expect(await call('PUT', '/desk/zone', { timeZone: 'Europe/Berlin' })).toMatchObject({ code: 'rights_missing' })
    expect(await call('GET', '/desk/team')).toMatchObject({ code: 'rights_missing' })
    expect(await call('GET', '/desk/status', undefined, 'ricompensa_guess')).toMatchObject({ code: 'token_refused' })
    const { tokens } = (await wanda('GET', '/desk/tokens')) as { tokens: object[] }
    expect(tokens).toMatchObject([{ name: 'Button box', usedAt: expect.any(Number) }])
    expect(JSON.stringify(tokens)).not.toContain(secret)
    expect(await wanda('POST', `/desk/tokens/${made.token}/revoke`)).toMatchObject({ status: 200 })
    expect(await call('GET', '/desk/status')).toMatchObject({ status: 401, code: 'token_refused' })
  })

  test('gives nobody rights, even with all of them, and asks for a sign-in where that is asked for', async () => {
    const { call } = await withToken({ rights: ALL_RIGHTS })
    const invitation = { whom: 'Otto', account: null, rights: RUNNER, until: null }
    expect(await call('POST', '/desk/team/invitations', invitation)).toMatchObject({ code: 'rights_beyond' })
    expect(await call('POST', '/desk/tokens', { name: 'Another', rights: RUNNER, until: null })).toMatchObject({
      code: 'sign_in_again',
    })
    expect(await call('POST', '/join', { secret: 'x' })).toMatchObject({ code: 'not_signed_in' })
  })

  test('is good up to its day, and nothing else has its name', async () => {
    const soon = Math.floor(Date.now() / 1000) + 100
    const { wanda, call } = await withToken({ until: soon })
    expect(await call('GET', '/desk/status')).toMatchObject({ status: 200 })
    const again = { name: 'button BOX', rights: RUNNER, until: null }
    expect(await wanda('POST', '/desk/tokens', again)).toMatchObject({ code: 'token_invalid' })
    expect(await wanda('POST', '/desk/tokens', { ...again, name: 'Old', until: 5 })).toMatchObject({
      code: 'team_ends_early',
    })
  })

  test('in an address is revoked: it stands in logs from then on', async () => {
    const { web, call, secret } = await withToken()
    const response = await fetch(`${web}/api/channels/bench/desk/status?token=${secret}`)
    expect(await response.json()).toMatchObject({ code: 'token_in_address' })
    expect(await call('GET', '/desk/status')).toMatchObject({ code: 'token_refused' })
  })
})

describe('the change log', () => {
  test('tells who changed what, as far as one may look, and sets it back for who may change it', async () => {
    const { as, wanda, invite } = await withTeam()
    const areas = { ...RUNNER?.areas, team: 'look', commands: 'none', store: 'change' }
    const rosa = await as('rosa')
    await rosa('POST', '/join', { secret: (await invite({ rights: { ...RUNNER, areas } })).secret })
    const hat = { ...PLAIN_REWARD, name: 'Hat', word: 'hat', price: 60 }
    const { reward } = await wanda('POST', '/desk/rewards', hat)
    await wanda('PUT', `/desk/rewards/${reward}`, { ...hat, price: 80 })
    await wanda('PUT', '/desk/zone', { timeZone: 'Europe/Berlin' })
    const log = async (call: typeof wanda) =>
      (await call('GET', '/desk/changes')).changes as { id: number; what: string; by: string; restorable: boolean }[]
    expect(await log(wanda)).toMatchObject([
      { what: 'Time zone', by: 'wanda' },
      { what: 'reward', restorable: true, before: { price: 60 }, after: { price: 80 } },
      { what: 'reward', restorable: true, before: null },
    ])
    const asked = async (query: string) => ((await wanda('GET', `/desk/changes?${query}`)).changes as object[]).length
    expect(await asked('area=store')).toBe(2)
    expect(await asked('text=time')).toBe(1)
    expect(await asked('text=%25')).toBe(0)
    expect(await asked('account=rosa')).toBe(0)
    expect(await asked('area=store&text=time')).toBe(0)
    expect(await rosa('GET', '/desk/changes?area=commands')).toMatchObject({ changes: [] })
    const [zone] = await log(wanda)
    const seen = await log(rosa)
    expect(seen.map(({ what }) => what)).toEqual(['reward', 'reward'])
    expect(await rosa('POST', `/desk/changes/${zone?.id}/undo`)).toMatchObject({ code: 'rights_missing' })
    expect(await rosa('POST', `/desk/changes/${seen[0]?.id}/undo`)).toMatchObject({ status: 200 })
    expect((await log(wanda))[0]).toMatchObject({ what: 'reward', by: 'rosa', after: { price: 60 } })
    expect(await rosa('POST', '/desk/changes/999999/undo')).toMatchObject({ status: 404 })
  })

  test('sets back what nobody had set before to what it is without that', async () => {
    const { wanda } = await withTeam()
    const words = (await wanda('GET', '/desk/words')) as { handing: { perDay: number } }
    await wanda('PUT', '/desk/handing', { ...words.handing, perDay: 77 })
    const { changes } = (await wanda('GET', '/desk/changes')) as { changes: { id: number }[] }
    expect(changes).toMatchObject([{ before: { perDay: 500 }, after: { perDay: 77 } }])
    expect(await wanda('POST', `/desk/changes/${changes[0]?.id}/undo`)).toMatchObject({ status: 200 })
  })
})
