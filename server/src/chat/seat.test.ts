import { expect, onTestFinished, test, vi } from 'vitest'
import { startIrc } from '../../../standin/src/irc/server.ts'
import { ChatRoom } from '../../../standin/src/room.ts'
import { addChannel, CURRENCY, PLAN, testDatabase } from '../../../testing/server/database.ts'
import { freePort } from '../../../testing/server/ports.ts'
import { startOn } from '../../../testing/server/server.ts'
import { Leases } from './lease.ts'
import { SeatTable } from './seatTable.ts'

const soon = (check: () => void | Promise<void>) => vi.waitFor(check, { timeout: 120_000, interval: 50 })

/** A chat room, and a database with a channel; servers on both are started by the test. */
async function withRoom() {
  const { pool, url } = await testDatabase()
  const channel = await addChannel(pool)
  const port = await freePort()
  const room = new ChatRoom('#bench')
  const irc = await startIrc(port, room, () => false)
  onTestFinished(() => irc.close())
  const said: string[] = []
  room.listen((event) => {
    if (event.kind === 'said' && event.member.nick.startsWith('Ricompensa')) said.push(event.text)
  })
  const start = async () => {
    const { server } = await startOn(url, { CHAT_ADDRESS: `irc://127.0.0.1:${port}/#bench` })
    onTestFinished(() => server.stop())
    return server
  }
  const bots = () => room.members.filter(({ nick }) => nick.startsWith('Ricompensa')).length
  return { pool, channel, room, said, start, bots }
}

test('of two servers one sits in the room; when it goes the other takes over, and what was not said yet is said once', async () => {
  const { pool, channel, room, said, start, bots } = await withRoom()
  const [first, second] = [await start(), await start()]
  await first.channels.submit(channel, 'setup', { kind: 'channel.setUp', currency: CURRENCY, plan: PLAN })
  const seats = new SeatTable(pool, () => Math.floor(Date.now() / 1000))
  await soon(async () => expect((await seats.stateOf(channel)).status).toBe('connected'))
  await new Promise((later) => setTimeout(later, 2500))
  expect(bots()).toBe(1)

  const pia = { nick: 'Pia', account: 'pia', operator: false }
  room.join(pia)
  room.say(pia, '!rivets')
  await soon(() => expect(said).toEqual(['Pia has 0 rivets.']))

  await first.stop()
  // Decided while nobody sits there: it waits for whoever comes next.
  await second.channels.submit(channel, 'test', { kind: 'chat.test' })
  await soon(() => expect(said).toHaveLength(2))
  expect(said[1]).toContain('A test from the desk')
  room.say(pia, '!rivets')
  await soon(() => expect(said).toHaveLength(3))
  expect(bots()).toBe(1)
})

test('the bot is sent out of the room and brought back, and comes with the show if it is to; what was decided meanwhile is not said', async () => {
  const { channel, room, said, start, bots, pool } = await withRoom()
  const { channels } = await start()
  await channels.submit(channel, 'setup', { kind: 'channel.setUp', currency: CURRENCY, plan: PLAN })
  const seats = new SeatTable(pool, () => Math.floor(Date.now() / 1000))
  const stands = (status: string) => soon(async () => expect((await seats.stateOf(channel)).status).toBe(status))
  const voice = (key: string, change: object) => channels.submit(channel, key, { kind: 'chat.voice', voice: change })
  await stands('connected')
  await voice('out', { out: true })
  await stands('out')
  expect((await seats.stateOf(channel)).sentence).toContain('sent out')
  await soon(() => expect(bots()).toBe(0))
  await channels.submit(channel, 'unheard', { kind: 'chat.test' })
  await voice('back', { out: false })
  await stands('connected')
  const pia = { nick: 'Pia', account: 'pia', operator: false }
  room.join(pia)
  room.say(pia, '!rivets')
  await soon(() => expect(said).toEqual(['Pia has 0 rivets.']))

  await voice('with', { withShow: true })
  await stands('out')
  await channels.submit(channel, 'on', { kind: 'show.start', title: 'Bench' })
  await stands('connected')
  await channels.submit(channel, 'off', { kind: 'show.end' })
  await stands('out')
  expect((await seats.stateOf(channel)).sentence).toContain('comes with the show')
})

test('a seat whose lease is over counts as empty, and nobody is paid beyond what was known', async () => {
  const { pool, channel } = await withRoom()
  let now = Math.floor(Date.now() / 1000)
  const seats = new SeatTable(pool, () => now)
  expect(await seats.stateOf(channel)).toMatchObject({ status: 'off' })
  expect(await seats.knownUntil(channel)).toBe(now)
  const seat = { channel, room: 0, connection: 'c', renewedBefore: 0 }
  await seats.taken(seat, now - 100, 0)
  expect(await seats.knownUntil(channel)).toBe(now - 100)
  const lacks = ['silent' as const]
  const state = { status: 'connected', sentence: 'In #bench.', since: now, room: '#bench', lacks } as const
  await seats.write(channel, 0, state, { knownUntil: now - 50, spokenSeq: 5 })
  const leases = new Leases(pool)
  expect(await leases.take(['c'])).toEqual([{ connection: 'c', renewedBefore: 0 }])
  now += 15
  expect(await seats.knownUntil(channel)).toBe(now)
  expect(await new Leases(pool).take(['c'])).toEqual([])
  // Nobody renews it any more.
  await pool.query('update chat_lease set until = 0, renewed_at = $1', [(now - 30) * 1000])
  expect(await seats.knownUntil(channel)).toBe(now - 30)
  const sentence = expect.stringContaining('another one')
  expect(await seats.stateOf(channel)).toMatchObject({ status: 'connecting', sentence, lacks })
  const [again] = await new Leases(pool).take(['c'])
  const renewedBefore = Math.floor((again?.renewedBefore ?? 0) / 1000)
  expect(await leases.renew()).toEqual(new Set())
  expect(await seats.taken({ ...seat, renewedBefore }, 0, 0)).toEqual({ knownUntil: now - 30, spokenSeq: 5 })
})

test('a connection whose lease was lost is left, and taken again; what was not heard meanwhile is said, and nothing answered twice', async () => {
  const { pool, channel, room, said, start, bots } = await withRoom()
  const { channels } = await start()
  await channels.submit(channel, 'setup', { kind: 'channel.setUp', currency: CURRENCY, plan: PLAN })
  const seats = new SeatTable(pool, () => Math.floor(Date.now() / 1000))
  await soon(async () => expect((await seats.stateOf(channel)).status).toBe('connected'))
  const pia = { nick: 'Pia', account: 'pia', operator: false }
  room.join(pia)
  room.say(pia, '!rivets')
  await soon(() => expect(said).toEqual(['Pia has 0 rivets.']))
  // As if this server had died with it, before it noted what it had said.
  await pool.query(
    "update chat_lease set holder = 'another', until = (extract(epoch from clock_timestamp()) * 1000)::bigint + 3000",
  )
  await soon(() => expect(bots()).toBe(0))
  await pool.query("update chat_seat set spoken_seq = 0, status = 'connected'")
  await soon(async () => expect((await seats.stateOf(channel)).sentence).toMatch(/^In #bench\. For .* nobody heard/))
  expect(bots()).toBe(1)
  room.say(pia, '!rivets')
  await soon(() => expect(said).toEqual(['Pia has 0 rivets.', 'Pia has 0 rivets.']))
})

test('the operator’s room is the first channel’s alone: once that is closed, or gone, no other hears it', async () => {
  const { pool, channel, start, bots } = await withRoom()
  const { channels } = await start()
  const other = await addChannel(pool, 'other')
  await soon(() => expect(bots()).toBe(1))
  const close = 'update channel set closed_at = extract(epoch from now())::bigint - $2 where id = $1'
  await pool.query(close, [channel, 0])
  await channels.feed.roomsChanged()
  await soon(() => expect(bots()).toBe(0))
  await pool.query(close, [channel, 31 * 86_400])
  expect((await pool.query('select delete_channel($1) as gone', [channel])).rows[0].gone).toBe(true)
  await channels.feed.roomsChanged()
  await new Promise((later) => setTimeout(later, 3000))
  expect(bots()).toBe(0)
  expect((await pool.query('select 1 from chat_seat where channel = $1', [other])).rowCount).toBe(0)
})
