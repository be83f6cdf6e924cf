import { createServer, type Socket } from 'node:net'
import { createInterface } from 'node:readline'
import { expect, onTestFinished, test } from 'vitest'
import { hybrid } from '../../../testing/server/peers/hybrid.ts'
import { ngircd } from '../../../testing/server/peers/ngircd.ts'
import { plainClient } from '../../../testing/server/peers/plainClient.ts'
import { connectTo } from '../../../testing/server/peers/seated.ts'
import { soon } from '../../../testing/server/peers/started.ts'
import { freePort } from '../../../testing/server/ports.ts'

test.each([
  ['ngircd', ngircd],
  ['ircd-hybrid', hybrid],
])(
  'on %s: takes another nick if its own is in use, hears, answers, and comes back when put out',
  async (_, started) => {
    const port = await started()
    const host = plainClient(port, 'Ricompensa')
    host.send('JOIN #bench')
    await soon(() => expect(host.lines.join('\n')).toContain('366'))
    const { of, reply, state } = connectTo(port)
    await soon(() => expect(state()?.status).toBe('connected'))
    expect(of('presence.arrived')).toMatchObject([{ who: { issuer: 'nick', account: 'ricompensa', moderator: true } }])

    const pia = plainClient(port, 'Pia')
    pia.send('JOIN #bench')
    await soon(() =>
      expect(of('presence.arrived').at(-1)).toMatchObject({ who: { issuer: 'nick', account: 'pia', name: 'Pia' } }),
    )
    pia.send('PRIVMSG #bench :!rivets', 'PRIVMSG Ricompensa_ :!rivets')
    await soon(() => expect(of('chat.line')).toHaveLength(2))
    expect(of('chat.line')).toMatchObject([
      { text: '!rivets', privately: false, who: { issuer: 'nick', account: 'pia' } },
      { text: '!rivets', privately: true },
    ])
    expect(new Set(of('chat.line').map(({ key }) => key)).size).toBe(2)

    reply(`${'rivet '.repeat(100)}\r\nQUIT :gone`)
    reply('for you alone', 'Pia')
    await soon(() => expect(pia.lines.filter((line) => line.includes('PRIVMSG #bench :rivet'))).toHaveLength(2))
    await soon(() => expect(pia.lines.join('\n')).toMatch(/NOTICE Pia :for you alone/))

    host.send('KICK #bench Ricompensa_ :out with you')
    await soon(() => expect(state()?.status).toBe('refused'))
    expect(state()?.sentence).toBe(
      'Ricompensa has put the bot out of #bench ("out with you"); it tries to rejoin automatically.',
    )
    reply('said when I am back')
    await soon(() => expect(state()?.status).toBe('connected'))
    await soon(() => expect(pia.lines.join('\n')).toContain('said when I am back'))

    host.send('MODE #bench +b Ricompensa_!*@*', 'KICK #bench Ricompensa_ :and stay out')
    await soon(() => expect(state()?.sentence).toMatch(/banned from #bench. Lift the ban/))
    host.send('MODE #bench -b Ricompensa_!*@*')
    await soon(() => expect(state()?.status).toBe('connected'))
  },
)

test.each([
  ['ngircd', ngircd],
  ['ircd-hybrid', hybrid],
])('on an old network, %s, its nick is shortened to what is allowed', async (_, started) => {
  const port = await started(9)
  const { state } = connectTo(port)
  await soon(() => expect(state()?.status).toBe('connected'))
  const host = plainClient(port, 'host')
  host.send('JOIN #bench')
  await soon(() => expect(host.lines.join('\n')).toMatch(/353 .*Ricompens/))
})

/** A server that says only what it is told to, and nothing of who is in the room. */
async function silentServer(port: number) {
  const sockets = new Set<Socket>()
  const got: string[] = []
  const server = createServer((socket) => {
    sockets.add(socket)
    socket.on('error', () => {}).on('close', () => sockets.delete(socket))
    let nick = 'Ricompensa'
    createInterface(socket).on('line', (line) => {
      got.push(line)
      if (line.startsWith('NICK ')) nick = line.slice(5)
      if (line.startsWith('CAP LS')) socket.write(':s CAP * LS :\r\n')
      if (line.startsWith('USER')) socket.write(`:s 001 ${nick} :hello\r\n:s 376 ${nick} :end\r\n`)
      if (line.startsWith('JOIN')) socket.write(`:${nick}!r@h JOIN ${line.slice(5)}\r\n`)
    })
  }).listen(port, '127.0.0.1')
  const close = () => {
    for (const socket of sockets) socket.destroy()
    return new Promise((closed) => server.close(closed))
  }
  onTestFinished(() => void close())
  const tell = (line: string) => {
    for (const socket of sockets) socket.write(`${line}\r\n`)
  }
  return { got, tell, close }
}

test('on a server that tells nothing of who is there: hears all the same, follows a renamed room, survives its end', async () => {
  const port = await freePort()
  const { of, reply, state, states } = connectTo(port)
  // Nobody listens yet: it tries again.
  await soon(() => expect(states.length).toBeGreaterThan(1))
  const { got, tell, close } = await silentServer(port)
  await soon(() => expect(state()?.status).toBe('connected'))
  expect(state()?.sentence).toContain('only who speaks counts as present')
  expect(state()?.lacks).toContain('silent')
  tell(':Pia!p@h PRIVMSG #bench :hello')
  const time = new Date().toISOString()
  tell(`@time=${time} :Pia!p@h PRIVMSG #bench :again`)
  tell(`@time=${time} :Pia!p@h PRIVMSG #bench :again`)
  await soon(() => expect(of('chat.line')).toHaveLength(3))
  const keys = of('chat.line').map(({ key }) => key)
  expect(keys[1]).toBe(keys[2])
  expect(keys[0]).not.toBe(keys[1])

  tell(':s RENAME #bench #workbench :better')
  await soon(() => expect(state()).toMatchObject({ status: 'connected', room: '#workbench' }))
  reply('here now')
  await soon(() => expect(got).toContain('PRIVMSG #workbench :here now'))

  await close()
  await soon(() => expect(state()?.status).toBe('connecting'))
  await silentServer(port)
  await soon(() => expect(state()?.status).toBe('connected'))
})
