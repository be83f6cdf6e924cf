import { randomUUID } from 'node:crypto'
import irc from 'irc-framework'
import type { Logger } from 'pino'
import type { Intent } from '#core/engine'
import type { Fact } from '#core/world'
import { type ChatAddress, parseChatAddress } from './address.ts'
import { Room } from './room.ts'

/** How the connection stands, in words for the show bar. `since` in seconds. */
export interface ChatState {
  readonly status: 'off' | 'connecting' | 'connected'
  readonly since: number
  readonly room: string | null
}

export interface ConnectorOptions {
  readonly address: string
  readonly nick: string
  readonly sasl?: { readonly account: string; readonly password: string }
  readonly submit: (key: string, intent: Intent) => Promise<unknown>
  /** Accounts the channel holds for present, and up to when that was known. */
  readonly presentBefore: () => Promise<{ accounts: readonly string[]; until: number }>
  readonly onState: (state: ChatState) => void
  readonly clock: () => number
  readonly log: Logger
}

interface IrcEvent {
  readonly nick: string
  readonly channel: string
  readonly target: string
  readonly message: string
  readonly account?: string | false
  readonly new_nick: string
  readonly kicked: string
  readonly tags: Readonly<Record<string, string>>
  readonly users: readonly {
    nick: string
    modes?: readonly string[]
    account?: string
    channel_modes?: readonly string[]
  }[]
  readonly modes: readonly { mode: string; param?: string }[]
}

/** The bot's seat in one IRC room: turns what happens there into intents, and speaks the answers. */
export class ChatConnector {
  readonly #client = new irc.Client()
  readonly #address: ChatAddress
  readonly #room: Room
  #joined = false

  constructor(readonly options: ConnectorOptions) {
    this.#address = parseChatAddress(options.address)
    this.#room = new Room((nick) => this.#client.caseLower(nick))
  }

  start(): void {
    const { nick, sasl } = this.options
    const { host, port, tls } = this.#address
    this.#listen()
    this.#client.requestCap([
      'message-tags',
      'account-tag',
      'account-notify',
      'extended-join',
      'multi-prefix',
      'server-time',
    ])
    this.#state('connecting')
    this.#client.connect({
      host,
      port,
      tls,
      nick,
      username: nick.toLowerCase(),
      gecos: nick,
      version: null,
      ...(sasl && { account: { account: sasl.account, password: sasl.password } }),
      auto_reconnect: true,
      auto_reconnect_max_wait: 30_000,
      auto_reconnect_max_retries: Number.MAX_SAFE_INTEGER,
      ping_interval: 30,
      ping_timeout: 90,
    })
  }

  stop(): void {
    this.#client.removeAllListeners()
    this.#client.quit('closing the workshop')
  }

  /** Speaks a reply that has been decided: in the room, or privately to whom it is for. */
  speak(fact: Fact): void {
    if (!this.#joined)
      return this.options.log.warn({ seq: fact.seq }, 'a reply could not be said: chat is not connected')
    // A line break would end the command and start another.
    const text = String(fact.body.text).replace(/[\r\n\0]+/g, ' ')
    if (fact.body.to === null) this.#client.say(this.#address.room, text)
    else this.#client.notice(String(fact.body.to), text)
  }

  #listen(): void {
    const on = (name: string, heard: (event: IrcEvent) => void) => this.#client.on(name, heard)
    on('registered', () => this.#client.join(this.#address.room))
    on('socket close', () => this.#lost())
    on('reconnecting', () => this.#state('connecting'))
    on('userlist', (event) => this.#seated(event))
    on('wholist', (event) => void this.#lookedRound(event))
    on('join', (event) => this.#arrived(event))
    on('part', ({ nick }) => this.#left(nick))
    on('quit', ({ nick }) => this.#left(nick))
    on('kick', ({ kicked }) => this.#left(kicked))
    on('nick', ({ nick, new_nick }) => this.#renamed(nick, new_nick))
    on('account', ({ nick, account }) => this.#room.set(nick, { account: account || undefined }))
    on('mode', (event) => this.#modesSet(event))
    on('privmsg', (event) => this.#said(event))
    on('action', (event) => this.#said(event))
  }

  #said({ nick, target, message, account, tags }: IrcEvent): void {
    if (this.#own(nick)) return
    const privately = !this.#client.caseCompare(target, this.#address.room)
    const who = this.#room.who(nick, account || undefined)
    const id = tags.msgid ?? randomUUID()
    this.#submit(`chat/${id}`, { kind: 'chat.line', who, text: message, privately })
  }

  #arrived({ nick, account }: IrcEvent): void {
    if (this.#own(nick)) return
    this.#room.set(nick, { account: account || undefined, operator: false })
    this.#submit(`arrived/${randomUUID()}`, { kind: 'presence.arrived', who: this.#room.who(nick) })
  }

  #left(nick: string): void {
    if (this.#own(nick)) return this.#lost()
    const { account } = this.#room.who(nick)
    this.#room.delete(nick)
    // Somebody here on two devices stays until the last one leaves.
    if (this.#room.all().some((who) => who.account === account)) return
    this.#submit(`left/${randomUUID()}`, { kind: 'presence.left', account })
  }

  #renamed(from: string, to: string): void {
    if (this.#own(from) || this.#own(to)) return
    const before = this.#room.who(from).account
    this.#room.rename(from, to)
    const who = this.#room.who(to)
    if (who.account !== before) this.#submit(`left/${randomUUID()}`, { kind: 'presence.left', account: before })
    this.#submit(`arrived/${randomUUID()}`, { kind: 'presence.arrived', who })
  }

  #modesSet({ target, modes }: IrcEvent): void {
    if (!this.#client.caseCompare(target, this.#address.room)) return
    for (const { mode, param } of modes) {
      if (param === undefined || mode.slice(1) !== 'o') continue
      this.#room.set(param, { operator: mode.startsWith('+') })
      if (!this.#own(param))
        this.#submit(`arrived/${randomUUID()}`, { kind: 'presence.arrived', who: this.#room.who(param) })
    }
  }

  #seated({ users }: IrcEvent): void {
    for (const { nick, modes } of users) {
      if (!this.#own(nick)) this.#room.set(nick, { operator: modes?.includes('o') ?? false })
    }
    this.#client.who(this.#address.room)
  }

  /** The room as it stands after joining. */
  async #lookedRound({ users }: IrcEvent): Promise<void> {
    for (const { nick, account } of users) if (!this.#own(nick)) this.#room.set(nick, { account: account || undefined })
    this.#joined = true
    const before = await this.options.presentBefore()
    // Nobody saw who was there meanwhile: everyone is settled to when it was last known, and counts anew from now.
    for (const account of before.accounts) {
      this.#submit(`left/${randomUUID()}`, { kind: 'presence.left', account, until: before.until })
    }
    // The room as it is by now: who came in while we asked must not be left out.
    for (const who of this.#room.all()) this.#submit(`arrived/${randomUUID()}`, { kind: 'presence.arrived', who })
    if (this.#joined) this.#state('connected')
  }

  #lost(): void {
    if (this.#joined) this.options.log.warn('chat connection lost')
    this.#joined = false
    this.#room.clear()
    this.#state('connecting')
  }

  #own(nick: string): boolean {
    return this.#client.caseCompare(nick, this.#client.user.nick)
  }

  #submit(key: string, intent: Intent): void {
    this.options
      .submit(key, intent)
      .catch((err) => this.options.log.error({ err, kind: intent.kind }, 'an intent from chat failed'))
  }

  #state(status: ChatState['status']): void {
    this.options.onState({ status, since: this.options.clock(), room: this.#address.room })
  }
}
