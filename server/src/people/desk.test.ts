import { describe, expect, test } from 'vitest'
import { testDesk } from '../../../testing/server/desk.ts'

const circle = (name: string) => ({
  circle: null,
  settings: {
    name,
    keep: false,
    rules: { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null },
  },
})

describe('the list', () => {
  test('is filtered by standing, circle, balance, hours, when they were seen, and who is put aside', async () => {
    const { call, ids, submit, pool } = await testDesk()
    const { circle: crew } = await call('PUT', '/desk/circles', circle('Crew'))
    await call('PUT', `/desk/viewers/${ids.pia}`, { follower: true, tier: 2 })
    await call('POST', `/desk/circles/${crew}/join`, { viewers: [ids.jo], how: 'in' })
    await call('POST', '/desk/people/correct', { viewers: [ids.jo], of: 'balance', how: 'give', amount: 90, why: '' })
    await call('POST', '/desk/people/correct', { viewers: [ids.jo], of: 'hours', how: 'give', amount: 7200, why: '' })
    await submit('out', { kind: 'presence.left', account: 'sol' })
    await pool.query("update viewer set last_seen_at = 1000 where account = 'sol'")
    const names = async (asked: string) =>
      ((await call('GET', `/desk/people?sort=name&down=0&${asked}`)).people as { name: string }[]).map(
        ({ name }) => name,
      )
    expect(await names('')).toEqual(['jo', 'pia', 'sol'])
    expect(await names('standing=follower')).toEqual(['pia'])
    expect(await names('standing=subscriber')).toEqual(['pia'])
    expect(await names('standing=tier1')).toEqual([])
    expect(await names(`standing=circle:${crew}`)).toEqual(['jo'])
    expect(await names('standing=none')).toEqual(['sol'])
    expect(await names('name=cre')).toEqual(['jo'])
    expect(await names('balanceFrom=90&balanceTo=90')).toEqual(['jo'])
    expect(await names('hoursFrom=2')).toEqual(['jo'])
    expect(await names('hoursFrom=3')).toEqual([])
    expect(await names('earnedFrom=1')).toEqual([])
    expect(await names('seenBefore=2000')).toEqual(['sol'])
    expect(await names('seenAfter=2000')).toEqual(['jo', 'pia'])
    expect(await call('GET', '/desk/people?balanceFrom=lots')).toMatchObject({ code: 'query_invalid' })
    expect(await call('GET', '/desk/people?sort=upwards')).toMatchObject({
      code: 'query_invalid',
      detail: 'Please correct: sort must be one of name, balance, hours, earned, seen, since.',
    })
    expect(await names('balanceFrom=&rank=')).toEqual(['jo', 'pia', 'sol'])
    await call('POST', '/desk/people/ignore', { viewers: [ids.jo], ignored: true })
    expect(await names('shown=ignored')).toEqual(['jo'])
    expect(await names('')).toEqual(['pia', 'sol'])
  })

  test('goes out as a file that a spreadsheet takes for text, and a circle is given to as one', async () => {
    const { call, ids, file, balance } = await testDesk(['pia', '=sum(a1)', 'jo'])
    const { circle: crew } = await call('PUT', '/desk/circles', circle('Crew'))
    await call('POST', `/desk/circles/${crew}/join`, { viewers: [ids.pia, ids.jo], how: 'in' })
    const given = { viewers: `circle:${crew}`, of: 'balance', how: 'give', amount: 25, why: 'thanks' }
    expect(await call('POST', '/desk/people/correct', given)).toMatchObject({ asked: 2, changed: 2, total: 50 })
    expect(await balance('pia')).toBe(25)
    await call('PUT', `/desk/viewers/${ids.pia}`, { nickname: 'Pia, the "First"' })
    const lines = (await file('/desk/people.csv?sort=name&down=0')).trim().split('\r\n')
    expect(lines[0]).toMatch(/^name,account,nickname,balance,earned,hours,rank,standings,first_seen,last_seen,issuer,/)
    expect(lines).toHaveLength(4)
    expect(lines.find((line) => line.startsWith('pia,'))).toMatch(/^pia,pia,"Pia, the ""First""",25,0,0\.00,,Crew,/)
    expect(lines.some((line) => line.startsWith("'=sum(a1)") || line.startsWith('"\'=sum(a1)"'))).toBe(true)
    expect((await file('/desk/people.csv?name=jo')).trim().split('\r\n')).toHaveLength(2)
  })
})

describe('a person at the desk', () => {
  test('is shown with all that is known, and is told so by the server where they are not', async () => {
    const { call, ids } = await testDesk()
    await call('PUT', `/desk/viewers/${ids.pia}`, { nickname: 'Aunt Pia', follower: true })
    await call('POST', `/desk/viewers/${ids.pia}/notes`, { text: 'brings radios' })
    const panel = await call('GET', `/desk/viewers/${ids.pia}`)
    expect(panel).toMatchObject({
      viewer: { name: 'Aunt Pia', chatName: 'pia', account: 'pia' },
      standings: ['follower'],
      notes: [{ text: 'brings radios', by: 'wanda' }],
      habits: { streak: 0, checkIns: 0 },
      hours: { show: null, days: 0 },
    })
    const [note] = panel.notes as { id: number }[]
    await call('POST', `/desk/notes/${note?.id}/remove`, {})
    expect((await call('GET', `/desk/viewers/${ids.pia}`)).notes).toEqual([])
    expect(await call('GET', '/desk/viewers/999999')).toMatchObject({ code: 'not_found' })
    expect(await call('PUT', '/desk/viewers/999999', { nickname: 'x' })).toMatchObject({ code: 'viewer_not_found' })
    expect(await call('PUT', `/desk/viewers/${ids.pia}`, { tier: 4 })).toMatchObject({ code: 'body_invalid' })
  })

  test('has a trail that can be looked at by what moved it', async () => {
    const { call, ids } = await testDesk()
    await call('POST', '/desk/people/correct', {
      viewers: [ids.pia],
      of: 'balance',
      how: 'give',
      amount: 100,
      why: 'a lamp',
    })
    const buyer = { account: 'pia', name: 'pia' }
    const { submit } = await testDesk([])
    await submit('none', { kind: 'chat.line', who: buyer, text: 'hi', privately: false })
    const why = async (only: string) =>
      ((await call('GET', `/desk/viewers/${ids.pia}/trail${only}`)).entries as { why: string }[]).map((one) => one.why)
    expect(await why('')).toEqual(['Given by wanda: a lamp'])
    expect(await why('?only=hand')).toEqual(['Given by wanda: a lamp'])
    expect(await why('?only=spent')).toEqual([])
    expect(await why('?only=earned')).toEqual([])
  })

  test('is added, merged and forgotten; whoever is not there or is here says so', async () => {
    const { call, ids, balance } = await testDesk()
    const added = await call('POST', '/desk/people/add', { account: 'Pia_Two' })
    expect(await call('POST', '/desk/people/add', { account: 'pia_two' })).toMatchObject({ code: 'viewer_known' })
    expect(await call('POST', '/desk/people/add', { account: 'two words' })).toMatchObject({ code: 'body_invalid' })
    await call('POST', '/desk/people/correct', {
      viewers: [added.viewer],
      of: 'balance',
      how: 'give',
      amount: 30,
      why: '',
    })
    expect(await call('POST', `/desk/viewers/${ids.jo}/merge`, { into: ids.pia })).toMatchObject({
      code: 'merge_present',
    })
    expect(await call('POST', `/desk/viewers/${added.viewer}/merge`, { into: added.viewer })).toMatchObject({
      code: 'merge_with_self',
    })
    expect(await call('POST', `/desk/viewers/${added.viewer}/merge`, { into: ids.pia })).toMatchObject({ moved: 30 })
    expect(await balance('pia')).toBe(30)
    expect(await call('GET', `/desk/viewers/${ids.pia}`)).toMatchObject({ aliases: ['pia_two'] })
    expect(await call('POST', `/desk/viewers/${ids.sol}/forget`, { confirm: 'sol' })).toMatchObject({
      code: 'forget_present',
    })
  })
})

describe('a file', () => {
  test('of a thousand long lines is taken in as one part, once; a longer part is refused', async () => {
    const { call, balance, pool } = await testDesk([])
    const line = (i: number) => ({
      account: `${'a'.repeat(90)}${i}`,
      name: `${'A'.repeat(90)}${i}`,
      balance: i,
      seconds: 60,
    })
    const lines = Array.from({ length: 1000 }, (_, i) => line(i))
    const part = { digest: 'abc0', lines, how: 'add' }
    expect(await call('POST', '/desk/people/import', part)).toEqual({ again: false, added: 1000, changed: 1000 })
    expect(await call('POST', '/desk/people/import', part)).toMatchObject({ again: true })
    expect(await balance(line(7).account)).toBe(7)
    expect((await pool.query('select sum(balance)::int as n from account')).rows[0].n).toBe(499_500)
    expect(await call('POST', '/desk/people/import', { ...part, lines: [...lines, line(1000)] })).toMatchObject({
      code: 'body_invalid',
    })
    const huge = { ...part, lines: Array.from({ length: 12_000 }, (_, i) => line(i)) }
    expect(await call('POST', '/desk/people/import', huge)).toMatchObject({ code: 'too_large' })
  })
})

describe('a file that was taken in', () => {
  const IMPORT = '/desk/people/import'

  test('is known again by its name, stands among what can be undone, and can be taken in again after that', async () => {
    const { call } = await testDesk()
    const line = (account: string) => ({ account, name: account, balance: 5, seconds: null })
    const part = { digest: 'a1', lines: [line('pia'), line('new')], how: 'add', called: 'old.csv' }
    const brought = () => call('GET', `${IMPORT}/before?called=old.csv`)
    expect(await brought()).toMatchObject({ at: null, accounts: [] })
    expect(await call('POST', IMPORT, part)).toMatchObject({ added: 1, changed: 2 })
    const { accounts, network } = (await brought()) as { accounts: string[][]; network: string }
    expect(accounts.sort()).toEqual([
      [network, 'new'],
      [network, 'pia'],
    ])
    const { corrections } = (await call('GET', '/desk/people/corrections')) as {
      corrections: { adjustments: number[] }[]
    }
    expect(corrections).toMatchObject([{ of: 'import', why: 'old.csv', people: 2, total: 10 }])
    expect(await call('POST', '/desk/people/undo', { adjustments: corrections[0]?.adjustments })).toMatchObject({
      ...{ changed: 2, total: -10 },
    })
    expect(await brought()).toMatchObject({ at: null })
    expect(await call('POST', IMPORT, part)).toMatchObject({ again: false, changed: 2 })
  })

  test('those in the room are counted as followers since a day, who follows already stays as they are', async () => {
    const { call, pool, submit } = await testDesk()
    await submit('sol-here', { kind: 'presence.arrived', who: { account: 'sol', name: 'sol' } })
    await pool.query("update viewer set present = false, followed_at = null where name <> 'sol'")
    const since = Math.floor(Date.now() / 1000) + 900_000
    expect(await call('POST', '/desk/people/present/followers', { since: 1_700_000_000 })).toEqual({ changed: 1 })
    const { rows } = await pool.query("select followed_at::int as at from viewer where name = 'sol'")
    expect(rows).toEqual([{ at: 1_700_000_000 }])
    expect(await call('POST', '/desk/people/present/followers', { since })).toMatchObject({ code: 'nobody_present' })
  })
})

describe('corrections', () => {
  test('that can still be taken back are listed, those of one go as one, until they are or the time is over', async () => {
    const { call, ids, pool } = await testDesk()
    const give = { of: 'balance', how: 'give', amount: 40, why: 'a lamp' }
    await call('POST', '/desk/people/correct', { ...give, viewers: [ids.pia] })
    await call('POST', '/desk/people/correct', { ...give, viewers: [ids.jo, ids.sol], why: '' })
    await call('POST', '/desk/people/correct', { ...give, viewers: [ids.pia], of: 'hours', amount: 3600 })
    const list = async () => (await call('GET', '/desk/people/corrections')).corrections as { adjustments: number[] }[]
    expect(await list()).toMatchObject([
      { of: 'hours', people: 1, total: 3600, name: 'pia' },
      { of: 'balance', people: 2, total: 80, name: null, by: 'wanda' },
      { of: 'balance', people: 1, total: 40, name: 'pia', why: 'a lamp' },
    ])
    await call('POST', '/desk/people/undo', { adjustments: (await list())[1]?.adjustments })
    expect(await list()).toHaveLength(2)
    await pool.query('update adjustment set undo_until = 1')
    expect(await list()).toEqual([])
  })
})

describe('support by a stranger', () => {
  const tip = (submit: Awaited<ReturnType<typeof testDesk>>['submit'], name: string, i: number) =>
    submit(`tip-${i}`, {
      kind: 'event.received',
      source: 's',
      type: 'ricompensa.tip',
      happenedAt: Math.floor(Date.now() / 1000),
      who: { account: name, name },
      body: { minorUnits: 500 },
    })

  test('waits at the desk, and all of it under that name is matched at once', async () => {
    const { call, ids, submit, balance } = await testDesk()
    const { plan } = (await call('GET', '/desk/earning')) as unknown as { plan: { support: object } }
    await call('PUT', '/desk/earning', { ...plan, support: { ...plan.support, tip: 20 } })
    for (const i of [1, 2]) await tip(submit, 'tea pot', i)
    await tip(submit, 'kettle', 3)
    const { supporters } = (await call('GET', '/desk/supporters')) as unknown as {
      supporters: { id: number; name: string }[]
    }
    expect(supporters.map(({ name }) => name)).toEqual(['kettle', 'tea pot', 'tea pot'])
    const one = supporters.find(({ name }) => name === 'tea pot')
    expect(await call('POST', `/desk/supporters/${one?.id}/match`, { viewer: ids.pia })).toEqual({
      matched: 2,
      paid: 200,
    })
    expect(await call('POST', `/desk/supporters/${one?.id}/match`, { viewer: ids.pia })).toMatchObject({
      code: 'not_found',
    })
    await tip(submit, 'tea pot', 4)
    expect(await balance('pia')).toBe(300)
  })
})

describe('a viewer', () => {
  test('sees their own rank, checks in once, and can be in no list', async () => {
    const { call, viewer, submit } = await testDesk()
    const { plan } = await call('GET', '/desk/earning')
    await call('PUT', '/desk/earning', {
      ...(plan as object),
      checkIn: { amount: 15, streakPlus: 5, streakMost: 20, missedAllowed: true },
    })
    const rank = { id: 1, name: 'Onlooker', from: 0, needs: null, badge: 'washer' }
    await call('PUT', '/desk/ranks', { measure: 'hours', ranks: [rank], announce: '' })
    const pia = await viewer('pia')
    expect(await pia('POST', '/me/check-in', {})).toMatchObject({ code: 'not_on_air' })
    await submit('start', { kind: 'show.start', title: 'Test' })
    expect(await pia('GET', '/me/standing')).toMatchObject({
      known: true,
      rank: { held: { name: 'Onlooker' }, next: null },
      checkIn: { open: true, done: false },
    })
    expect(await pia('POST', '/me/check-in', {})).toEqual({ paid: 15, streak: 1 })
    expect(await pia('POST', '/me/check-in', {})).toMatchObject({ code: 'checked_in_already' })
    expect(await pia('GET', '/me/standing')).toMatchObject({ checkIn: { open: false, done: true, streak: 1 } })
    expect(await pia('GET', '/lists?list=balance')).toMatchObject({
      places: [{ name: 'pia', value: 15 }],
      own: { place: 1 },
    })
    await pia('PUT', '/me/listed', { listed: false })
    expect(await pia('GET', '/lists?list=balance')).toEqual({ places: [], own: null })
    const stranger = await viewer('nobody')
    expect(await stranger('GET', '/me/standing')).toMatchObject({ known: false })
    expect(await stranger('PUT', '/me/listed', { listed: false })).toMatchObject({ code: 'not_found' })
  })
})

test('the room tells who has just come, the latest first, and not who left again or is ignored', async () => {
  const { call, ids, submit, pool } = await testDesk(['pia', 'jo', 'sol', 'mo'])
  const arrived = async () =>
    ((await call('GET', '/desk/present')).arrived as { name: string }[]).map(({ name }) => name)
  const came = (name: string, secondsAgo: number) =>
    pool.query('update viewer set present_since = present_since - $2 where account = $1', [name, secondsAgo])
  await came('pia', 3600)
  await came('jo', 20)
  await came('sol', 5)
  expect(await arrived()).toEqual(['mo', 'sol', 'jo'])
  await submit('out', { kind: 'presence.left', account: 'sol' })
  await call('POST', '/desk/people/ignore', { viewers: [ids.mo], ignored: true })
  expect(await arrived()).toEqual(['jo'])
})
