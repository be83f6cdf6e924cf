import { connect, type Socket } from 'node:net'
import { beforeEach, describe, expect, onTestFinished, test, vi } from 'vitest'
import { ChatRoom } from '../room.ts'
import { parseLine, tagsOf } from './line.ts'
import { startIrc } from './server.ts'

let room: ChatRoom
let port = 0

beforeEach(async () => {
  room = new ChatRoom('#bench')
  const irc = await startIrc(0, room, (account) => account === 'rosa')
  port = irc.port
  return () => irc.close()
})

/** A client that sends lines and keeps what it is sent. */
function client() {
  const got: string[] = []
  const socket: Socket = connect(port, '127.0.0.1')
  socket.setEncoding('utf8')
  socket.on('data', (data: string) => got.push(...data.split('\r\n').filter((line) => line !== '')))
  onTestFinished(() => void socket.destroy())
  const send = (...lines: string[]) => void socket.write(lines.map((line) => `${line}\r\n`).join(''))
  const gets = (part: string | RegExp) => vi.waitFor(() => expect(got.join('\n')).toMatch(part), { timeout: 120_000 })
  return { socket, send, gets, got }
}

const register = (nick: string) => [`NICK ${nick}`, `USER ${nick} 0 * :${nick}`]

describe('lines', () => {
  test('are taken apart with tags, prefix and a last part', () => {
    expect(parseLine('@a=b :x!y@z privmsg #bench :hello there')).toEqual({
      command: 'PRIVMSG',
      params: ['#bench', 'hello there'],
    })
    expect(parseLine('MODE #bench')).toEqual({ command: 'MODE', params: ['#bench'] })
    expect(parseLine('TOPIC #bench :')).toEqual({ command: 'TOPIC', params: ['#bench', ''] })
  })

  test('bear escaped tags', () => {
    expect(tagsOf({ id: 'a b;c', none: undefined })).toBe('@id=a\\sb\\:c ')
    expect(tagsOf({})).toBe('')
  })
})

test('a client registers, joins, sees who is there, and leaves', async () => {
  room.join({ nick: 'Early', account: 'early', operator: false })
  const rosa = client()
  rosa.send(...register('Rosa'), 'JOIN #bench', 'WHO #bench')
  await rosa.gets(/001 Rosa/)
  await rosa.gets(/353 Rosa = #bench :Early @Rosa/)
  await rosa.gets(/352 Rosa #bench u \S+ \S+ Early H :0 Early/)
  await rosa.gets(/315 Rosa #bench/)
  rosa.send('QUIT :bye')
  await vi.waitFor(() => expect(room.members.map(({ nick }) => nick)).toEqual(['Early']), { timeout: 120_000 })
})

test('capabilities bring accounts, ids and times; without them lines are plain', async () => {
  const plain = client()
  plain.send(...register('plain'), 'JOIN #bench')
  const full = client()
  full.send(
    'CAP LS 302',
    ...register('full'),
    'CAP REQ :message-tags account-tag extended-join server-time',
    'CAP END',
    'JOIN #bench',
  )
  await full.gets(/CAP \S+ ACK :message-tags/)
  await full.gets(/JOIN #bench full :full/)
  const speaker = { nick: 'Pia', account: 'pia_ohm', operator: false }
  room.join(speaker)
  room.say(speaker, 'good evening')
  await full.gets(/@time=\S+;account=pia_ohm;msgid=[0-9a-f-]{36} :Pia!u@\S+ PRIVMSG #bench :good evening/)
  await full.gets(/JOIN #bench pia_ohm :Pia/)
  await plain.gets(/(^|\n):Pia!u@\S+ PRIVMSG #bench :good evening/)
  full.send('WHO #bench %tcuhsnfdaor,42')
  await full.gets(/354 full 42 #bench u \S+ \S+ Pia H 0 pia_ohm n\/a :Pia/)
})

test('what a client gets wrong is answered, and the rest goes on', async () => {
  room.join({ nick: 'Early', account: 'early', operator: false })
  const one = client()
  one.send(
    'JOIN #bench',
    'NICK 9lives',
    'NICK early',
    'NICK one',
    'USER one 0 * :one',
    'JOIN #elsewhere',
    'DANCE',
    'PRIVMSG #bench :from outside',
    'PING 7',
  )
  await one.gets(/451/)
  await one.gets(/432 .*9lives/)
  await one.gets(/433 .*early/)
  await one.gets(/403 one #elsewhere/)
  await one.gets(/421 one DANCE/)
  await one.gets(/404 one #bench/)
  await one.gets(/PONG \S+ :7/)
})

test('a new nick and a private line reach whom they concern', async () => {
  const one = client()
  one.send(...register('one'), 'JOIN #bench')
  const two = client()
  two.send(...register('two'), 'JOIN #bench')
  await one.gets(/:two!u@\S+ JOIN #bench/)
  two.send('NICK deux', 'PRIVMSG one :psst', 'NOTICE #bench :loud')
  await one.gets(/:two!u@\S+ NICK :deux/)
  await one.gets(/:deux!u@\S+ PRIVMSG one :psst/)
  await one.gets(/:deux!u@\S+ NOTICE #bench :loud/)
  expect(two.got.join('\n')).not.toMatch(/psst/)
})

test('SASL is believed', async () => {
  const one = client()
  one.send('CAP LS 302', 'NICK one', 'USER one 0 * :one', 'CAP REQ :sasl', 'AUTHENTICATE PLAIN')
  await one.gets(/AUTHENTICATE \+/)
  one.send(`AUTHENTICATE ${Buffer.from('\0one\0secret').toString('base64')}`)
  await one.gets(/903/)
})

test('a client that sends without end is cut off', async () => {
  const one = client()
  const closed = new Promise((resolve) => one.socket.on('close', resolve))
  one.socket.on('error', () => {})
  one.socket.write('x'.repeat(200_000))
  await closed
})
