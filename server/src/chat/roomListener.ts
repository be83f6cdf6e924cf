import type irc from 'irc-framework'
import type { Intent } from '#core/engine'
import type { Who } from '#core/people'
import type { Lack } from './answers.ts'
import { unformatted } from './formatting.ts'
import { History } from './history.ts'
import { type IrcEvent, lineId } from './ircEvent.ts'
import { Presence, type PresenceOptions } from './presence.ts'
import { speakable } from './speech.ts'
import type { Seat } from './state.ts'

type Client = InstanceType<typeof irc.Client>

/** What the library tells that concerns a room, or may. */
export const HEARD_IN_ROOMS = [
  ...['userlist', 'wholist', 'join', 'part', 'quit', 'kick', 'nick', 'account', 'mode', 'privmsg', 'action'],
] as const

export interface RoomListenerOptions {
  readonly client: Client
  /** Has the network asked who is in the room, in its turn. @param asked - Called when it is. */
  readonly lookRound: (asked: () => void) => void
  /** What the room is called by now. */
  readonly room: () => string
  readonly presence: Omit<PresenceOptions, 'fold' | 'isOwn' | 'moderatorModes'>
  /** Whether it is the bot on a connection of before, which the network has not given up yet. */
  readonly isOwnBefore: (nick: string, account: string | undefined) => boolean
  readonly submit: (key: string, intent: Intent) => void
  /** Which signs before a nick make a moderator. */
  readonly moderators?: string | undefined
  /** How long to wait for the network to tell who is in the room (milliseconds). */
  readonly lookRoundMs?: number | undefined
  /** The bot sits in the room and knows, as far as the network tells, who else does. */
  readonly onSeated: () => void
  /** Something that the sentence about the seat says has changed. */
  readonly onChanged: () => void
  /** The bot is not in the room any more: why, in a sentence. */
  readonly onPutOut: (sentence: string) => void
}

/** Operators, and who stands above them where a network has such. */
const MODERATORS = '@&~'
/** The modes behind the signs, where the network does not tell. */
const MODES: Readonly<Record<string, string>> = { '~': 'q', '&': 'a', '@': 'o', '%': 'h', '+': 'v' }
/** Modes that can keep somebody from speaking. */
const SILENCING: ReadonlySet<string> = new Set(['m', 'b', 'q'])
const LOOK_ROUND_MS = 5000
/** In a room of so many the network is asked anew for accounts only now and then, where it does not tell of them by itself. */
const LARGE_ROOM = 200
const LARGE_ROOM_MINUTES = 10

/** Hears what happens in one room: who is there, and what they say. */
export class RoomListener {
  readonly presence: Presence
  readonly #options: RoomListenerOptions
  readonly #history = new History()
  #joined = false
  #told = false
  #silenced = false
  #minute = 0
  #looking: NodeJS.Timeout | undefined

  constructor(options: RoomListenerOptions) {
    this.#options = options
    const { client, isOwnBefore } = options
    this.presence = new Presence({
      ...options.presence,
      fold: (nick) => client.caseLower(nick),
      isOwn: (nick, account) => this.isOwn(nick) || isOwnBefore(nick, account),
      moderatorModes: () => this.#moderatorModes(),
    })
  }

  /** Whether the bot sits in the room. */
  get joined(): boolean {
    return this.#joined
  }

  /** What is to be said of the room. */
  get seat(): Pick<Seat, 'blind' | 'hides' | 'unranked' | 'silenced'> {
    const unranked = this.#moderatorModes() === ''
    return { blind: !this.#told, hides: this.presence.hides, unranked, silenced: this.#silenced }
  }

  /** What the room cannot tell. */
  get lacks(): Lack[] {
    const { blind, hides, unranked } = this.seat
    return [...(blind || hides ? (['silent'] as const) : []), ...(unranked ? (['moderators'] as const) : [])]
  }

  isOwn(nick: string): boolean {
    return this.#options.client.caseCompare(nick, this.#options.client.user.nick)
  }

  /** Starts over: the bot is in no room. */
  clear(): void {
    clearTimeout(this.#looking)
    this.#joined = false
    this.#told = false
    this.presence.clear()
  }

  /** The room does not let the bot speak. */
  silenced(): void {
    this.#silenced = true
    this.#options.onChanged()
  }

  /** To be called every minute: forgets who is not shown, and asks for accounts where the network tells nothing of them by itself. */
  eachMinute(): void {
    this.presence.forgetSilent()
    if (!this.#joined) return
    this.#options.onChanged()
    this.#minute++
    const { cap } = this.#options.client.network
    const tells = cap.isEnabled('account-notify') && cap.isEnabled('extended-join')
    const due = this.presence.room.size <= LARGE_ROOM || this.#minute % LARGE_ROOM_MINUTES === 0
    if (!tells && this.#told && due) this.#options.lookRound(() => {})
  }

  /** Something that happened on the connection: in this room, or to somebody who may be in it. */
  heard(what: string, event: IrcEvent): void {
    switch (what) {
      case 'userlist':
        return this.#listed(event)
      case 'wholist':
        return this.#accountsTold(event)
      case 'join':
        return this.#joins(event)
      case 'part':
        return this.#left(event.nick)
      case 'quit':
        return this.#left(event.nick, event.message)
      case 'kick':
        return this.#kicked(event.kicked, event.nick, event.message)
      case 'nick':
        return this.#renamed(event.nick, event.new_nick)
      case 'account':
        return this.presence.accountTold(event.nick, event.account || undefined)
      case 'mode':
        return this.#modesSet(event)
      case 'privmsg':
      case 'action':
        return this.#said(event)
    }
  }

  #said(event: IrcEvent): void {
    const { nick, target, message, account, tags } = event
    const { client, room, submit } = this.#options
    if (this.isOwn(nick)) return
    const privately = !client.caseCompare(target, room())
    if (this.#history.isOld(event, !privately)) return
    if (account || client.network.cap.isEnabled('account-tag')) this.presence.accountTold(nick, account || undefined)
    const who = { ...this.presence.room.who(nick, account || undefined), ...('bot' in tags && { bot: true }) }
    if (!privately) this.#speaks(who)
    submit(`chat/${lineId(tags, nick, message)}`, { kind: 'chat.line', who, text: unformatted(message), privately })
  }

  #speaks(who: Who): void {
    const { hides } = this.presence
    this.presence.spoke(who)
    if (this.presence.hides !== hides) this.#options.onChanged()
  }

  #joins({ nick, account, tags }: IrcEvent): void {
    if (!this.isOwn(nick)) return this.presence.arrived(nick, account || undefined)
    this.#history.joined(tags)
    this.#silenced = false
    // The network tells next who is here; one that never does must not keep us waiting for ever.
    this.#lookLater()
  }

  #left(nick: string, reason?: string): void {
    const { room, onPutOut } = this.#options
    if (this.isOwn(nick)) return onPutOut(`The bot has left ${room()}; it reconnects automatically.`)
    if (this.presence.knows(nick)) this.presence.left(nick, reason)
  }

  #renamed(from: string, to: string): void {
    if (this.isOwn(from) || this.isOwn(to)) return
    this.presence.renamed(from, to)
  }

  #kicked(kicked: string, by: string, reason: string): void {
    if (!this.isOwn(kicked)) return this.presence.left(kicked)
    const why = reason ? ` ("${speakable(reason)}")` : ''
    const { room, onPutOut } = this.#options
    onPutOut(`${by} has put the bot out of ${room()}${why}; it tries to rejoin automatically.`)
  }

  #modesSet({ target, modes }: IrcEvent): void {
    if (target !== undefined && !this.#options.client.caseCompare(target, this.#options.room())) return
    for (const { mode: change, param } of modes) {
      const [on, mode] = [change.startsWith('+'), change.slice(1)]
      if (!on && SILENCING.has(mode)) this.#maySpeak()
      if (param === undefined || !this.#signs().some((sign) => sign.mode === mode)) continue
      if (!this.isOwn(param)) this.presence.modeSet(param, mode, on)
      else if (on) this.#maySpeak()
    }
  }

  #maySpeak(): void {
    this.#silenced = false
    this.#options.onChanged()
  }

  #signs(): readonly { symbol: string; mode: string }[] {
    const told = this.#options.client.network.options.PREFIX
    return told ?? Object.entries(MODES).map(([symbol, mode]) => ({ symbol, mode }))
  }

  #moderatorModes(): string {
    const { moderators = MODERATORS } = this.#options
    return this.#signs()
      .filter(({ symbol }) => moderators.includes(symbol))
      .map(({ mode }) => mode)
      .join('')
  }

  #listed({ users }: IrcEvent): void {
    this.#told = true
    for (const { nick, modes } of users) {
      if (!this.isOwn(nick)) this.presence.room.set(nick, { modes: (modes ?? []).join('') })
    }
    clearTimeout(this.#looking)
    this.#options.lookRound(() => this.#lookLater())
  }

  #accountsTold({ users }: IrcEvent): void {
    for (const { nick, account } of users) {
      if (account === undefined || this.isOwn(nick)) continue
      if (this.#joined) this.presence.accountTold(nick, account || undefined)
      else if (this.presence.room.has(nick)) this.presence.room.set(nick, { account: account || undefined })
    }
    if (!this.#joined) void this.#lookRound()
  }

  #lookLater(): void {
    if (this.#joined) return
    clearTimeout(this.#looking)
    this.#looking = setTimeout(() => void this.#lookRound(), this.#options.lookRoundMs ?? LOOK_ROUND_MS)
  }

  async #lookRound(): Promise<void> {
    clearTimeout(this.#looking)
    this.#joined = true
    this.#history.looked()
    await this.presence.lookRound(this.#told)
    if (this.#joined) this.#options.onSeated()
  }
}
