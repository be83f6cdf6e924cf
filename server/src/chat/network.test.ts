import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { keyOf } from '#core/people'
import { anope } from '../../../testing/server/peers/anope.ts'
import { hybrid } from '../../../testing/server/peers/hybrid.ts'
import { atheme, inspircd, ownCertificate, withAccount } from '../../../testing/server/peers/inspircd.ts'
import { ngircd } from '../../../testing/server/peers/ngircd.ts'
import { plainClient } from '../../../testing/server/peers/plainClient.ts'
import { connectTo } from '../../../testing/server/peers/seated.ts'
import { soon } from '../../../testing/server/peers/started.ts'

const BOT = { account: 'Ricompensa', password: 'of-the-bot' }

/** A network with services, and somebody who runs the room. */
async function network(wanted: Parameters<typeof inspircd>[0] = {}, services = atheme) {
  const server = await inspircd(wanted)
  await services(server)
  return server.port
}

const SERVICES = [
  ['Atheme', atheme],
  ['Anope', anope],
] as const

/** Somebody in the room, who came first and so runs it. */
async function host(port: number, ...modes: string[]) {
  const one = plainClient(port, 'host')
  one.send('JOIN #bench', ...modes.map((mode) => `MODE #bench ${mode}`))
  await one.settled()
  return one
}

test.each(SERVICES)(
  'signed in at %s the bot takes its nick back, and is never somebody who watches, on neither of its connections',
  async (_, services) => {
    const port = await network({}, services)
    // What is left of it from before: under its account, in the room, with its nick.
    const before = await withAccount(port, 'Ricompensa', BOT.password)
    before.send('JOIN #bench')
    await before.settled()
    const { of, state } = connectTo(port, { sasl: BOT, nickService: 'NickServ' })
    await soon(() => expect(state()).toMatchObject({ status: 'connected', sentence: 'In #bench.' }))
    const watcher = plainClient(port, 'pia')
    watcher.send('JOIN #bench')
    await soon(() => expect(of('presence.arrived').at(-1)).toMatchObject({ who: { name: 'pia' } }))
    watcher.send('NAMES #bench')
    await soon(() => expect(watcher.heard()).toMatch(/353 .*[ :@+]Ricompensa( |$)/m))
    await soon(() => expect(before.heard()).toMatch(/ERROR|KILL/))
    watcher.send('PRIVMSG #bench :!rivets')
    await soon(() => expect(of('chat.line')).toHaveLength(1))
    expect(of('presence.arrived').map((one) => 'who' in one && (one.who as { name: string }).name)).toEqual(['pia'])
  },
)

test.each(SERVICES)(
  'another account is another person: who signs in and out at %s leaves and arrives, and ends with them',
  async (_, services) => {
    const port = await network({}, services)
    await host(port)
    ;(await withAccount(port, 'pia_ohm', 'of-pia')).close()
    const { of, state } = connectTo(port)
    await soon(() => expect(state()?.status).toBe('connected'))
    const pia = plainClient(port, 'Pia')
    pia.send('JOIN #bench')
    const nick = keyOf({ issuer: 'nick', account: 'pia' })
    await soon(() => expect(of('presence.arrived').at(-1)).toMatchObject({ who: { issuer: 'nick', account: 'pia' } }))

    pia.send('PRIVMSG NickServ :IDENTIFY pia_ohm of-pia')
    await soon(() => expect(of('presence.arrived').at(-1)).toMatchObject({ who: { account: 'pia_ohm', name: 'Pia' } }))
    expect(of('presence.left')).toMatchObject([{ account: nick }])
    pia.send('PRIVMSG #bench :!rivets')
    await soon(() => expect(of('chat.line').at(-1)).toMatchObject({ who: { account: 'pia_ohm' } }))

    pia.send('PRIVMSG NickServ :LOGOUT')
    await soon(() => expect(of('presence.left').at(-1)).toMatchObject({ account: 'pia_ohm' }))
    expect(of('presence.arrived').at(-1)).toMatchObject({ who: { issuer: 'nick', account: 'pia' } })
    pia.send('PART #bench')
    await soon(() => expect(of('presence.left').at(-1)).toMatchObject({ account: nick }))
    expect(of('presence.left')).toHaveLength(3)
  },
)

test('where the network tells of accounts with the lines only, a line moves presence to its account', async () => {
  const port = await network({ without: ['ircv3'] })
  await host(port)
  ;(await withAccount(port, 'pia_ohm', 'of-pia')).close()
  const pia = plainClient(port, 'Pia')
  pia.send('JOIN #bench')
  const { of, state } = connectTo(port)
  await soon(() => expect(state()?.status).toBe('connected'))
  pia.send('PRIVMSG NickServ :IDENTIFY pia_ohm of-pia')
  await soon(() => expect(pia.heard()).toMatch(/now (identified|logged in)/i))
  pia.send('PRIVMSG #bench :hello')
  await soon(() => expect(of('presence.arrived').at(-1)).toMatchObject({ who: { account: 'pia_ohm' } }))
  pia.send('QUIT')
  await soon(() => expect(of('presence.left').at(-1)).toMatchObject({ account: 'pia_ohm' }))
  const here = new Set<string>()
  for (const one of [...of('presence.arrived'), ...of('presence.left')])
    if ('who' in one) here.add(keyOf(one.who as never))
  for (const one of of('presence.left')) if ('account' in one) here.delete(String(one.account))
  expect([...here]).toEqual([keyOf({ issuer: 'nick', account: 'host' })])
})

test.each([
  ['with times and batches', []],
  ['with times', ['ircv3_batch']],
  ['without either', ['ircv3_batch', 'ircv3_servertime', 'ircv3_msgid', 'ircv3_ctctags']],
])('what a network repeats on joining, %s, is no command', async (_, without) => {
  const { port } = await inspircd({ without })
  const one = await host(port, '+H 20:1h')
  one.send('PRIVMSG #bench :!get whistle', 'PRIVMSG #bench :!rivets')
  const other = plainClient(port, 'other')
  other.send('JOIN #bench')
  await soon(() => expect(other.heard()).toContain('!rivets'))
  const { of, state } = connectTo(port)
  await soon(() => expect(state()?.status).toBe('connected'))
  one.send('PRIVMSG #bench :!here')
  await soon(() => expect(of('chat.line').at(-1)).toMatchObject({ text: '!here' }))
  expect(of('chat.line')).toHaveLength(1)
})

test('whom the network hides counts while they speak, and the room says so', async () => {
  const { port } = await inspircd()
  await host(port, '+u')
  const shy = plainClient(port, 'shy')
  shy.send('JOIN #bench')
  await shy.settled()
  const { of, state } = connectTo(port)
  await soon(() => expect(state()?.status).toBe('connected'))
  expect(of('presence.arrived').some((one) => 'who' in one && (one.who as { name: string }).name === 'shy')).toBe(false)
  shy.send('PRIVMSG #bench :!rivets')
  await soon(() => expect(of('chat.line').at(-1)).toMatchObject({ who: { name: 'shy' } }))
  await soon(() => expect(state()?.sentence).toContain('counts as present for 15 minutes after speaking'))
})

test.each(SERVICES)(
  'a password that %s does not take: the bot says so and stays out, unless it may speak without',
  async (_, services) => {
    const port = await network({}, services)
    await host(port)
    ;(await withAccount(port, 'Ricompensa', BOT.password)).close()
    const wrong = { account: 'Ricompensa', password: 'not-that' }
    const strict = connectTo(port, { sasl: wrong })
    await soon(() => expect(strict.state()).toMatchObject({ status: 'refused' }))
    expect(strict.state()?.sentence).toMatch(
      /does not take the bot’s account and password \(“.+”\)\. Check the bot’s account and password/,
    )
    expect(strict.states.some(({ status }) => status === 'connected')).toBe(false)
    strict.seat.stop()
    const lenient = connectTo(port, { sasl: wrong, unsigned: true, nick: 'Lenient' })
    await soon(() => expect(lenient.state()).toMatchObject({ status: 'connected' }))
    expect(lenient.state()?.sentence).toMatch(/^In #bench\. The bot is not signed in\. The network does not take/)
  },
)

test('a network that signs in nobody, and a room that needs a key or a voice: said, and over when it is over', async () => {
  const { port } = await inspircd()
  const one = await host(port, '+k letmein')
  const unsigned = connectTo(port, { sasl: BOT })
  await soon(() => expect(unsigned.state()?.sentence).toMatch(/offers no sign-in for programs \(SASL\)/))
  unsigned.seat.stop()

  const shut = connectTo(port)
  await soon(() =>
    expect(shut.state()?.sentence).toMatch(/^#bench asks for a key. Set the right one.* The network says: “.+”/),
  )
  shut.seat.stop()

  const { reply, state } = connectTo(port, { roomKey: 'letmein', nick: 'Keyed' })
  await soon(() => expect(state()?.sentence).toBe('In #bench.'))
  one.send('MODE #bench +m')
  await soon(() => expect(one.heard()).toMatch(/MODE #bench :?\+m/))
  reply('can you hear me')
  await soon(() => expect(state()?.sentence).toBe('In #bench, but the bot may not speak there. Give it a voice.'))
  one.send('MODE #bench +v Keyed')
  await soon(() => expect(state()?.sentence).toBe('In #bench.'))
  reply('now you can')
  await soon(() => expect(one.heard()).toContain('now you can'))
})

test('a word in bold or in colour is that word, and bytes that are not UTF-8 are read as Latin-1', async () => {
  const { port } = await inspircd()
  const one = await host(port)
  const { of, state } = connectTo(port)
  await soon(() => expect(state()?.status).toBe('connected'))
  one.send('PRIVMSG #bench :\u0002!get\u000f \u000304,12whistle\u0003 please')
  await soon(() => expect(of('chat.line').at(-1)).toMatchObject({ text: '!get whistle please' }))
  one.sendBytes(Buffer.from('PRIVMSG #bench :sch\xf6n\r\n', 'latin1'))
  await soon(() => expect(of('chat.line').at(-1)).toMatchObject({ text: 'schön' }))
  one.send('PRIVMSG #bench :schön 🙂')
  await soon(() => expect(of('chat.line').at(-1)).toMatchObject({ text: 'schön 🙂' }))
})

test('which signs make a moderator is a setting', async () => {
  const { port } = await inspircd()
  await host(port)
  const { of, state } = connectTo(port, { moderators: '+' })
  await soon(() => expect(state()?.status).toBe('connected'))
  expect(of('presence.arrived').at(-1)).toMatchObject({ who: { name: 'host', moderator: false } })
})

test('a certificate that is not trusted: the bot says what to set, and with that it sits down', async () => {
  const folder = ownCertificate()
  const { port } = await inspircd({ tls: folder })
  const address = `ircs://localhost:${port}/#bench`
  const distrustful = connectTo(port, { address })
  await soon(() => expect(distrustful.state()?.sentence).toMatch(/its certificate is not trusted.*sets CHAT_TLS_CA/))
  distrustful.seat.stop()
  const { state } = connectTo(port, { address, ca: readFileSync(`${folder}/certificate.pem`, 'utf8') })
  await soon(() => expect(state()?.sentence).toBe('In #bench.'))
})

test('a room that sends the bot on to another: it works there, and says from where it was moved', async () => {
  const { port } = await inspircd({ more: ['<module name="redirect">'] })
  const one = await host(port)
  one.send('JOIN #annex', 'MODE #bench +lL 1 #annex')
  await one.settled()
  const { of, state } = connectTo(port)
  await soon(() => expect(state()?.sentence).toBe('In #annex. The bot was moved there from #bench.'))
  one.send('PRIVMSG #bench :!rivets', 'PRIVMSG #annex :!here')
  await soon(() => expect(of('chat.line')).toMatchObject([{ text: '!here' }]))
})

test('a network that has banned the bot, or wants it to wait: Connections has its reason, and the bot is back when it may', async () => {
  const flood =
    '<connflood seconds="6" maxconns="4" timeout="2" quitmsg="Throttled: too many connections" bootwait="0">'
  const { port } = await inspircd({ more: ['<module name="connflood">', flood] })
  const one = await host(port)
  one.send('OPER test test', 'GLINE Ricompensa@* 1h :no programs here, ask the staff')
  await one.settled()
  const { states, state } = connectTo(port)
  const said = (words: RegExp) => soon(() => expect(states.some(({ sentence }) => words.test(sentence))).toBe(true))
  await said(/it is banned there\. Ask those who run it; .*“You're banned!”.*“.*no programs here, ask the staff/)
  await said(/^The network wants the bot to wait .*“.*Throttled: too many connections/)
  one.send('GLINE Ricompensa@*')
  await soon(() => expect(state()?.sentence).toBe('In #bench.'))
})

test('two hundred who ask at once are all answered, in as few lines as can be said within a minute', async () => {
  const servers = { InspIRCd: (await inspircd()).port, ngIRCd: await ngircd(), 'ircd-hybrid': await hybrid() }
  const alone = (await inspircd()).port
  await Promise.all([...Object.entries(servers).map(([name, port]) => answeredCrowd(name, port)), answeredAlone(alone)])
})

/** Fifteen lines at once, and one in each second and a half: so many can be said within a minute. */
const LINES_A_MINUTE = 15 + 60 / 1.5

async function answeredCrowd(server: string, port: number): Promise<void> {
  const one = await host(port)
  const { reply, state } = connectTo(port)
  await soon(() => expect(state()?.status).toBe('connected'))
  const names = Array.from({ length: 200 }, (_, i) => `viewer_${i}_with_a_name`)
  for (const name of names) reply(`${name} has 7,294 rivets.`, null, 'answer')
  await soon(() => expect(names.filter((name) => !one.heard().includes(`${name} has`))).toEqual([]))
  const lines = one.lines.filter((line) => line.includes('PRIVMSG #bench :viewer_'))
  expect(lines.length, server).toBeLessThanOrEqual(LINES_A_MINUTE)
  expect(state()?.status, server).toBe('connected')
}

/** Who is answered alone: the first ones are, and the others hear where to look instead of waiting for minutes. */
async function answeredAlone(port: number): Promise<void> {
  const one = await host(port)
  const early = plainClient(port, 'early_bird')
  early.send('JOIN #bench')
  await early.settled()
  const { reply, state } = connectTo(port)
  await soon(() => expect(state()?.status).toBe('connected'))
  const team = plainClient(port, 'late_bird')
  team.send('JOIN #bench')
  await team.settled()
  const names = ['early_bird', ...Array.from({ length: 199 }, (_, i) => `viewer_${i}_with_a_name`)]
  for (const name of names) reply('You have 7,294 rivets.', name, 'answer')
  // Of the team: to nobody's page, and not at the end of the line.
  reply('Your parcel is packed.', 'late_bird', undefined, true)
  await soon(() => expect(team.heard()).toMatch(/NOTICE late_bird :Your parcel is packed\./))
  expect(one.heard()).not.toContain('late_bird:')
  await soon(() => expect(early.heard()).toMatch(/NOTICE early_bird :You have 7,294 rivets\./))
  await soon(() => expect(one.heard()).toMatch(/viewer_198_with_a_name: too many ask at once/))
  const pointing = one.lines.filter((line) => line.includes(': too many ask at once to answer each of you alone.'))
  expect(pointing.every((line) => line.endsWith('See https://bench.test/c/bench/mine'))).toBe(true)
  const told = names.filter((name) => pointing.some((line) => line.includes(`${name}:`) || line.includes(`${name},`)))
  expect(told).toEqual(names.slice(-told.length))
  expect(names.length - told.length + pointing.length).toBeLessThanOrEqual(LINES_A_MINUTE)
}
