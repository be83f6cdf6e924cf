import { expect, test } from 'vitest'
import { PLAIN_REWARD } from '#core/store'
import { testDesk } from '../../../testing/server/desk.ts'

interface Logged {
  readonly id: number
  readonly of: string
  readonly restorable: boolean
}

const EMPTY = { measure: 'hours', announce: '', ranks: [] as object[] }
const FITTER = { id: 1, name: 'Fitter', from: 0, needs: null, badge: 'cog' }

/** The desk with its log: `undo` sets the latest change back. */
async function withLog() {
  const parts = await testDesk(['pia', 'jo'], { ROOMS_INSIDE: 'yes' })
  const { call } = parts
  const log = async () => (await call('GET', '/desk/changes')).changes as Logged[]
  const undo = async () => call('POST', `/desk/changes/${(await log())[0]?.id}/undo`)
  return { ...parts, log, undo }
}

test('ranks that are set back move everybody at once', async () => {
  const { call, pool, undo, log } = await withLog()
  const holders = async () =>
    (await pool.query('select count(*)::int as n from viewer where rank is not null')).rows[0].n
  expect(await call('PUT', '/desk/ranks', EMPTY)).toMatchObject({ ranks: 0 })
  expect(await call('PUT', '/desk/ranks', { ...EMPTY, ranks: [FITTER] })).toMatchObject({ ranks: 1 })
  expect(await holders()).toBe(2)
  expect((await log())[0]).toMatchObject({ of: 'ranks', restorable: true })
  expect(await undo()).toEqual({})
  expect(await holders()).toBe(0)
})

test('an earning plan that is set back pays what was watched so far by the plan of now', async () => {
  const { call, goBack, balance, undo, server } = await withLog()
  const { channels } = server
  const { plan } = (await call('GET', '/desk/earning')) as { plan: { base: number; intervalSeconds: number } }
  await call('POST', '/desk/show/start', { title: 'Test' })
  await call('PUT', '/desk/earning', { ...plan, base: 100 })
  const changedAt = channels.clock()
  await goBack(plan.intervalSeconds + 5)
  // Everybody is paid once in a second.
  await expect.poll(() => channels.clock()).toBeGreaterThan(changedAt)
  expect(await undo()).toEqual({})
  expect(await balance('pia')).toBe(100)
  expect((await call('GET', '/desk/earning')).plan).toMatchObject({ base: plan.base })
})

test('a room that is set back is looked at as one that is set: another channel may sit there by now', async () => {
  const { call, pool, undo, log } = await withLog()
  const network = { host: '127.0.0.1', port: 6, tls: false, nick: 'Ricompensa', account: '' }
  const body = { settings: { room: '#bench', network, moderators: '@' }, password: null, roomKey: null }
  const { room } = await call('POST', '/desk/rooms', body)
  const moved = { ...body, settings: { ...body.settings, room: '#shed' } }
  await call('PUT', `/desk/rooms/${room}`, moved)
  const other = await pool.query(
    "insert into channel (slug, name, owner) values ('garden', 'Garden', 'dawn') returning id",
  )
  const taken = "insert into room_owner (place, owner) values ('127.0.0.1:6/#bench', $1)"
  await pool.query(taken, [other.rows[0].id])
  expect((await log())[0]).toMatchObject({ of: 'room', restorable: true })
  expect(await undo()).toMatchObject({ code: 'room_taken' })
  await pool.query('delete from room_owner where owner <> 1')
  expect(await undo()).toEqual({})
  expect((await pool.query('select place from room_owner')).rows).toEqual([{ place: '127.0.0.1:6/#bench' }])
})

test('the channel’s name is set back where everybody finds it', async () => {
  const { call, undo, log } = await withLog()
  const { name } = (await call('GET', '/desk/channel')) as { name: string }
  await call('PUT', '/desk/channel', { name: 'The shed', listed: false })
  expect(await undo()).toEqual({})
  expect(await call('GET', '/desk/channel')).toMatchObject({ name, listed: true })
  await call('POST', '/desk/channel/pause', { paused: true })
  expect((await log())[0]).toMatchObject({ of: 'channel', restorable: false })
})

test('what was added is removed, and what was removed is added again, once', async () => {
  const { call, log, undo } = await withLog()
  const words = async () =>
    ((await call('GET', '/desk/store')).rewards as { settings: { word: string } }[]).map(
      ({ settings }) => settings.word,
    )
  const hat = { ...PLAIN_REWARD, name: 'Hat', word: 'hat', price: 60 }
  const { reward } = await call('POST', '/desk/rewards', hat)
  expect(await undo()).toEqual({})
  expect(await words()).not.toContain('hat')
  const [removed] = await log()
  expect(removed).toMatchObject({ of: 'reward', restorable: true })
  expect(await undo()).toEqual({})
  expect(await words()).toContain('hat')
  const again = await call('POST', `/desk/changes/${removed?.id}/undo`)
  expect(again).toMatchObject({ code: 'change_overtaken', detail: 'Hat was added again already.' })
  const found = (await call('GET', '/desk/store')).rewards as { id: number; settings: { word: string } }[]
  expect(found.filter(({ settings }) => settings.word === 'hat').map(({ id }) => id)).not.toContain(reward)
})

test('a room that was added is left again', async () => {
  const { call, undo } = await withLog()
  const network = { host: '127.0.0.1', port: 6, tls: false, nick: 'Ricompensa', account: '' }
  await call('POST', '/desk/rooms', {
    settings: { room: '#bench', network, moderators: '@' },
    password: 'sesame',
    roomKey: null,
  })
  expect(await undo()).toEqual({})
  expect((await call('GET', '/desk/rooms')).rooms).toEqual([])
  // Its password went with it, so it is not added again from here.
  expect(await undo()).toMatchObject({ code: 'change_not_undone' })
})
