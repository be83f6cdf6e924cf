import irc from 'irc-framework'
import type { Logger } from 'pino'
import type { Intent } from '#core/engine'
import { type AccountKey, keyOf } from '#core/people'
import type { UnixSeconds, ViewerId } from '#core/schema'
import { CODE_HERE, type CodeOf } from '#core/voice'
import type { Fact } from '#core/world'
import { IntentBug, WriterBusy } from '../writer/index.ts'
import { type ChatAddress, parseChatAddress } from './address.ts'
import type { ChatState } from './answers.ts'
import type { IrcEvent } from './ircEvent.ts'
import { Login, type SaslAccount } from './login.ts'
import { RoomListener } from './roomListener.ts'
import { Speaker } from './speaker.ts'
import { speakable } from './speech.ts'
import { farewellSentence, faultSentence, refusalSentence, seatSentence } from './state.ts'
import { Transport } from './transport.ts'
import { WishedNick } from './wishedNick.ts'

export interface ConnectorOptions {
  readonly address: string
  readonly nick: string
  /** Who issues the accounts that the network tells. */
  readonly issuer?: string
  /** What is needed to tell somebody something that is for them alone. */
  readonly privately: (viewer: ViewerId, code: CodeOf | undefined) => Promise<ForOne>
  /** Where viewers find what is theirs. */
  readonly page: () => Promise<string>
  readonly sasl?: SaslAccount
  /** Whether the bot may speak without being signed in, if the network does not take its account. */
  readonly unsigned?: boolean
  /** What the network's service for nicks is called; left out: there is none. */
  readonly nickService?: string
  /** The key that the room asks for. */
  readonly roomKey?: string
  /** Which signs before a nick make a moderator. */
  readonly moderators?: string
  /** Certificates of the network's own authority, as PEM. */
  readonly ca?: string
  readonly submit: (key: string, intent: Intent) => Promise<unknown>
  /** Accounts the channel holds for present, and up to when that was known. */
  readonly presentBefore: () => Promise<{ accounts: readonly string[]; until: UnixSeconds }>
  readonly onState: (state: ChatState) => void
  readonly clock: () => number
  readonly log: Logger
  /** The first pause before connecting or joining again; each next one is twice as long (milliseconds). */
  readonly firstPauseMs?: number
  /** How long to wait for the network to tell who is in the room (milliseconds). */
  readonly lookRoundMs?: number
  /** How many lines at once, and the pause for each one more. */
  readonly burst?: number
  readonly everyMs?: number
}

/** Whom a private saying is for, and what is put into it. */
export interface ForOne {
  /** Keys of all their accounts. */
  readonly accounts: readonly AccountKey[]
  readonly code: string | null
  /** Where their page is. */
  readonly page: string
}

const CAPS = ['message-tags', 'account-tag', 'account-notify', 'extended-join', 'multi-prefix', 'server-time', 'batch']
const LONGEST_PAUSE_MS = 120_000
const MINUTE_MS = 60_000
/** What networks answer to too much at once: "target change too fast", "too many targets", "command dropped". */
const TOO_FAST: ReadonlySet<string> = new Set(['439', '407', '263'])

/** The bot's seat in one IRC room: turns what happens there into intents, and speaks the answers. */
export class ChatConnector {
  readonly #client = new irc.Client()
  readonly #address: ChatAddress
  readonly #listener: RoomListener
  readonly #speaker: Speaker
  readonly #login: Login
  readonly #nick: WishedNick
  #room: string
  /** What the room was called before it moved. */
  #before: string | undefined
  #stopped = false
  #failures = 0
  /** Why the network ended the connection, as it said itself. */
  #farewell: string | undefined
  #sentence = ''
  #again: NodeJS.Timeout | undefined
  #minutes: NodeJS.Timeout | undefined

  constructor(readonly options: ConnectorOptions) {
    this.#address = parseChatAddress(options.address)
    this.#room = this.#address.room
    this.#login = new Login(options.sasl)
    this.#nick = new WishedNick(this.#client, options.nick, options.nickService ?? '')
    this.#listener = this.#roomListener()
    const { clock, log, burst, everyMs } = options
    this.#speaker = new Speaker({
      say: (to, line) => (to === null ? this.#client.say(this.#room, line) : this.#client.notice(to, line)),
      now: () => performance.now(),
      clock,
      log,
      ...(burst !== undefined && { burst }),
      ...(everyMs !== undefined && { everyMs }),
    })
  }

  #roomListener(): RoomListener {
    const { clock, presentBefore, issuer, moderators, lookRoundMs } = this.options
    const submit = (key: string, intent: Intent) => this.#submit(key, intent)
    return new RoomListener({
      client: this.#client,
      room: () => this.#room,
      presence: { submit, presentBefore, clock, ...(issuer !== undefined && { issuer }) },
      isOwnBefore: (nick, account) => this.#isOwnBefore(nick, account),
      submit,
      moderators,
      lookRoundMs,
      onSeated: () => this.#seated(),
      onChanged: () => this.#tellSeat(),
      onPutOut: (sentence) => this.#putOut(sentence),
      onFreed: (nick) => this.#nick.freed(nick),
    })
  }

  start(): void {
    this.#listen()
    this.#client.requestCap(CAPS)
    this.#minutes = setInterval(() => this.#eachMinute(), MINUTE_MS)
    this.#connect()
  }

  stop(): void {
    this.#stopped = true
    clearTimeout(this.#again)
    clearInterval(this.#minutes)
    this.#speaker.close()
    this.#listener.clear()
    this.#client.removeAllListeners()
    this.#client.quit('closing the workshop')
  }

  /** Speaks a reply that has been decided: in the room, or privately to whom it is for; as soon as it can be said. */
  speak(fact: Fact<'chat.replied'>): void {
    const { seq, at, body } = fact
    if (body.viewer !== undefined) return void this.#whisper(fact, body.viewer)
    const { to, text, likeness, first = false } = body
    // A name that could not be a nick would end the command or start another.
    if (to !== null && (to === '' || /[\s,:]/.test(to) || speakable(to) !== to)) return
    // What the team writes goes before all answers, and stands on no page.
    if (to !== null && !first && this.#speaker.crowded) return void this.#pointToPage(fact, to)
    this.#speaker.add({ seq, at, to, text, ...(likeness !== undefined && { likeness }), first })
  }

  /** One line for many who would each have to wait too long for an answer of their own. */
  async #pointToPage({ seq, at }: Pick<Fact, 'seq' | 'at'>, nick: string): Promise<void> {
    const ending = `: too many ask at once to answer each of you alone. See ${await this.options.page()}`
    this.#speaker.add({ seq, at, to: null, text: nick, likeness: 'page', ending })
  }

  /** Tells somebody alone, if a nick in the room is theirs; else that something waits on their page, which tells nothing. */
  async #whisper({ seq, at, body }: Fact<'chat.replied'>, viewer: ViewerId): Promise<void> {
    const name = body.to ?? ''
    const { accounts, code, page } = await this.options.privately(viewer, body.code)
    const theirs = this.#listener.presence.room.all().filter((who) => accounts.includes(keyOf(who)))
    const nick = (theirs.find((who) => who.name === name) ?? theirs[0])?.name
    const text = body.text.replaceAll(CODE_HERE, () => code ?? '')
    if (nick !== undefined && this.#speaker.crowded) return this.#pointToPage({ seq, at }, nick)
    if (nick !== undefined) this.#speaker.add({ seq, at, to: nick, text })
    else this.#speaker.add({ seq, at, to: null, text: `${speakable(name)}: something is for you alone. See ${page}` })
  }

  #connect(): void {
    const { nick, sasl, ca } = this.options
    const { host, port, tls } = this.#address
    // What the network said last time stays to be read until it is known how it goes this time.
    if (this.#farewell === undefined) this.#state('connecting', `Connecting to ${host}.`)
    this.#farewell = undefined
    this.#login.connecting()
    this.#nick.connecting()
    this.#client.connect({
      host,
      port,
      tls,
      nick,
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
    const on = (name: string, heard: (event: IrcEvent) => void) => this.#client.on(name, heard)
    this.#client.on('socket close', (fault) => this.#closed(fault))
    on('loggedin', ({ account }) => account && this.#login.loggedIn(account))
    on('loggedout', () => this.#login.loggedOut())
    on('sasl failed', ({ reason, message }) => this.#login.failed(reason, message))
    on('registered', ({ nick }) => this.#registered(nick))
    on('nick in use', ({ nick }) => this.#nick.inUse(nick))
    on('nick invalid', ({ nick }) => this.#nick.invalid(nick))
    on('irc error', (event) => this.#refused(event))
    on('channel_redirect', ({ from, to }) => this.#roomMoved(from, to))
    on('unknown command', ({ command, params: [first = '', second = ''] }) => {
      if (command === 'RENAME') this.#roomMoved(first, second)
      // "No such room": the answer to joining one that cannot be.
      if (command === '403') this.#refused({ error: 'no_such_channel', channel: second })
      if (TOO_FAST.has(command)) this.#speaker.slower()
    })
  }

  #registered(nick: string): void {
    const problem = this.#login.problem()
    if (problem !== undefined && !this.options.unsigned) {
      this.#farewell = `${problem} Check CHAT_SASL_ACCOUNT and CHAT_SASL_PASSWORD, or set CHAT_SASL=optional to have the bot speak without; it keeps trying.`
      return this.#client.quit()
    }
    this.#nick.registered(nick, this.#login.account !== undefined)
    this.#join()
  }

  #join(): void {
    this.#client.join(this.#room, this.options.roomKey)
  }

  #eachMinute(): void {
    this.#listener.eachMinute()
    this.#nick.takeBack(this.#login.account !== undefined)
  }

  #seated(): void {
    this.#failures = 0
    this.#farewell = undefined
    this.#sentence = ''
    this.#tellSeat()
    this.#speaker.open()
  }

  /** Says how the bot sits in the room, if that has changed. */
  #tellSeat(): void {
    if (!this.#listener.joined) return
    const unsigned = this.#login.problem()
    const sentence = seatSentence({ ...this.#listener.seat, room: this.#room, before: this.#before, unsigned })
    if (sentence === this.#sentence) return
    this.#sentence = sentence
    this.#state('connected', sentence)
  }

  /** The room is called something else now: IRC's rename, or a server that sends us on. */
  #roomMoved(from: string, to: string): void {
    if (to === '' || !this.#client.caseCompare(from, this.#room)) return
    this.#before = from
    this.#room = to
    this.#tellSeat()
  }

  #refused({ error, channel, reason }: { error: string; channel?: string; reason?: string }): void {
    if (error === 'cannot_send_to_channel' && this.#listener.joined) return this.#listener.silenced()
    if (/flood/i.test(reason ?? '')) this.#speaker.slower()
    this.#farewell = farewellSentence(error, reason, this.#farewell)
    const sentence = refusalSentence(error, this.#room, reason)
    if (sentence === undefined || (channel !== undefined && !this.#client.caseCompare(channel, this.#room))) return
    this.#putOut(sentence)
  }

  #putOut(sentence: string): void {
    this.#lost()
    this.#state('refused', sentence)
    this.#after(() => this.#join())
  }

  #closed(fault: unknown): void {
    if (this.#stopped) return
    this.#lost()
    const why = fault instanceof Error ? (fault as NodeJS.ErrnoException) : undefined
    if (this.#farewell !== undefined) this.#state('refused', this.#farewell)
    else this.#state('connecting', faultSentence(this.#address.host, why))
    this.#after(() => this.#connect())
  }

  #lost(): void {
    if (this.#listener.joined) this.options.log.warn('chat connection lost')
    this.#speaker.close()
    this.#listener.clear()
  }

  /** Tries again later: each time after twice as long, never at the same moment as others who lost the same server. */
  #after(attempt: () => void): void {
    const { firstPauseMs = 1000 } = this.options
    const pause = Math.min(LONGEST_PAUSE_MS, firstPauseMs * 2 ** this.#failures++)
    clearTimeout(this.#again)
    this.#again = setTimeout(attempt, pause * (0.5 + Math.random()))
  }

  /** Whether it is the bot on a connection of before, which the network has not given up yet. */
  #isOwnBefore(nick: string, account: string | undefined): boolean {
    const own = this.#login.account
    return own !== undefined && account === own.toLowerCase() && this.#nick.isOfOurs(nick)
  }

  #submit(key: string, intent: Intent): void {
    this.options.submit(key, intent).catch((err) => {
      // What failed by a bug is in the log already; what finds too much waiting is one of too many.
      if (err instanceof IntentBug || err instanceof WriterBusy) return
      this.options.log.error({ err, kind: intent.kind }, 'an intent from chat failed')
    })
  }

  #state(status: ChatState['status'], sentence: string): void {
    this.options.onState({ status, sentence, since: this.options.clock(), room: this.#room })
  }
}
