import { expect, onTestFinished, test } from 'vitest'
import { startIrc } from '../../../standin/src/irc/server.ts'
import { ChatRoom } from '../../../standin/src/room.ts'
import { type Call, testDesk } from '../../../testing/server/desk.ts'
import { atheme, inspircd, withAccount } from '../../../testing/server/peers/inspircd.ts'
import { plainClient } from '../../../testing/server/peers/plainClient.ts'
import { soon } from '../../../testing/server/peers/started.ts'
import { freePort } from '../../../testing/server/ports.ts'

interface Standing {
  readonly status: string
  readonly sentence: string
}

interface Rooms {
  readonly rooms: readonly {
    readonly id: number
    readonly chat: Standing
    readonly own: null | { readonly chat: Standing }
  }[]
}

const VOICE = { settings: { nick: 'wanda', account: 'wanda' }, password: 'of-wanda' }

async function roomAt(call: Call, port: number): Promise<number> {
  const network = { host: '127.0.0.1', port, tls: false, nick: 'Ricompensa', account: '' }
  const body = { settings: { room: '#bench', network, moderators: '@' }, password: null, roomKey: null }
  return (await call('POST', '/desk/rooms', body)).room as number
}

const ownIn = async (call: Call): Promise<Standing | undefined> =>
  ((await call('GET', '/desk/rooms')) as unknown as Rooms).rooms[0]?.own?.chat

/** The desk, with a room of the stand-in's network, and what each there has said. */
async function atStandin() {
  const port = await freePort()
  const room = new ChatRoom('#bench')
  const irc = await startIrc(port, room, () => false)
  onTestFinished(() => irc.close())
  const said: string[] = []
  room.listen((event) => {
    if (event.kind === 'said') said.push(`${event.member.nick}: ${event.text}`)
  })
  const parts = await testDesk([], { ROOMS_INSIDE: 'yes' })
  const id = await roomAt(parts.call, port)
  await soon(() => expect(room.members.map(({ nick }) => nick)).toEqual(['Ricompensa']))
  return { ...parts, port, room, said, id }
}

test('an owner speaks as themselves beside the bot, muted or not, and what they say is heard as theirs', async () => {
  const { call, room, said, id, pool } = await atStandin()
  expect(await call('POST', '/desk/say/as-oneself', { text: 'hello' })).toMatchObject({ code: 'own_voice_missing' })
  expect(await call('PUT', `/desk/rooms/${id}/own-voice`, VOICE)).toEqual({ room: id })
  await soon(async () =>
    expect(await ownIn(call)).toMatchObject({ status: 'connected', sentence: 'In #bench as wanda.' }),
  )
  expect(await call('GET', '/desk/status')).toMatchObject({ ownVoice: true })
  await call('POST', '/desk/voice', { muted: true })
  await call('POST', '/desk/say/as-oneself', { text: ' hello ' })
  await soon(() => expect(said).toEqual(['wanda: hello']))
  await call('POST', '/desk/voice', { muted: false })
  await call('POST', '/desk/say', { text: 'I am the bot' })
  await soon(() => expect(said).toEqual(['wanda: hello', 'Ricompensa: I am the bot']))
  const heard = async () => (await pool.query("select name from viewer where account = 'wanda'")).rows
  await soon(async () => expect(await heard()).toEqual([{ name: 'wanda' }]))

  expect(await call('POST', `/desk/rooms/${id}/own-voice/remove`)).toEqual({})
  await soon(() => expect(room.members.map(({ nick }) => nick)).toEqual(['Ricompensa']))
  expect(await ownIn(call)).toBeUndefined()
  const kept = await pool.query('select password, gone_at from own_voice')
  expect(kept.rows[0].gone_at).not.toBeNull()
  expect(await call('POST', `/desk/rooms/${id}/own-voice/remove`)).toMatchObject({ code: 'own_voice_missing' })
})

test('its password is for one account on one network, and is told to nobody', async () => {
  const { call, id, port, pool } = await atStandin()
  await call('PUT', `/desk/rooms/${id}/own-voice`, VOICE)
  const other = { ...VOICE, password: null, settings: { nick: 'wanda', account: 'otto' } }
  expect(await call('PUT', `/desk/rooms/${id}/own-voice`, other)).toMatchObject({ code: 'own_voice_invalid' })
  const asBot = { ...VOICE, settings: { nick: 'ricompensa', account: 'wanda' } }
  expect(await call('PUT', `/desk/rooms/${id}/own-voice`, asBot)).toMatchObject({
    code: 'body_invalid',
    data: { 'settings.nick': 'This is the bot’s name on that network. Choose another one.' },
  })
  expect(JSON.stringify(await call('GET', '/desk/rooms'))).not.toContain('of-wanda')
  expect(JSON.stringify(await call('GET', '/desk/changes'))).not.toContain('of-wanda')
  expect(JSON.stringify((await pool.query('select password from own_voice')).rows)).not.toContain('of-wanda')
  const network = { host: '127.0.0.1', port: port + 1, tls: false, nick: 'Ricompensa', account: '' }
  const moved = { settings: { room: '#bench', network, moderators: '@' }, password: null, roomKey: null }
  await call('PUT', `/desk/rooms/${id}`, moved)
  expect(await ownIn(call)).toBeUndefined()
})

test('a network that does not take the account says so of that account, and the bot goes on', async () => {
  const server = await inspircd({})
  await atheme(server)
  ;(await withAccount(server.port, 'wanda', 'of-wanda')).close()
  const { call } = await testDesk([], { ROOMS_INSIDE: 'yes' })
  const id = await roomAt(call, server.port)
  await call('PUT', `/desk/rooms/${id}/own-voice`, { ...VOICE, password: 'wrong' })
  await soon(async () =>
    expect(await ownIn(call)).toMatchObject({
      status: 'refused',
      sentence: expect.stringMatching(
        /^The network does not take your account and password.* it is tried again once you change them\.$/,
      ),
    }),
  )
  const host = plainClient(server.port, 'host')
  host.send('JOIN #bench')
  await call('PUT', `/desk/rooms/${id}/own-voice`, VOICE)
  await soon(async () => expect((await ownIn(call))?.status).toBe('connected'))
  await call('POST', '/desk/say/as-oneself', { text: 'the lamp works' })
  await soon(() => expect(host.heard()).toMatch(/:wanda_?!\S+ PRIVMSG #bench :the lamp works/))
})
