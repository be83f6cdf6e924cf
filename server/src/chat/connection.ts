import irc from 'irc-framework'
import type { Logger } from 'pino'
import { Errands } from './errands.ts'
import type { IrcEvent } from './ircEvent.ts'
import { Login, type SaslAccount } from './login.ts'
import { Pace } from './pace.ts'
import { HEARD_IN_ROOMS } from './roomListener.ts'
import { farewellSentence, faultSentence } from './state.ts'
import { Transport } from './transport.ts'
import { WishedNick } from './wishedNick.ts'

/** A network, and as whom the bot is there. */
export interface NetworkOptions {
  readonly host: string
  readonly port: number
  readonly tls: boolean
  readonly nick: string
  readonly sasl?: SaslAccount
  /** Whether the bot may speak without being signed in, if the network does not take its account. */
  readonly unsigned?: boolean
  /** An account that the network does not take is not tried again: whoever set it must change it first. */
  readonly triedOnce?: boolean
  /** What the network's service for nicks is called; left out: there is none. */
  readonly nickService?: string
  /** Certificates of the network's own authority, as PEM. */
  readonly ca?: string
  /** The pause between two commands besides speaking (milliseconds); left out: what any network bears. */
  readonly errandMs?: number
  /** The pause between two lines, once many at once have been said (milliseconds); left out: the same. */
  readonly everyMs?: number
  /** Whether the network may be one of the operator's own machines; left out: it may not. */
  readonly inside?: boolean
}

export interface ConnectionOptions extends NetworkOptions {
  readonly log: Logger
  /** The first pause before connecting again; each next one is twice as long (milliseconds). */
  readonly firstPauseMs?: number
  /** How many lines at once. */
  readonly burst?: number
}

/** What is told of the connection to whoever sits in a room by it. */
export interface Seated {
  /** What the room is called by now. */
  readonly room: string
  /** The key that the room asks for; undefined: none. */
  readonly roomKey: string | undefined
  /** There is no connection, or none yet; `sentence` says why. */
  readonly down: (status: 'connecting' | 'refused', sentence: string) => void
  /** Something that happened in the room, or to somebody who may be in it. */
  readonly heard: (what: string, event: IrcEvent) => void
  /** The network refused something. */
  readonly refused: (event: Pick<IrcEvent, 'error' | 'channel' | 'reason'>) => void
  /** The room is called otherwise now. */
  readonly moved: (to: string) => void
  /** Whether somebody is in the room, and when they spoke there last (milliseconds; 0: never). */
  readonly knows: (nick: string) => { readonly here: boolean; readonly spokeAt: number }
  readonly eachMinute: () => void
}

const CAPS = ['message-tags', 'account-tag', 'account-notify', 'extended-join', 'multi-prefix', 'server-time', 'batch']
/** So many rooms are named in one command. */
const ROOMS_AT_ONCE = 10
const LONGEST_PAUSE_MS = 120_000
const MINUTE_MS = 60_000
/** What networks answer to too much at once: "target change too fast", "too many targets", "command dropped". */
const TOO_FAST: ReadonlySet<string> = new Set(['439', '407', '263'])

/**
 * The bot's connection to one network, by which it sits in any number of rooms. It is made with the first of them and ended with
 * the last.
 */
export class Connection {
  readonly client = new irc.Client()
  readonly pace: Pace
  readonly #login: Login
  readonly #nick: WishedNick
  readonly #seats = new Set<Seated>()
  readonly #errands: Errands
  /** Who waits to go into their room. */
  readonly #joining = new Set<Seated>()
  #registered = false
  #running = false
  #ended = false
  #failures = 0
  /** Why the network ended the connection, as it said itself. */
  #farewell: string | undefined
  /** The network did not take the account, and it is not to be tried again. */
  #givenUp = false
  #last: readonly ['connecting' | 'refused', string] = ['connecting', 'Connecting.']
  #again: NodeJS.Timeout | undefined
  #minutes: NodeJS.Timeout | undefined

  constructor(readonly options: ConnectionOptions) {
    const { nick, sasl, nickService, log, burst, everyMs } = options
    this.#errands = new Errands(options.errandMs)
    this.#login = new Login(sasl)
    this.#nick = new WishedNick(this.client, nick, nickService ?? '')
    this.pace = new Pace({
      now: () => performance.now(),
      log,
      ...(burst !== undefined && { burst }),
      ...(everyMs !== undefined && { everyMs }),
    })
    this.#listen()
    this.client.requestCap(CAPS)
  }

  /** Has somebody sit in a room by this connection; the first of them has it made. */
  add(seat: Seated): void {
    this.#seats.add(seat)
    if (!this.#running) this.#start()
    else if (this.#registered) this.join(seat)
    else seat.down(...this.#last)
  }

  /** Somebody sits here no more; with the last of them the connection ends. */
  remove(seat: Seated): void {
    if (!this.#seats.delete(seat)) return
    if (this.#seats.size === 0) this.#stop()
    else if (this.#registered) this.client.part(seat.room)
  }

  /** It has been ended, and is not made again: another one is. */
  get ended(): boolean {
    return this.#ended
  }

  /** A command to the network, in its turn. */
  errand(does: () => void): void {
    this.#errands.add(() => {
      does()
      return true
    })
  }

  /** Goes into a room, in its turn: with others that wait for the same, where no key is asked for. */
  join(seat: Seated): void {
    this.#joining.add(seat)
    this.#errands.add(() => this.#joinSome())
  }

  /** @returns false: nobody waits any more. */
  #joinSome(): boolean {
    const waiting = [...this.#joining].filter((seat) => this.#seats.has(seat))
    const [first] = waiting
    const plain = waiting.filter(({ roomKey }) => roomKey === undefined).slice(0, ROOMS_AT_ONCE)
    const some = first?.roomKey === undefined ? plain : [first]
    for (const seat of some) this.#joining.delete(seat)
    if (first === undefined) this.#joining.clear()
    else this.client.join(some.map(({ room }) => room).join(','), first.roomKey)
    return first !== undefined
  }

  /** Rooms are joined and spoken in again: the next failure begins with the shortest pause. */
  settled(): void {
    this.#failures = 0
    this.#farewell = undefined
  }

  /** Why the bot is not signed in although it should be; undefined: it is, or need not be. */
  loginProblem(): string | undefined {
    return this.#login.problem()
  }

  /** Whether it is the bot on a connection of before, which the network has not given up yet. */
  isOwnBefore(nick: string, account: string | undefined): boolean {
    const own = this.#login.account
    return own !== undefined && account === own.toLowerCase() && this.#nick.isOfOurs(nick)
  }

  #start(): void {
    this.#running = true
    this.#minutes = setInterval(() => this.#eachMinute(), MINUTE_MS)
    this.#connect()
  }

  #stop(): void {
    this.#running = false
    this.#ended = true
    this.#registered = false
    clearTimeout(this.#again)
    clearInterval(this.#minutes)
    this.#errands.clear()
    this.client.removeAllListeners()
    this.client.quit('closing for now')
  }

  #connect(): void {
    const { nick, sasl, ca, host, port, tls, inside = false } = this.options
    // What the network said last time stays to be read until it is known how it goes this time.
    if (this.#farewell === undefined) this.#down('connecting', `Connecting to ${host}.`)
    this.#farewell = undefined
    this.#login.connecting()
    this.#nick.connecting()
    this.client.connect({
      ...{ host, port, tls, nick, inside },
      username: nick.toLowerCase(),
      gecos: nick,
      version: null,
      transport: Transport,
      ...(ca !== undefined && { ca: [ca] }),
      ...(sasl && { account: { account: sasl.account, password: sasl.password } }),
      // Its own way of reconnecting gives up if the first attempt fails.
      auto_reconnect: false,
      auto_reconnect_max_wait: 0,
      auto_reconnect_max_retries: 0,
      ping_interval: 30,
      ping_timeout: 90,
    })
  }

  #listen(): void {
    const on = (name: string, heard: (event: IrcEvent) => void) => this.client.on(name, heard)
    this.client.on('socket close', (fault) => this.#closed(fault))
    on('loggedin', ({ account }) => account && this.#login.loggedIn(account))
    on('loggedout', () => this.#login.loggedOut())
    on('sasl failed', ({ reason, message }) => this.#login.failed(reason, message))
    on('registered', ({ nick }) => this.#letIn(nick))
    on('nick in use', ({ nick }) => this.#nick.inUse(nick))
    on('nick invalid', ({ nick }) => this.#nick.invalid(nick))
    on('irc error', (event) => this.#refused(event))
    on('channel_redirect', ({ from, to }) => this.#moved(from, to))
    on('unknown command', ({ command, params: [first = '', second = ''] }) => {
      if (command === 'RENAME') this.#moved(first, second)
      // "No such room": the answer to joining one that cannot be.
      if (command === '403') this.#refused({ error: 'no_such_channel', channel: second, reason: '' })
      if (TOO_FAST.has(command)) this.pace.slower()
    })
    for (const name of HEARD_IN_ROOMS) on(name, (event) => this.#heard(name, event))
  }

  #letIn(nick: string): void {
    const problem = this.#login.problem()
    if (problem !== undefined && !this.options.unsigned) {
      this.#givenUp = this.options.triedOnce ?? false
      this.#farewell = this.#givenUp
        ? `${problem} Check the account and the password; it is tried again once you change them.`
        : `${problem} Check the bot’s account and password, or have it speak without; it keeps trying.`
      return this.client.quit()
    }
    this.#registered = true
    this.#nick.registered(nick, this.#login.account !== undefined)
    for (const seat of this.#seats) this.join(seat)
  }

  /** Tells those whom it concerns: whoever sits in the room that it names, or everybody. */
  #heard(name: string, event: IrcEvent): void {
    const isLine = name === 'privmsg' || name === 'action'
    const place = isLine || name === 'wholist' || name === 'mode' ? event.target : event.channel
    if (name === 'quit' || name === 'nick') this.#nick.freed(event.nick)
    if (isLine && !this.#isRoom(place)) return this.#saidToBot(name, event)
    if (name === 'quit' || name === 'nick' || name === 'account') return this.#each((seat) => seat.heard(name, event))
    this.#each((seat) => this.client.caseCompare(place ?? '', seat.room) && seat.heard(name, event))
  }

  #isRoom(place: string): boolean {
    for (const { room } of this.#seats) if (this.client.caseCompare(place, room)) return true
    return false
  }

  /** What is said to the bot alone counts for the room in which that person spoke last, or is. */
  #saidToBot(name: string, event: IrcEvent): void {
    const all = [...this.#seats].map((seat) => ({ seat, ...seat.knows(event.nick) }))
    const known = all.filter(({ here, spokeAt }) => here || spokeAt > 0).sort((a, b) => b.spokeAt - a.spokeAt)
    const [found] = known.length > 0 ? known : all.length === 1 ? all : []
    found?.seat.heard(name, event)
  }

  #eachMinute(): void {
    this.#each((seat) => seat.eachMinute())
    this.#nick.takeBack(this.#login.account !== undefined)
  }

  #moved(from: string, to: string): void {
    if (to !== '') this.#each((seat) => this.client.caseCompare(from, seat.room) && seat.moved(to))
  }

  #refused(event: Pick<IrcEvent, 'error' | 'channel' | 'reason'>): void {
    const { error, reason } = event
    if (/flood/i.test(reason ?? '')) this.pace.slower()
    this.#farewell = farewellSentence(error, reason, this.#farewell)
    this.#each((seat) => seat.refused(event))
  }

  #closed(fault: unknown): void {
    this.#registered = false
    this.#errands.clear()
    this.#joining.clear()
    if (!this.#running) return
    const why = fault instanceof Error ? (fault as NodeJS.ErrnoException) : undefined
    if (this.#farewell !== undefined) this.#down('refused', this.#farewell)
    else this.#down('connecting', faultSentence(this.options.host, why))
    if (!this.#givenUp) this.#later()
  }

  #down(status: 'connecting' | 'refused', sentence: string): void {
    this.#last = [status, sentence]
    this.#each((seat) => seat.down(status, sentence))
  }

  #each(does: (seat: Seated) => unknown): void {
    for (const seat of this.#seats) does(seat)
  }

  /** Connects again: each time after twice as long, never at the same moment as others who lost the same server. */
  #later(): void {
    const { firstPauseMs = 1000 } = this.options
    const pause = Math.min(LONGEST_PAUSE_MS, firstPauseMs * 2 ** this.#failures++)
    clearTimeout(this.#again)
    this.#again = setTimeout(() => this.#connect(), pause * (0.5 + Math.random()))
  }
}
