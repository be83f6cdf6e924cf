import { connect } from 'node:net'
import { setTimeout as pause } from 'node:timers/promises'
import { describe, expect, onTestFinished, test, vi } from 'vitest'
import { keyOf, NICK } from '#core/people'
import { startIrc } from '../../../standin/src/irc/server.ts'
import { ChatRoom, type RoomEvent } from '../../../standin/src/room.ts'
import { connectTo } from '../../../testing/server/peers/seated.ts'
import { freePort } from '../../../testing/server/ports.ts'
import { parseChatAddress } from './index.ts'
import { Room } from './room.ts'

describe('a chat address', () => {
  test('is taken apart', () => {
    expect(parseChatAddress('ircs://chat.example/#room')).toEqual({
      host: 'chat.example',
      port: 6697,
      tls: true,
      room: '#room',
    })
    expect(parseChatAddress('irc://[::1]:7000/#a')).toEqual({ host: '::1', port: 7000, tls: false, room: '#a' })
  })
  test.each([
    '',
    'http://chat.example/#a',
    'irc://chat.example',
    'irc://chat.example/room',
    'irc://a/#x,y',
    'irc://a:99999/#x',
  ])('%s is refused with an example', (text) => expect(() => parseChatAddress(text)).toThrow(/One looks like/))
})

describe('who is behind a nick', () => {
  test('an account identifies, a bare nick never passes for one', () => {
    const room = new Room((nick) => nick.toLowerCase())
    room.set('Pia', { account: 'pia_ohm' })
    room.set('Guest', {})
    expect(room.who('PIA')).toMatchObject({ account: 'pia_ohm' })
    expect(room.who('Guest')).toMatchObject({ issuer: NICK, account: 'guest' })
    room.set('Sly', { account: 'nick/guest' })
    expect(keyOf(room.who('Sly'))).not.toBe(keyOf(room.who('Guest')))
    room.rename('Pia', 'PiaAway')
    expect(room.who('PiaAway')).toMatchObject({ account: 'pia_ohm', name: 'PiaAway' })
    expect(room.has('pia')).toBe(false)
  })
})

/** The stand-in's chat server and our connector in its room. */
async function seated(before: readonly string[] = []) {
  const port = await freePort()
  const room = new ChatRoom('#bench')
  const irc = await startIrc(port, room, (account) => account === 'rosa')
  room.join({ nick: 'Early', account: 'early', operator: false })
  const { seat, state, of } = connectTo(port, {
    presentBefore: async () => ({ accounts: before, until: 77 }),
    clock: () => 0,
    firstPauseMs: 50,
  })
  onTestFinished(() => irc.close())
  await vi.waitFor(() => expect(state()?.status).toBe('connected'), { timeout: 120_000 })
  return { port, room, connector: seat, of }
}

const soon = (check: () => void) => vi.waitFor(check, { timeout: 120_000 })

test('presence follows the room: who was there, comes, goes, and who left while nobody listened', async () => {
  const { room, of } = await seated(['early', 'gone'])
  expect(of('presence.arrived')).toMatchObject([{ who: { account: 'early', name: 'Early' } }])
  expect(of('presence.left')).toMatchObject([
    { account: 'early', until: 77 },
    { account: 'gone', until: 77 },
  ])
  const rosa = { nick: 'Rosa', account: 'rosa', operator: true }
  room.join(rosa)
  await soon(() => expect(of('presence.arrived').at(-1)).toMatchObject({ who: { account: 'rosa', moderator: true } }))
  room.rename(rosa, 'RosaD')
  await soon(() => expect(of('presence.arrived').at(-1)).toMatchObject({ who: { account: 'rosa', name: 'RosaD' } }))
  room.leave(rosa, 'quit')
  await soon(() => expect(of('presence.left').at(-1)).toMatchObject({ account: 'rosa' }))
})

test('a line bears the id the network gave it; a private one is known as such', async () => {
  const { room, of } = await seated()
  const early = room.find('Early')
  if (early === undefined) throw new Error('Early is not there.')
  const ids: string[] = []
  room.listen((event: RoomEvent) => void ('id' in event && ids.push(event.id)))
  room.say(early, 'hello ünïcode 🙂')
  room.tell(early, 'Ricompensa', '!rivets')
  await soon(() => expect(of('chat.line')).toHaveLength(2))
  expect(of('chat.line')).toMatchObject([
    { key: `chat/${ids[0]}`, text: 'hello ünïcode 🙂', privately: false, who: { account: 'early' } },
    { key: `chat/${ids[1]}`, text: '!rivets', privately: true },
  ])
})

test('answers go to the room or to one person, and cannot smuggle a second command', async () => {
  const { room, connector } = await seated()
  const said: string[] = []
  room.listen((event) => {
    if (event.kind === 'said') said.push(event.text)
    if (event.kind === 'told') said.push(`${event.to} ${event.verb} ${event.text}`)
  })
  const reply = (to: string | null, text: string) =>
    connector.speak({ seq: 1, at: 0, kind: 'chat.replied', audience: 'desk', body: { to, text } })
  reply(null, 'one\r\nQUIT :two')
  reply('Early', 'for you alone')
  await soon(() => expect(said).toEqual(['one QUIT :two', 'Early NOTICE for you alone']))
})

test('what is for one alone is whispered only to a nick under exactly their account, whatever they are called', async () => {
  const { room, connector } = await seated()
  const said: string[] = []
  room.listen((event) => {
    if (event.kind === 'said') said.push(event.text)
    if (event.kind === 'told') said.push(`${event.to}: ${event.text}`)
  })
  // The winner, pia, has left; somebody else took her name.
  room.join({ nick: 'Pia', account: 'impostor', operator: false })
  const whisper = (seq: number) =>
    connector.speak({
      seq,
      at: 0,
      kind: 'chat.replied',
      audience: 'desk',
      body: { to: 'Pia', viewer: 7, text: 'Your code: {code}', code: { of: 'order', id: 1 } },
    })
  await pause(200)
  whisper(1)
  await soon(() => expect(said).toEqual(['Pia: something is for you alone. See the page']))
  room.join({ nick: 'PiaOnHerPhone', account: 'pia', operator: false })
  await pause(200)
  whisper(2)
  await soon(() => expect(said.at(-1)).toBe('PiaOnHerPhone: Your code: CODE-1'))
  expect(said.filter((line) => line.includes('CODE-1'))).toHaveLength(1)
})

test('any plain IRC client can sit down and talk', async () => {
  const { port, of } = await seated()
  const socket = connect(port, '127.0.0.1')
  onTestFinished(() => void socket.destroy())
  socket.write('NICK visitor\r\nUSER v 0 * :V\r\nJOIN #bench\r\nPRIVMSG #bench :!rivets\r\n')
  await soon(() =>
    expect(of('chat.line')).toMatchObject([{ text: '!rivets', who: { account: 'visitor', name: 'visitor' } }]),
  )
  socket.write('QUIT :bye\r\n')
  await soon(() => expect(of('presence.left').at(-1)).toMatchObject({ account: 'visitor' }))
})
