import irc from 'irc-framework'
import type { Logger } from 'pino'
import type { Intent } from '#core/engine'
import { type AccountKey, keyOf } from '#core/people'
import { CODE_HERE, type CodeOf } from '#core/voice'
import type { Fact } from '#core/world'
import { IntentBug, WriterBusy } from '../writer/index.ts'
import { type ChatAddress, parseChatAddress } from './address.ts'
import { type IrcEvent, lineId, otherNick, SHORT_NICK } from './ircEvent.ts'
import { Presence } from './presence.ts'
import { Speaker } from './speaker.ts'
import { speakable } from './speech.ts'
import { type ChatState, refusalSentence } from './state.ts'

export interface ConnectorOptions {
  readonly address: string
  readonly nick: string
  /** Who issues the accounts that the network tells. */
  readonly issuer?: string
  /** What is needed to tell somebody something that is for them alone. */
  readonly privately: (viewer: number, code: CodeOf | undefined) => Promise<ForOne>
  readonly sasl?: { readonly account: string; readonly password: string }
  readonly submit: (key: string, intent: Intent) => Promise<unknown>
  /** Accounts the channel holds for present, and up to when that was known. */
  readonly presentBefore: () => Promise<{ accounts: readonly string[]; until: number }>
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

const CAPS = ['message-tags', 'account-tag', 'account-notify', 'extended-join', 'multi-prefix', 'server-time']
const LONGEST_PAUSE_MS = 120_000
const MINUTE_MS = 60_000

/** The bot's seat in one IRC room: turns what happens there into intents, and speaks the answers. */
export class ChatConnector {
  readonly #client = new irc.Client()
  readonly #address: ChatAddress
  readonly #presence: Presence
  readonly #speaker: Speaker
  #room: string
  #joined = false
  #stopped = false
  #failures = 0
  #told = false
  #again: NodeJS.Timeout | undefined
  #looking: NodeJS.Timeout | undefined
  #minutes: NodeJS.Timeout | undefined

  constructor(readonly options: ConnectorOptions) {
    this.#address = parseChatAddress(options.address)
    this.#room = this.#address.room
    const { clock, log, burst, everyMs, presentBefore, issuer } = options
    this.#presence = new Presence({
      submit: (key, intent) => this.#submit(key, intent),
      presentBefore,
      clock,
      fold: (nick) => this.#client.caseLower(nick),
      isOwn: (nick) => this.#own(nick),
      ...(issuer !== undefined && { issuer }),
    })
    this.#speaker = new Speaker({
      say: (to, line) => (to === null ? this.#client.say(this.#room, line) : this.#client.notice(to, line)),
      now: () => performance.now(),
      clock,
      log,
      ...(burst !== undefined && { burst }),
      ...(everyMs !== undefined && { everyMs }),
    })
  }

  start(): void {
    this.#listen()
    this.#client.requestCap(CAPS)
    this.#minutes = setInterval(() => this.#presence.forgetSilent(), MINUTE_MS)
    this.#connect()
  }

  stop(): void {
    this.#stopped = true
    clearTimeout(this.#again)
    clearTimeout(this.#looking)
    clearInterval(this.#minutes)
    this.#speaker.close()
    this.#presence.clear()
    this.#client.removeAllListeners()
    this.#client.quit('closing the workshop')
  }

  /** Speaks a reply that has been decided: in the room, or privately to whom it is for; as soon as it can be said. */
  speak(fact: Fact): void {
    const { seq, at, body } = fact
    if (typeof body.viewer === 'number') return void this.#whisper(fact, body.viewer)
    const to = body.to === null ? null : String(body.to)
    // A name that could not be a nick would end the command or start another.
    if (to !== null && (to === '' || /[\s,:]/.test(to) || speakable(to) !== to)) return
    const likeness = typeof body.likeness === 'string' ? { likeness: body.likeness } : {}
    this.#speaker.add({ seq, at, to, text: String(body.text), ...likeness, first: body.first === true })
  }

  /** Tells somebody alone, if a nick in the room is theirs; else that something waits on their page, which tells nothing. */
  async #whisper({ seq, at, body }: Fact, viewer: number): Promise<void> {
    const name = String(body.to)
    const { accounts, code, page } = await this.options.privately(viewer, body.code as CodeOf | undefined)
    const theirs = this.#presence.room.all().filter((who) => accounts.includes(keyOf(who)))
    const nick = (theirs.find((who) => who.name === name) ?? theirs[0])?.name
    const text = String(body.text).replaceAll(CODE_HERE, () => code ?? '')
    if (nick !== undefined) this.#speaker.add({ seq, at, to: nick, text })
    else this.#speaker.add({ seq, at, to: null, text: `${speakable(name)}: something is for you alone. See ${page}` })
  }

  #connect(): void {
    const { nick, sasl } = this.options
    const { host, port, tls } = this.#address
    this.#state('connecting', `Connecting to ${host}.`)
    this.#client.connect({
      host,
      port,
      tls,
      nick,
      username: nick.toLowerCase(),
      gecos: nick,
      version: null,
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
    on('registered', () => this.#client.join(this.#room))
    on('socket close', () => this.#closed())
    on('nick in use', ({ nick }) => this.#client.changeNick(otherNick(nick)))
    // Most often too long for an old network, which takes nine letters.
    on('nick invalid', ({ nick }) => this.#client.changeNick(nick.slice(0, SHORT_NICK)))
    on('userlist', (event) => this.#seated(event))
    on('wholist', (event) => this.#accountsTold(event))
    on('join', ({ nick, account }) => this.#joins(nick, account || undefined))
    on('part', ({ nick }) => this.#left(nick))
    on('quit', ({ nick, message }) => this.#left(nick, message))
    on('kick', ({ kicked, nick, message }) => this.#kicked(kicked, nick, message))
    on('nick', ({ nick, new_nick }) => this.#presence.renamed(nick, new_nick))
    on('account', ({ nick, account }) => this.#presence.room.set(nick, { account: account || undefined }))
    on('mode', (event) => this.#modesSet(event))
    on('privmsg', (event) => this.#said(event))
    on('action', (event) => this.#said(event))
    on('irc error', (event) => this.#refused(event))
    on('channel_redirect', ({ from, to }) => this.#roomMoved(from, to))
    on('unknown command', ({ command, params: [first = '', second = ''] }) => {
      if (command === 'RENAME') this.#roomMoved(first, second)
      // "No such room": the answer to joining one that cannot be.
      if (command === '403') this.#refused({ error: 'no_such_channel', channel: second })
    })
  }

  #said({ nick, target, message, account, tags }: IrcEvent): void {
    if (this.#own(nick)) return
    const privately = !this.#client.caseCompare(target, this.#room)
    const who = { ...this.#presence.room.who(nick, account || undefined), ...('bot' in tags && { bot: true }) }
    this.#presence.spoke(who)
    this.#submit(`chat/${lineId(tags, nick, message)}`, { kind: 'chat.line', who, text: message, privately })
  }

  #joins(nick: string, account: string | undefined): void {
    if (!this.#own(nick)) return this.#presence.arrived(nick, account)
    // The network tells next who is here; one that never does must not keep us waiting for ever.
    this.#lookLater()
  }

  #left(nick: string, reason?: string): void {
    if (this.#own(nick)) return this.#putOut(`The bot has left ${this.#room}; it comes back by itself.`)
    this.#presence.left(nick, reason)
  }

  #kicked(kicked: string, by: string, reason: string): void {
    if (!this.#own(kicked)) return this.#presence.left(kicked)
    const why = reason ? ` ("${speakable(reason)}")` : ''
    this.#putOut(`${by} has put the bot out of ${this.#room}${why}; it tries to come back by itself.`)
  }

  #modesSet({ target, modes }: IrcEvent): void {
    if (!this.#client.caseCompare(target, this.#room)) return
    for (const { mode, param } of modes) {
      if (param !== undefined && mode.slice(1) === 'o') this.#presence.operatorSet(param, mode.startsWith('+'))
    }
  }

  #seated({ users }: IrcEvent): void {
    this.#told = true
    for (const { nick, modes } of users) {
      if (!this.#own(nick)) this.#presence.room.set(nick, { operator: modes?.includes('o') ?? false })
    }
    this.#client.who(this.#room)
    this.#lookLater()
  }

  #accountsTold({ users }: IrcEvent): void {
    for (const { nick, account } of users) {
      if (!this.#own(nick) && this.#presence.room.has(nick))
        this.#presence.room.set(nick, { account: account || undefined })
    }
    if (!this.#joined) void this.#lookRound()
  }

  #lookLater(): void {
    clearTimeout(this.#looking)
    this.#looking = setTimeout(() => void this.#lookRound(), this.options.lookRoundMs ?? 5000)
  }

  async #lookRound(): Promise<void> {
    clearTimeout(this.#looking)
    this.#joined = true
    await this.#presence.lookRound(this.#told)
    if (!this.#joined) return
    this.#failures = 0
    const blind = this.#told
      ? ''
      : ' The network does not tell who is in the room, so only who speaks counts as present.'
    this.#state('connected', `In ${this.#room}.${blind}`)
    this.#speaker.open()
  }

  /** The room is called something else now: IRC's rename, or a server that sends us on. */
  #roomMoved(from: string, to: string): void {
    if (to === '' || !this.#client.caseCompare(from, this.#room)) return
    this.#room = to
    if (this.#joined) this.#state('connected', `In ${to}: the room was renamed from ${from}.`)
  }

  #refused({ error, channel, reason }: { error: string; channel?: string; reason?: string }): void {
    if (error === 'cannot_send_to_channel' && this.#joined)
      return this.#state('connected', `In ${this.#room}, but the bot may not speak there. Give it a voice.`)
    const sentence = refusalSentence(error, this.#room, reason)
    if (sentence === undefined || (channel !== undefined && !this.#client.caseCompare(channel, this.#room))) return
    this.#lost()
    this.#state('refused', sentence)
    this.#after(() => this.#client.join(this.#room))
  }

  #putOut(sentence: string): void {
    this.#lost()
    this.#state('refused', sentence)
    this.#after(() => this.#client.join(this.#room))
  }

  #closed(): void {
    if (this.#stopped) return
    this.#lost()
    this.#state('connecting', `There is no connection to ${this.#address.host}; it is tried again by itself.`)
    this.#after(() => this.#connect())
  }

  #lost(): void {
    if (this.#joined) this.options.log.warn('chat connection lost')
    clearTimeout(this.#looking)
    this.#joined = false
    this.#told = false
    this.#speaker.close()
    this.#presence.clear()
  }

  /** Tries again later: each time after twice as long, never at the same moment as others who lost the same server. */
  #after(attempt: () => void): void {
    const { firstPauseMs = 1000 } = this.options
    const pause = Math.min(LONGEST_PAUSE_MS, firstPauseMs * 2 ** this.#failures++)
    clearTimeout(this.#again)
    this.#again = setTimeout(attempt, pause * (0.5 + Math.random()))
  }

  #own(nick: string): boolean {
    return this.#client.caseCompare(nick, this.#client.user.nick)
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
