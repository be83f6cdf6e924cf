import { expect, onTestFinished, test, vi } from 'vitest'
import { startIrc } from '../../../standin/src/irc/server.ts'
import { ChatRoom, type RoomEvent } from '../../../standin/src/room.ts'
import { testDesk } from '../../../testing/server/desk.ts'
import { freePort } from '../../../testing/server/ports.ts'
import { startOn } from '../../../testing/server/server.ts'

const soon = (check: () => void | Promise<void>) => vi.waitFor(check, { timeout: 120_000, interval: 50 })

/** A network of its own with one room, and what the bot says there. */
async function network(name: string) {
  const port = await freePort()
  const room = new ChatRoom(name)
  const irc = await startIrc(port, room, () => false)
  onTestFinished(() => irc.close())
  const said: string[] = []
  room.listen((event: RoomEvent) => {
    const ours = event.member.nick.startsWith('Ricompensa')
    if (ours && event.kind === 'said') said.push(event.text)
    if (ours && event.kind === 'told') said.push(`${event.to}: ${event.text}`)
  })
  const bots = () => room.members.filter(({ nick }) => nick.startsWith('Ricompensa')).length
  const person = (nick: string) => {
    const one = { nick, account: nick.toLowerCase(), operator: false }
    room.join(one)
    return one
  }
  return { port, room, said, bots, person }
}

const OWN = { nick: 'Ricompensa', account: '', tls: false }
const bodyOf = (port: number, room: string, more: object = {}) => ({
  settings: { room, network: { host: '127.0.0.1', port, ...OWN }, moderators: '@&~' },
  password: null,
  roomKey: null,
  ...more,
})

interface Rooms {
  readonly rooms: readonly { readonly id: number; readonly chat: { readonly status: string } }[]
}

test('a channel sits in two rooms: each is answered where it was asked, and who is in both is there once', async () => {
  const [first, second] = [await network('#bench'), await network('#garden')]
  const { call, pool, submit } = await testDesk([], { ROOMS_INSIDE: 'yes' })
  expect(await call('POST', '/desk/rooms', bodyOf(first.port, '#bench'))).toHaveProperty('room')
  expect(await call('POST', '/desk/rooms', bodyOf(second.port, '#garden'))).toHaveProperty('room')
  await soon(() => expect([first.bots(), second.bots()]).toEqual([1, 1]))
  const connected = async () =>
    ((await call('GET', '/desk/rooms')) as unknown as Rooms).rooms.map((one) => one.chat.status)
  await soon(async () => expect(await connected()).toEqual(['connected', 'connected']))

  const pia = first.person('Pia')
  first.room.say(pia, '!rivets')
  await soon(() => expect(first.said).toEqual(['Pia has 0 rivets.']))
  expect(second.said).toEqual([])
  // What is for everybody is said everywhere.
  await submit('test', { kind: 'chat.test' })
  await soon(() => expect([first.said.length, second.said.length]).toEqual([2, 1]))

  const present = async () =>
    (await pool.query('select account_key as key, present, jsonb_array_length(rooms) as n from viewer order by id'))
      .rows
  const issuer = `irc:127.0.0.1:${first.port}\npia`
  await soon(async () => expect(await present()).toEqual([{ key: issuer, present: true, n: 1 }]))
  // An account of the other network is another person, until they are linked.
  second.person('Pia')
  await soon(async () => expect(await present()).toHaveLength(2))
  const [a, b] = (await pool.query('select id from viewer order by id')).rows as { id: number }[]
  await pool.query('insert into alias (channel, account, viewer) values (1, $1, $2)', [
    `irc:127.0.0.1:${second.port}\npia`,
    a?.id,
  ])
  await pool.query('delete from account where id = $1', [b?.id])
  await pool.query('delete from watch where id = $1', [b?.id])
  await pool.query('delete from viewer where id = $1', [b?.id])
  await pool.query('update channel set revision = revision + 1')
  const other = second.room.find('Pia')
  if (other === undefined) throw new Error('Pia is not there.')
  second.room.say(other, '!rivets')
  await soon(async () => expect(await present()).toEqual([{ key: issuer, present: true, n: 2 }]))
  first.room.leave(pia)
  await soon(async () => expect(await present()).toEqual([{ key: issuer, present: true, n: 1 }]))
  second.room.leave(other)
  await soon(async () => expect(await present()).toEqual([{ key: issuer, present: false, n: 0 }]))
})

test('a room is set, changed and removed at the desk: the bot goes there, and nobody is left there in mind', async () => {
  const [first, second] = [await network('#bench'), await network('#bench')]
  const { call, pool } = await testDesk([], { ROOMS_INSIDE: 'yes' })
  const { room } = (await call('POST', '/desk/rooms', bodyOf(first.port, '#bench', { password: 'of-the-bot' }))) as {
    room: number
  }
  await soon(() => expect(first.bots()).toBe(1))
  first.person('Pia')
  await soon(async () => expect((await pool.query('select 1 from viewer where present')).rowCount).toBe(1))
  expect(JSON.stringify(await call('GET', '/desk/rooms'))).not.toContain('of-the-bot')
  expect((await pool.query('select password from room')).rows[0].password).not.toContain('of-the-bot')
  // The password was typed for one network: it goes to no other.
  expect(await call('PUT', `/desk/rooms/${room}`, bodyOf(second.port, '#bench'))).toMatchObject({
    code: 'room_invalid',
  })
  expect(await call('PUT', `/desk/rooms/${room}`, bodyOf(second.port, '#bench', { password: '' }))).toEqual({ room })
  await soon(() => expect([first.bots(), second.bots()]).toEqual([0, 1]))
  expect(await call('POST', `/desk/rooms/${room}/test`)).toEqual({ muted: false })
  await soon(() => expect(second.said[0]).toContain('A test from the desk'))
  expect(await call('POST', `/desk/rooms/${room}/remove`)).toEqual({})
  await soon(() => expect(second.bots()).toBe(0))
  await soon(async () => expect((await pool.query('select 1 from viewer where present')).rowCount).toBe(0))
  expect(await call('GET', '/desk/rooms')).toMatchObject({ rooms: [] })
})

test('two channels do not sit in one room, nor does the bot go where it must not', async () => {
  const one = await network('#bench')
  const { call, web, signedIn } = await testDesk([], { ROOMS_INSIDE: 'yes' })
  await call('POST', '/desk/rooms', bodyOf(one.port, '#bench'))
  const cookie = await signedIn('desk', 'other-owner')
  const other = async (body: object) => {
    const headers = { cookie, 'content-type': 'application/json', 'idempotency-key': crypto.randomUUID() }
    return (
      await fetch(`${web}/api/channels/other/desk/rooms`, { method: 'POST', headers, body: JSON.stringify(body) })
    ).json()
  }
  expect(await other(bodyOf(one.port, '#BENCH'))).toMatchObject({ code: 'room_taken' })
  const [id] = ((await call('GET', '/desk/rooms')) as unknown as Rooms).rooms.map((room) => room.id)
  await call('POST', `/desk/rooms/${id}/remove`)
  expect(await other(bodyOf(one.port, '#BENCH'))).toHaveProperty('room')
})

test('where the operator does not allow it, rooms are on the open net and encrypted', async () => {
  const { call } = await testDesk()
  const refused = async (network: object) =>
    (
      (await call('POST', '/desk/rooms', {
        ...bodyOf(1, '#bench'),
        settings: { ...bodyOf(1, '#bench').settings, network },
      })) as { data?: object }
    ).data
  const own = { host: 'chat.example', port: 6697, ...OWN }
  expect(await refused(own)).toHaveProperty(['settings.network.tls'])
  for (const host of ['127.0.0.1', '10.0.0.7', '[::1]', 'localhost', 'db.internal', '169.254.169.254'])
    expect([host, Object.keys((await refused({ ...own, tls: true, host })) ?? {})]).toEqual([
      host,
      ['settings.network.host'],
    ])
  expect(
    await call('POST', '/desk/rooms', {
      ...bodyOf(1, '#bench'),
      settings: { room: '#bench', network: null, moderators: '@' },
    }),
  ).toMatchObject({ code: 'network_missing' })
})

test('a server that takes over answers each line once', async () => {
  const port = await freePort()
  const room = new ChatRoom('#bench')
  const irc = await startIrc(port, room, () => false)
  onTestFinished(() => irc.close())
  const { call, url, server, pool } = await testDesk([], { ROOMS_INSIDE: 'yes' })
  await call('POST', '/desk/rooms', bodyOf(port, '#bench'))
  const second = await startOn(url, { ROOMS_INSIDE: 'yes' })
  onTestFinished(() => second.server.stop())
  const said: string[] = []
  room.listen((event) => {
    if (event.kind === 'said' && event.member.nick.startsWith('Ricompensa')) said.push(event.text)
  })
  await soon(() => expect(room.members.some(({ nick }) => nick === 'Ricompensa')).toBe(true))
  const pia = { nick: 'Pia', account: 'pia', operator: false }
  room.join(pia)
  room.say(pia, '!rivets')
  await soon(() => expect(said).toEqual(['Pia has 0 rivets.']))
  await server.stop()
  await soon(() => expect(room.members.some(({ nick }) => nick.startsWith('Ricompensa'))).toBe(true))
  await soon(async () =>
    expect((await pool.query("select 1 from chat_seat where status = 'connected'")).rowCount).toBe(1),
  )
  room.say(pia, '!rivets')
  await soon(() => expect(said).toHaveLength(2))
})
