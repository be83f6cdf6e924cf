import { randomUUID } from 'node:crypto'
import { strFromU8, unzipSync } from 'fflate'
import { describe, expect, test } from 'vitest'
import { ALL_RIGHTS } from '#core/team'
import { testServer } from '../../../testing/server/server.ts'
import { exportedTables } from './export.ts'

const OVERLAY = 'an-overlay-secret-of-some-length'

async function bench() {
  const served = await testServer()
  const { web, signedIn } = served
  const wanda = await signedIn('desk', 'wanda')
  const at = async (cookie: string, method: string, path: string, body?: unknown) => {
    const headers = { cookie, 'idempotency-key': randomUUID(), 'content-type': 'application/json' }
    const init = {
      method,
      headers,
      redirect: 'manual' as const,
      ...(body !== undefined && { body: JSON.stringify(body) }),
    }
    return fetch(`${web}${path}`, init)
  }
  const codeOf = async (answer: Promise<Response>) => ((await (await answer).json()) as { code?: string }).code
  return { ...served, wanda, at, codeOf }
}

describe('a channel', () => {
  test('gets another name and address; the old address goes on leading there, and is nobody else’s', async () => {
    const { wanda, at, codeOf, call, signedIn, pool } = await bench()
    expect(await call(wanda, 'PUT', '/desk/channel', { name: 'The Bench', listed: false })).toEqual({})
    expect(await call(wanda, 'POST', '/desk/channel/address', { address: 'other' })).toMatchObject({
      code: 'address_taken',
    })
    expect(await call(wanda, 'POST', '/desk/channel/address', { address: 'repairs' })).toEqual({})
    expect(await call(wanda, 'GET', '/desk/channel')).toMatchObject({
      name: 'The Bench',
      listed: false,
      address: 'repairs',
      former: ['bench'],
    })
    const moved = await at('', 'GET', '/c/bench/raffles?x=1')
    expect([moved.status, moved.headers.get('location')]).toEqual([302, '/c/repairs/raffles?x=1'])
    const other = await signedIn('desk', 'other-owner')
    const steal = at(other, 'POST', '/api/channels/other/desk/channel/address', { address: 'bench' })
    expect(await codeOf(steal)).toBe('address_taken')
    // Back to where it was: the way is open for who has it.
    await at(wanda, 'POST', '/api/channels/repairs/desk/channel/address', { address: 'bench' })
    expect((await pool.query("select slug from channel where owner = 'wanda'")).rows).toEqual([{ slug: 'bench' }])
    const log = await at(wanda, 'GET', '/api/channels/bench/desk/changes')
    const { changes } = (await log.json()) as { changes: { what: string; by: string }[] }
    expect(changes.map(({ what, by }) => [what, by])).toContainEqual(['The channel', 'wanda'])
  })

  test('is its owners’ alone to rename, pause, close and take along', async () => {
    const { call, signedIn, submit } = await bench()
    const by = { account: 'wanda', owner: true }
    await submit('invite', {
      kind: 'team.invite',
      by,
      hash: 'h',
      whom: 'Rosa',
      account: null,
      rights: ALL_RIGHTS,
      until: null,
    })
    await submit('join', { kind: 'team.join', hash: 'h', who: { account: 'rosa', name: 'Rosa', owner: false } })
    const rosa = await signedIn('desk', 'rosa')
    expect(await call(rosa, 'GET', '/desk/channel')).toMatchObject({ code: 'owner_only' })
    expect(await call(rosa, 'POST', '/desk/channel/close', { address: 'bench' })).toMatchObject({ code: 'owner_only' })
  })

  test('of which the economy is switched off pays and sells nothing, and says so everywhere; what was watched before is paid', async () => {
    const { call, signedIn } = await testServer()
    const wanda = await signedIn('desk', 'wanda')
    expect(await call(await signedIn('desk', 'stranger'), 'PUT', '/desk/economy', { on: false })).toMatchObject({
      code: 'not_allowed',
    })
    expect(await call(wanda, 'PUT', '/desk/economy', { on: false })).toEqual({ on: false })
    expect(await call(wanda, 'GET', '/desk/status')).toMatchObject({ economy: false })
    expect(await call('', 'GET', '/store')).toMatchObject({ economy: false })
    expect(await call(wanda, 'PUT', '/desk/economy', { on: true })).toEqual({ on: true })
    expect(await call('', 'GET', '/store')).toMatchObject({ economy: true })
  })

  test('that is paused is looked at and not bought in; the show is over, and it goes on as it was', async () => {
    const { wanda, call, signedIn, submit, richViewer, pool } = await bench()
    await richViewer('pia', 1000)
    const pia = await signedIn('viewer', 'pia')
    await submit('go', { kind: 'show.start', title: 'Test' })
    expect(await call(wanda, 'POST', '/desk/channel/pause', { paused: true })).toEqual({})
    expect((await pool.query('select status from show')).rows[0].status).not.toBe('on')
    expect(await call(pia, 'POST', '/orders', { reward: 1 })).toMatchObject({ code: 'channel_paused' })
    expect(await call(pia, 'GET', '/me')).not.toHaveProperty('code')
    expect(await call(wanda, 'POST', '/desk/show/start', { title: 'Again' })).toMatchObject({ code: 'channel_paused' })
    expect(await call(wanda, 'POST', '/desk/channel/pause', { paused: false })).toEqual({})
    expect(await call(pia, 'POST', '/orders', { reward: 1 })).not.toMatchObject({ code: 'channel_paused' })
  })

  test('that is closed in mid-raffle gives every ticket back, shuts its feeds, and can be had back', async () => {
    const { wanda, at, call, web, submit } = await bench()
    await submit('o', { kind: 'screen.add', name: 'Main', secret: OVERLAY })
    expect((await at('', 'GET', `/api/overlays/${OVERLAY}/page`)).status).toBe(200)
    const feed = await fetch(`${web}/api/channels/bench/feed`)
    const ended = feed.text()
    expect(await call(wanda, 'POST', '/desk/channel/close', { address: 'nope' })).toMatchObject({
      code: 'address_other',
    })
    expect(await call(wanda, 'POST', '/desk/channel/close', { address: 'bench' })).toEqual({})
    // The feed ends: this would wait for ever if it did not.
    await ended
    for (const path of ['/store', '/feed', '/desk/status', '/desk/feed'])
      expect([path, (await at(wanda, 'GET', `/api/channels/bench${path}`)).status]).toEqual([path, 410])
    expect((await at('', 'GET', `/api/overlays/${OVERLAY}/page`)).status).toBe(404)
    expect(await call(wanda, 'GET', '/desk/channel')).toHaveProperty('deletedAt')
    expect(await call(wanda, 'POST', '/desk/channel/reopen')).toEqual({})
    expect((await at('', 'GET', '/api/channels/bench/store')).status).toBe(200)
  })

  test('is deleted with all that is its thirty days after it was closed, not a day before, and no other is touched', async () => {
    const { wanda, call, pool, channel, submit, richViewer } = await bench()
    await richViewer('pia', 1000)
    const id = (await pool.query('select id from viewer')).rows[0].id
    const give = { of: 'balance', how: 'give', amount: 5, why: '', by: 'wanda' } as const
    await submit('give', { kind: 'people.adjust', viewers: [id], ...give })
    await call(wanda, 'PUT', '/desk/channel', { name: 'The Bench', listed: true })
    const gone = async () => (await pool.query('select delete_channel($1) as gone', [channel])).rows[0].gone
    expect(await gone()).toBe(false)
    const closed = (days: number) =>
      pool.query('update channel set closed_at = extract(epoch from now())::bigint - $2 where id = $1', [
        channel,
        days * 86_400,
      ])
    await closed(29)
    expect(await gone()).toBe(false)
    await expect(pool.query('delete from transfer')).rejects.toThrow(/never changed or deleted/)
    await closed(31)
    const others = async () =>
      (await pool.query('select count(*) from setting where channel <> $1', [channel])).rows[0].count
    const before = await others()
    expect(await gone()).toBe(true)
    expect(await others()).toBe(before)
    for (const { name } of exportedTables())
      expect([name, (await pool.query(`select 1 from "${name}" where channel = $1`, [channel])).rowCount]).toEqual([
        name,
        0,
      ])
    expect((await pool.query('select slug from channel')).rows).toEqual([{ slug: 'other' }])
  })

  test('that is being taken along can be let go of in the middle, any number of times', async () => {
    const { wanda, web, pool, channel } = await bench()
    await pool.query(
      'insert into flow (channel, minute, paid, spent) select $1, i * 60, 1, 1 from generate_series(1, 60000) i',
      [channel],
    )
    for (let i = 0; i < 6; i++) {
      const leaving = new AbortController()
      const answer = await fetch(`${web}/api/channels/bench/desk/channel/export`, {
        headers: { cookie: wanda },
        signal: leaving.signal,
      })
      expect(answer.status).toBe(200)
      await answer.body?.getReader().read()
      leaving.abort()
      await expect
        .poll(
          async () => (await pool.query("select 1 from pg_stat_activity where state = 'idle in transaction'")).rowCount,
        )
        .toBe(0)
    }
    expect((await fetch(`${web}/readyz`)).status).toBe(200)
  })

  test('is taken along as a zip that holds its rows, and no secret', async () => {
    const { wanda, at, submit, richViewer, pool, channel } = await bench()
    await richViewer('pia', 1234)
    await submit('o', { kind: 'screen.add', name: 'Main', secret: OVERLAY })
    const answer = await at(wanda, 'GET', '/api/channels/bench/desk/channel/export')
    expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'application/zip'])
    const files = unzipSync(new Uint8Array(await answer.arrayBuffer()))
    const read = (name: string) => strFromU8(files[name] ?? new Uint8Array())
    expect(JSON.parse(read('about.json'))).toMatchObject({ address: 'bench', version: 1 })
    const rows = (name: string) =>
      read(`${name}.jsonl`)
        .trim()
        .split('\n')
        .filter(Boolean)
        .map((line) => JSON.parse(line))
    expect(rows('account')).toContainEqual(expect.objectContaining({ balance: 1234 }))
    const counted = (await pool.query('select count(*)::int as n from reward where channel = $1', [channel])).rows[0].n
    expect(rows('reward')).toHaveLength(counted)
    const overlays = rows('overlay')
    expect(overlays).toHaveLength(1)
    expect(Object.keys(overlays[0])).not.toContain('secret')
    expect(rows('setting').map(({ name }) => name)).not.toContain('seed')
  })
})

test('a channel has no other file than of tables that are its own', () => {
  expect(exportedTables().map(({ name }) => name)).not.toContain('session')
  expect(exportedTables().find(({ name }) => name === 'token')?.without).toContain('hash')
})
