import { describe, expect, test } from 'vitest'
import { testDesk } from '../../../testing/server/desk.ts'

const now = () => Math.floor(Date.now() / 1000)

describe('a show', () => {
  test('that ended minutes ago is offered to be gone on with, and is the same show then', async () => {
    const { call, server, pool } = await testDesk()
    const { show } = await call('POST', '/desk/show/start', { title: 'The tram clock' })
    await call('POST', '/desk/show/end', {})
    await expect
      .poll(async () => (await call('GET', '/desk/status')).resumable)
      .toMatchObject({ title: 'The tram clock' })
    expect(await call('POST', '/desk/show/start', { title: 'Other', resume: true })).toEqual({ show, resumed: true })
    const shows = await pool.query('select title, status, number from show')
    expect(shows.rows).toEqual([{ title: 'The tram clock', status: 'on', number: 1 }])
    await call('POST', '/desk/show/end', {})
    await expect.poll(async () => (await pool.query('select status from show')).rows[0].status).toBe('ended')
    await pool.query('update show set ended_at = ended_at - 3600')
    await pool.query('update channel set revision = revision + 1')
    expect((await call('GET', '/desk/status')).resumable).toBeNull()
    expect(await call('POST', '/desk/show/start', { title: 'Next', resume: true })).toMatchObject({ resumed: false })
    expect((await pool.query('select number from show order by id')).rows).toEqual([{ number: 1 }, { number: 2 }])
    await server.channels.drained()
  })

  test('can be held against the one before: what that came to, and how far it had come after as long', async () => {
    const { call, pool } = await testDesk(['pia'])
    await call('POST', '/desk/show/start', { title: 'Before' })
    expect(await call('GET', '/desk/evening')).not.toHaveProperty('before')
    await call('POST', '/desk/show/end', {})
    await expect.poll(async () => (await pool.query('select status from show')).rows[0].status).toBe('ended')
    const begun = now() - 7200
    await pool.query('update show set started_at = $1, ended_at = $2, paid = 50, spent = 20', [begun, begun + 3600])
    await pool.query('update channel set revision = revision + 1')
    await pool.query('delete from flow')
    await pool.query('insert into flow (channel, minute, paid, spent) values (1, $1, 10, 4), (1, $2, 40, 16)', [
      begun - (begun % 60),
      begun - (begun % 60) + 1800,
    ])
    await call('POST', '/desk/show/start', { title: 'Now' })
    expect(await call('GET', '/desk/evening')).toMatchObject({
      show: { title: 'Now' },
      before: { title: 'Before', paid: 50, spent: 20, seconds: 3600, byThen: { paid: 10, spent: 4 } },
    })
  })

  test('forgotten on air is noticed, and closed at the time when it was really over', async () => {
    const { call, pool, submit } = await testDesk(['pia'])
    await call('POST', '/desk/show/start', { title: 'Long ago' })
    expect((await call('GET', '/desk/status')).forgotten).toBeNull()
    await submit('out', { kind: 'presence.left', account: 'pia' })
    const over = now() - 7200
    await pool.query('update show set started_at = $1, counts_from = $1', [over - 3600])
    await pool.query('update viewer set last_seen_at = $1, chatted_at = null', [over])
    await pool.query('update channel set revision = revision + 1')
    expect((await call('GET', '/desk/status')).forgotten).toBe(over)
    expect(await call('POST', '/desk/show/close', { endedAt: 5 })).toMatchObject({ code: 'show_end_too_early' })
    expect(await call('POST', '/desk/show/close', { endedAt: over })).toMatchObject({ seconds: 3600 })
    await expect
      .poll(async () => (await pool.query('select status, ended_at from show')).rows[0])
      .toEqual({
        status: 'ended',
        ended_at: over,
      })
  })

  test('of somebody else pauses pay, and pays what was watched before', async () => {
    const { call, goBack, balance, pool } = await testDesk(['pia'])
    await call('POST', '/desk/show/start', { title: 'Ours' })
    await goBack(65)
    await call('PUT', '/desk/show/guest', { guest: 'The other bench', earning: 'paused' })
    expect(await balance('pia')).toBe(10)
    expect((await call('GET', '/desk/status')).show).toMatchObject({
      guest: 'The other bench',
      pausedAt: expect.any(Number),
    })
    await pool.query('update show set paused_at = paused_at - 600')
    await goBack(600)
    await call('PUT', '/desk/show/guest', { guest: null, earning: 'going' })
    expect(await balance('pia')).toBe(10)
    expect(await call('PUT', '/desk/show/guest', { guest: '', earning: 'going' })).toMatchObject({
      code: 'body_invalid',
    })
  })
})

describe('a time when chat was away', () => {
  test('is told at the desk, previewed, paid and taken back', async () => {
    const { call, submit, goBack, balance } = await testDesk(['pia', 'jo'])
    await call('POST', '/desk/show/start', { title: 'Test' })
    await goBack(600)
    await submit('gap', { kind: 'presence.gap', from: now() - 500, until: now() - 100, accounts: ['pia', 'jo'] })
    const { gaps } = (await call('GET', '/desk/gaps')) as unknown as { gaps: { id: number; people: number }[] }
    expect(gaps).toMatchObject([{ people: 2, status: 'open' }])
    const path = `/desk/gaps/${gaps[0]?.id}`
    expect(await call('POST', `${path}/pay`, { preview: true })).toEqual({ people: 2, total: 120, seconds: 400 })
    const before = await balance('pia')
    expect(await call('POST', `${path}/pay`, { preview: false })).toEqual({ people: 2, total: 120 })
    expect(await balance('pia')).toBe(before + 60)
    expect(await call('POST', `${path}/end`, { how: 'dismiss' })).toMatchObject({ code: 'gap_not_open' })
    expect(await call('POST', `${path}/end`, { how: 'undo' })).toMatchObject({ owed: 0 })
    expect(await balance('pia')).toBe(before)
    expect(await call('POST', '/desk/gaps/x/pay', { preview: true })).toMatchObject({ code: 'not_found' })
  })
})

describe('the words of chat', () => {
  test('are read and changed at the desk, and so are the currency and gifts', async () => {
    const { call } = await testDesk([])
    const { words, currency } = (await call('GET', '/desk/words')) as unknown as {
      words: Record<string, object>
      currency: object
    }
    expect(await call('PUT', '/desk/words', { ...words, rank: { ...words.rank, word: 'title' } })).toEqual({})
    expect(await call('PUT', '/desk/currency', { ...currency, aliases: ['title'] })).toMatchObject({
      code: 'words_overlap',
    })
    expect(await call('PUT', '/desk/currency', { ...currency, word: 'two words' })).toMatchObject({
      code: 'body_invalid',
    })
    expect(await call('PUT', '/desk/currency', { ...currency, aliases: ['tin'], icon: 'cog' })).toEqual({})
    expect(await call('PUT', '/desk/handing', { on: true, perDay: 0, reply: '' })).toMatchObject({
      code: 'body_invalid',
    })
    expect(await call('PUT', '/desk/handing', { on: true, perDay: 50, reply: '' })).toEqual({})
    expect(await call('GET', '/desk/words')).toMatchObject({
      words: { rank: { word: 'title' } },
      currency: { aliases: ['tin'], icon: 'cog' },
      handing: { on: true, perDay: 50 },
    })
  })
})

describe('the earning plan', () => {
  test.each([
    ['an interval of nothing', { intervalSeconds: 0 }],
    ['an interval below nothing', { intervalSeconds: -60 }],
    ['a standing that is none', { standings: { friend: { plus: 1, times: 100 } } }],
    ['a multiplier below 1', { standings: { follower: { plus: 1, times: 50 } } }],
    ['an hour that no day has', { allowance: { amount: 5, weekday: 1, hour: 24, to: [] } }],
    ['half a unit', { base: 1.5 }],
  ])('is refused with %s', async (_what, patch) => {
    const { call } = await testDesk([])
    const { plan } = await call('GET', '/desk/earning')
    const refused = await call('PUT', '/desk/earning', { ...(plan as object), ...patch })
    expect(refused).toMatchObject({ code: 'body_invalid', detail: expect.stringMatching(/^Please correct: /) })
  })

  test('is kept as a draft, applied, and remembered with who applied it', async () => {
    const { call } = await testDesk([])
    const { plan } = (await call('GET', '/desk/earning')) as unknown as { plan: object }
    const draft = { ...plan, base: 12 }
    await call('PUT', '/desk/earning/draft', { plan: draft, nextShow: false })
    expect(await call('GET', '/desk/earning')).toMatchObject({
      plan: { base: 10 },
      draft: { plan: { base: 12 }, by: 'wanda' },
    })
    await call('PUT', '/desk/earning', draft)
    expect(await call('GET', '/desk/earning')).toMatchObject({
      plan: { base: 12 },
      draft: { plan: null },
      week: { usual: true },
    })
    expect(await call('GET', '/desk/earning/history')).toMatchObject({ plans: [{ by: 'wanda', plan: { base: 12 } }] })
  })
})
