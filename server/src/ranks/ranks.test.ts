import { describe, expect, test } from 'vitest'
import type { Intent } from '#core/engine'
import type { RankPlan } from '#core/ranks'
import { testDesk } from '../../../testing/server/desk.ts'
import { followUp } from '../commands/index.ts'
import { reader } from '../database/index.ts'
import { payAllowances, tick } from '../earning/index.ts'
import { topList } from './index.ts'
import type { ListQuery } from './lists.ts'

const RANKS: RankPlan = {
  measure: 'hours',
  ranks: [
    { id: 1, name: 'Onlooker', from: 10, needs: null, badge: 'washer' },
    { id: 2, name: 'Fitter', from: 100, needs: null, badge: 'cog' },
  ],
  announce: '{{ viewer.name }} is {{ viewer.rank }} now.',
}
const NO_RULES = { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null }
const who = (name: string) => ({ account: name, name })

/** A channel with three people, and the desk of its streamer. */
async function channelWithPeople() {
  const parts = await testDesk()
  const { server, submit, pool, ids } = parts
  const hours = (name: string, amount: number) =>
    submit(`hours-${name}-${amount}`, {
      kind: 'people.adjust',
      viewers: [ids[name] ?? 0],
      of: 'hours',
      how: 'set',
      amount: amount * 3600,
      why: '',
      by: 'w',
    })
  const rankOf = async (name: string) =>
    (await pool.query('select rank from viewer where account = $1', [name])).rows[0].rank
  return { ...parts, hours, rankOf, channels: server.channels, db: reader(pool) }
}

describe('ranks at the desk', () => {
  test('tell who would rise and fall, and everybody’s follows when they are applied', async () => {
    const { call, hours, rankOf } = await channelWithPeople()
    await hours('pia', 1)
    await hours('jo', 3)
    expect(await call('POST', '/desk/ranks/preview', RANKS)).toMatchObject({
      rises: { count: 2, people: expect.arrayContaining([{ name: 'jo', before: null, after: 'Fitter' }]) },
      falls: { count: 0 },
    })
    await call('PUT', '/desk/ranks', RANKS)
    expect(await Promise.all(['pia', 'jo', 'sol'].map(rankOf))).toEqual([1, 2, null])
    const none = { low: 0, half: 0, high: 0 }
    const watched = (seconds: number) => ({ low: seconds, half: seconds, high: seconds })
    expect(await call('GET', '/desk/ranks')).toMatchObject({
      counts: {
        ranks: expect.arrayContaining([
          { id: 1, count: 1, watchedSeconds: watched(3600), earned: expect.any(Object) },
          { id: 2, count: 1, watchedSeconds: watched(10_800), earned: expect.any(Object) },
          { id: null, count: 1, watchedSeconds: none, earned: none },
        ]),
      },
    })
    const higher = { ...RANKS, ranks: RANKS.ranks.map((rank) => ({ ...rank, from: rank.from * 10 })) }
    expect(await call('POST', '/desk/ranks/preview', higher)).toMatchObject({
      rises: { count: 0 },
      falls: { count: 2 },
    })
    expect(await call('PUT', '/desk/ranks', { ...RANKS, ranks: [...RANKS.ranks].reverse() })).toMatchObject({
      code: 'ranks_invalid',
    })
  })

  test('come with a payment to everyone, told in chat, and a circle at the end of the show', async () => {
    const { call, channels, channel, submit, pool, rankOf, ids, goBack } = await channelWithPeople()
    await call('PUT', '/desk/ranks', RANKS)
    await call('PUT', '/desk/circles', {
      circle: null,
      settings: { name: 'Crew', keep: false, rules: { ...NO_RULES, shows: { least: 1, of: 3 } } },
    })
    const started = await submit('start', { kind: 'show.start', title: 'Test' })
    const show = started.ok ? started.value.show : 0
    // As if they had been here for a quarter of an hour.
    await goBack(900)
    await tick(channels, channel, show, 'one')
    await expect.poll(() => rankOf('sol')).toBe(1)
    const told = await pool.query("select string_agg(facts, '') as facts from fact_batch")
    for (const name of ['pia', 'jo', 'sol']) expect(told.rows[0].facts).toContain(`${name} is Onlooker now.`)
    await submit('end', { kind: 'show.end' })
    await tick(channels, channel, show, 'two')
    // The server's own timer may be the one that settles the show.
    const inCircle = async () =>
      (await pool.query("select count(*)::int as n from viewer where circles <> '[]'")).rows[0].n
    await expect.poll(inCircle).toBe(3)
    expect(await call('GET', `/desk/viewers/${ids.pia}`)).toMatchObject({
      rank: { held: { name: 'Onlooker' }, next: { name: 'Fitter' } },
      attended: { count: 1, of: 1 },
      shows: [{ attended: true }],
    })
    expect(await call('GET', '/desk/people?standing=circle:1')).toMatchObject({ total: 0 })
    expect(await call('GET', '/desk/people?name=onlook')).toMatchObject({ total: 3 })
  })
})

describe('top lists', () => {
  test('count all time, the shows of 30 days, and this show; whoever wants to be in none is in none', async () => {
    const { channel, db, ids, pool, hours, submit } = await channelWithPeople()
    await hours('pia', 10)
    await hours('jo', 5)
    await pool.query(
      `insert into show (channel, id, title, status, number, started_at, ended_at, counts_from, paid, spent)
       values ($1, 900001, 'Old', 'ended', 1, 1000, 2000, 1000, 0, 0), ($1, 900002, 'New', 'ended', 2, 9000000, 9001000, 9000000, 0, 0)`,
      [channel],
    )
    const attended = [ids.pia, 900001, 500, 70, ids.jo, 900002, 300, 40, ids.sol, 900002, 900, 10]
    for (let i = 0; i < attended.length; i += 4)
      await pool.query('insert into attendance values ($1, $2, $3, $4, $5)', [channel, ...attended.slice(i, i + 4)])
    const names = async (query: Partial<ListQuery>) => {
      const asked = { list: 'hours', period: 'all', now: 9_002_000, limit: 5, ...query } as const
      return (await topList(db, channel, asked)).places.map(({ place, name, value }) => [place, name, value])
    }
    expect(await names({})).toEqual([
      [1, 'pia', 36_000],
      [2, 'jo', 18_000],
    ])
    expect(await names({ period: 'days' })).toEqual([
      [1, 'sol', 900],
      [2, 'jo', 300],
    ])
    expect(await names({ period: 'show', list: 'earned' })).toEqual([
      [1, 'jo', 40],
      [2, 'sol', 10],
    ])
    expect(
      (await topList(db, channel, { list: 'hours', period: 'all', now: 0, limit: 1, viewer: ids.jo })).own,
    ).toMatchObject({ place: 2 })
    await submit('unlist', { kind: 'people.keep', viewer: ids.pia ?? 0, unlisted: true })
    expect(await names({})).toEqual([[1, 'jo', 18_000]])
  })

  test('are told in chat, once, and everyone present is corrected once, however often a line comes', async () => {
    const { channels, channel, db, hours, submit, pool } = await channelWithPeople()
    await hours('pia', 2)
    await submit('mod', { kind: 'presence.arrived', who: { ...who('sol'), moderator: true } })
    const say = async (key: string, text: string) => {
      const line: Intent = { kind: 'chat.line', who: who('sol'), text, privately: false }
      for (let i = 0; i < 2; i++) await followUp(db, channels, { channel, room: 0, key }, await submit(key, line))
    }
    await say('c1', '!longest')
    await say('c2', '!give everyone 25 well done')
    const facts = (await pool.query("select string_agg(facts, '') as facts from fact_batch")).rows[0].facts as string
    expect(facts.split('Watched longest: 1. pia 2 h.').length).toBe(2)
    expect(facts.split('3 people got 75 rivets in all.').length).toBe(2)
    expect((await pool.query('select sum(balance)::int as n from account')).rows[0].n).toBe(75)
  })
})

describe('the weekly allowance', () => {
  test('is paid once to whoever it is for, and the next is set', async () => {
    const { channels, channel, submit, ids, pool, call } = await channelWithPeople()
    await submit('sub', { kind: 'people.keep', viewer: ids.jo ?? 0, tier: 1 })
    const { plan } = (await call('GET', '/desk/earning')) as { plan: object }
    await call('PUT', '/desk/earning', { ...plan, allowance: { amount: 60, weekday: 3, hour: 20, to: ['subscriber'] } })
    const next = async () =>
      (await pool.query("select body->>'next' as next from setting where name = 'allowance'")).rows[0].next
    const due = Number(await next())
    const jobs = await pool.query("select key from graphile_worker.jobs where task_identifier = 'earning.allowance'")
    expect(jobs.rows).toEqual([{ key: `${channel}/earning.allowance/${due}` }])
    await pool.query("update setting set body = '{\"next\": 1000}' where name = 'allowance'")
    await pool.query('update channel set revision = revision + 1')
    for (let i = 0; i < 2; i++) await payAllowances(channels, channel, 1000)
    const held = async () =>
      (await pool.query('select v.account, a.balance from viewer v join account a using (id) where a.balance > 0')).rows
    expect(await held()).toEqual([{ account: 'jo', balance: 60 }])
    expect(Number(await next())).toBe(due)
    // A channel that is paused pays none, and goes on with the next.
    await call('POST', '/desk/channel/pause', { paused: true })
    await pool.query("update setting set body = '{\"next\": 2000}' where name = 'allowance'")
    await pool.query('update channel set revision = revision + 1')
    await payAllowances(channels, channel, 2000)
    expect(await held()).toEqual([{ account: 'jo', balance: 60 }])
    expect(Number(await next())).toBe(due)
  })

  test('follows the time zone, which must exist', async () => {
    const { call } = await channelWithPeople()
    expect(await call('PUT', '/desk/zone', { timeZone: 'Europe/Atlantis' })).toMatchObject({ code: 'zone_unknown' })
    expect(await call('PUT', '/desk/zone', { timeZone: 'Asia/Kathmandu' })).toEqual({ timeZone: 'Asia/Kathmandu' })
  })
})

describe('cleaning up', () => {
  test('starts everybody anew after the channel’s name was typed, and takes it back', async () => {
    const { call, ids, pool } = await channelWithPeople()
    await call('POST', '/desk/people/correct', {
      viewers: [ids.pia, ids.jo],
      of: 'balance',
      how: 'give',
      amount: 40,
      why: '',
    })
    expect(await call('POST', '/desk/people/reset', { of: 'balance', confirm: 'benc' })).toMatchObject({
      code: 'confirm_wrong',
    })
    const done = await call('POST', '/desk/people/reset', { of: 'balance', confirm: 'bench' })
    expect(done).toMatchObject({ changed: 2 })
    const sum = async () => (await pool.query('select sum(balance)::int as n from account')).rows[0].n
    expect(await sum()).toBe(0)
    await call('POST', '/desk/people/undo', { adjustments: done.adjustments })
    expect(await sum()).toBe(80)
  })

  test('archives who was not seen, and leaves alone who is here', async () => {
    const { call, pool, submit } = await channelWithPeople()
    await submit('out', { kind: 'presence.left', account: 'sol' })
    await pool.query("update viewer set last_seen_at = 1000 where account = 'sol'")
    await pool.query('update channel set revision = revision + 1')
    expect(await call('POST', '/desk/people/archive-unseen', { days: 30, preview: true })).toEqual({ people: 1 })
    await call('POST', '/desk/people/archive-unseen', { days: 30, preview: false })
    expect(await call('GET', '/desk/people')).toMatchObject({ total: 2 })
    expect(await call('GET', '/desk/people?shown=archived')).toMatchObject({ total: 1, people: [{ name: 'sol' }] })
  })
})
