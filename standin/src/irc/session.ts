import type { Socket } from 'node:net'
import type { ChatRoom, Member, RoomEvent, Verb } from '../room.ts'
import { type IrcLine, parseLine, tagsOf } from './line.ts'

export const SERVER = 'standin.local'
const CAPS = [
  'message-tags',
  'account-tag',
  'account-notify',
  'extended-join',
  'multi-prefix',
  'server-time',
  'sasl=PLAIN',
]
const NICK = /^[A-Za-z[\]\\`_^{|}][\w[\]\\`^{|}-]{0,29}$/
const MAX_LINE_BYTES = 8192

/** One IRC connection. Whoever takes a nick is that account: the stand-in believes everyone. */
export class IrcSession {
  readonly #caps = new Set<string>()
  #nick: string | undefined
  #user = false
  #negotiating = false
  #member: Member | undefined
  #registered = false
  #buffer = ''
  /** The rooms that it sits in, each with what ends its listening. */
  readonly #in = new Map<ChatRoom, () => void>()

  constructor(
    readonly socket: Socket,
    readonly rooms: readonly ChatRoom[],
    readonly isOperator: (account: string) => boolean,
  ) {
    socket.setEncoding('utf8')
    socket.on('data', (data: string) => this.#received(data))
    socket.on('error', () => socket.destroy())
    socket.on('close', () => this.#closed('Connection closed'))
  }

  #received(data: string): void {
    this.#buffer += data
    if (this.#buffer.length > MAX_LINE_BYTES * 4) return void this.socket.destroy()
    const lines = this.#buffer.split(/\r?\n/)
    this.#buffer = lines.pop() ?? ''
    for (const line of lines) if (line.trim() !== '') this.#handle(parseLine(line))
  }

  #handle(line: IrcLine): void {
    const before = BEFORE_REGISTRATION[line.command]
    if (before !== undefined) return before(this, line.params)
    if (!this.#registered) return this.reply('451', ':You have not registered')
    const handler = COMMANDS[line.command]
    if (handler === undefined) return this.reply('421', `${line.command} :Unknown command`)
    handler(this, line.params)
  }

  send(text: string): void {
    if (!this.socket.destroyed) this.socket.write(`${text}\r\n`)
  }

  reply(code: string, text: string): void {
    this.send(`:${SERVER} ${code} ${this.#nick ?? '*'} ${text}`)
  }

  capability([verb = '', list = '']: readonly string[]): void {
    const asked = list.split(' ').filter((name) => name !== '')
    if (verb.toUpperCase() === 'LS') {
      this.#negotiating = true
      this.send(`:${SERVER} CAP ${this.#nick ?? '*'} LS :${CAPS.join(' ')}`)
    } else if (verb.toUpperCase() === 'REQ') {
      const known = asked.every((name) => CAPS.some((cap) => cap.split('=')[0] === name))
      if (known) for (const name of asked) this.#caps.add(name)
      this.send(`:${SERVER} CAP ${this.#nick ?? '*'} ${known ? 'ACK' : 'NAK'} :${asked.join(' ')}`)
    } else if (verb.toUpperCase() === 'END') {
      this.#negotiating = false
      this.#tryRegister()
    }
  }

  authenticate([what = '']: readonly string[]): void {
    if (what.toUpperCase() === 'PLAIN') return this.send('AUTHENTICATE +')
    const account = Buffer.from(what, 'base64').toString().split('\0')[1] ?? ''
    this.reply('900', `${this.#nick}!*@* ${account} :You are now logged in as ${account}`)
    this.reply('903', ':SASL authentication successful')
  }

  nick([wanted = '']: readonly string[]): void {
    if (!NICK.test(wanted)) return this.reply('432', `${wanted} :That is not a nick`)
    const taken = this.rooms.some((room) => ![undefined, this.#member].includes(room.find(wanted)))
    if (taken) return this.reply('433', `${wanted} :Nickname is already in use`)
    if (this.#member !== undefined && this.#registered) {
      const from = this.#nick ?? ''
      this.#nick = wanted
      for (const room of this.#in.keys()) room.rename(this.#member, wanted, from)
      this.#member.nick = wanted
      if (this.#in.size === 0) this.send(`:${from}!u@${SERVER} NICK :${wanted}`)
      return
    }
    this.#nick = wanted
    this.#tryRegister()
  }

  user(): void {
    this.#user = true
    this.#tryRegister()
  }

  #tryRegister(): void {
    if (this.#registered || this.#negotiating || !this.#user || this.#nick === undefined) return
    this.#registered = true
    const account = this.#nick.toLowerCase()
    this.#member = { nick: this.#nick, account, operator: this.isOperator(account) }
    this.reply('001', `:Welcome to the stand-in, ${this.#nick}`)
    this.reply(
      '005',
      'CASEMAPPING=ascii CHANTYPES=# NICKLEN=30 NETWORK=standin PREFIX=(ov)@+ WHOX :are supported by this server',
    )
    this.reply('422', ':There is no message of the day')
  }

  join([names = '']: readonly string[]): void {
    const member = this.#member
    if (member === undefined) return
    for (const name of names.split(',')) {
      const room = this.#roomCalled(name)
      if (room === undefined)
        this.reply('403', `${name} :There is only ${this.rooms.map((one) => one.name).join(', ')} here`)
      else if (!this.#in.has(room)) {
        this.#in.set(
          room,
          room.listen((event) => this.#tell(room, event)),
        )
        room.join(member)
        this.#names(room)
      }
    }
  }

  names([name = '']: readonly string[]): void {
    const room = this.#roomCalled(name)
    if (room !== undefined) this.#names(room)
  }

  #names(room: ChatRoom): void {
    const list = room.members.map((member) => `${member.operator ? '@' : ''}${member.nick}`)
    for (let i = 0; i < list.length; i += 20) this.reply('353', `= ${room.name} :${list.slice(i, i + 20).join(' ')}`)
    this.reply('366', `${room.name} :End of /NAMES list`)
  }

  who([target = '*', fields = '']: readonly string[]): void {
    const token = /^%[a-z]*,(\w+)$/.exec(fields)?.[1]
    const room = this.#roomCalled(target)
    for (const { nick, account, operator } of room?.members ?? []) {
      const flags = `H${operator ? '@' : ''}`
      if (token === undefined) this.reply('352', `${room?.name} u ${SERVER} ${SERVER} ${nick} ${flags} :0 ${nick}`)
      else this.reply('354', `${token} ${room?.name} u ${SERVER} ${SERVER} ${nick} ${flags} 0 ${account} n/a :${nick}`)
    }
    this.reply('315', `${target} :End of /WHO list`)
  }

  message(verb: Verb, [target = '', text = '']: readonly string[]): void {
    const member = this.#member
    if (member === undefined || text === '') return
    const room = this.#roomCalled(target)
    if (room === undefined) return this.#toOne(member, target, text, verb)
    if (room.find(member.nick) !== member) return this.reply('404', `${target} :Cannot send to channel`)
    room.say(member, text, verb)
  }

  #toOne(member: Member, target: string, text: string, verb: Verb): void {
    const [first] = this.rooms
    const theirs = this.rooms.find((room) => room.find(target) !== undefined) ?? first
    theirs?.tell(member, target, text, verb)
  }

  part([names = '']: readonly string[]): void {
    for (const name of names.split(',')) {
      const room = this.#roomCalled(name)
      if (room === undefined || this.#member === undefined) continue
      room.leave(this.#member, 'part')
      this.#in.get(room)?.()
      this.#in.delete(room)
    }
  }

  mode([name = '']: readonly string[]): void {
    this.reply('324', `${this.#roomCalled(name)?.name ?? name} +nt`)
  }

  quit([reason = '']: readonly string[]): void {
    this.#closed(reason)
    this.send(`ERROR :Closing link`)
    this.socket.end()
  }

  #closed(reason: string): void {
    const left = [...this.#in]
    this.#in.clear()
    for (const [, stop] of left) stop()
    if (this.#member !== undefined) for (const [room] of left) room.leave(this.#member, 'quit', reason)
  }

  #roomCalled(name: string): ChatRoom | undefined {
    return this.rooms.find((room) => room.name.toLowerCase() === name.toLowerCase())
  }

  #tell(room: ChatRoom, event: RoomEvent): void {
    const { nick, account } = event.member
    const prefix = `:${event.kind === 'renamed' ? event.from : nick}!u@${SERVER}`
    const time = this.#caps.has('server-time') ? new Date().toISOString() : undefined
    const by = this.#caps.has('account-tag') ? account : undefined
    const tags = (id?: string) => tagsOf({ time, account: by, msgid: this.#caps.has('message-tags') ? id : undefined })
    if (event.kind === 'joined') {
      const extended = this.#caps.has('extended-join') ? ` ${account} :${nick}` : ''
      this.send(`${tags()}${prefix} JOIN ${room.name}${extended}`)
      if (event.member.operator) this.send(`:${SERVER} MODE ${room.name} +o ${nick}`)
    } else if (event.kind === 'left') {
      this.send(`${tags()}${prefix} ${event.how === 'part' ? `PART ${room.name}` : 'QUIT'} :${event.reason}`)
    } else if (event.kind === 'renamed') {
      this.send(`${tags()}${prefix} NICK :${nick}`)
    } else if (event.kind === 'said' && event.member !== this.#member) {
      this.send(`${tags(event.id)}${prefix} ${event.verb} ${room.name} :${event.text}`)
    } else if (event.kind === 'told' && event.to.toLowerCase() === this.#nick?.toLowerCase()) {
      this.send(`${tags(event.id)}${prefix} ${event.verb} ${this.#nick} :${event.text}`)
    }
  }
}

type Handler = (session: IrcSession, params: readonly string[]) => void

const BEFORE_REGISTRATION: Readonly<Record<string, Handler>> = {
  CAP: (session, params) => session.capability(params),
  AUTHENTICATE: (session, params) => session.authenticate(params),
  NICK: (session, params) => session.nick(params),
  USER: (session) => session.user(),
  PASS: () => {},
  PING: (session, [token = '']) => session.send(`:${SERVER} PONG ${SERVER} :${token}`),
  PONG: () => {},
  QUIT: (session, params) => session.quit(params),
}

const COMMANDS: Readonly<Record<string, Handler>> = {
  JOIN: (session, params) => session.join(params),
  PART: (session, params) => session.part(params),
  NAMES: (session, params) => session.names(params),
  WHO: (session, params) => session.who(params),
  MODE: (session, params) => session.mode(params),
  PRIVMSG: (session, params) => session.message('PRIVMSG', params),
  NOTICE: (session, params) => session.message('NOTICE', params),
}
