import type { Logger } from 'pino'
import type { Intent } from '#core/engine'
import { type AccountKey, keyOf } from '#core/people'
import type { UnixSeconds, ViewerId } from '#core/schema'
import { CODE_HERE, type CodeOf } from '#core/voice'
import type { Fact } from '#core/world'
import { IntentBug, WriterBusy } from '../writer/index.ts'
import type { ChatState } from './answers.ts'
import type { Connection, Seated } from './connection.ts'
import type { IrcEvent } from './ircEvent.ts'
import { Rejoin } from './rejoin.ts'
import { RoomListener } from './roomListener.ts'
import { Speaker } from './speaker.ts'
import { speakable } from './speech.ts'
import { refusalSentence, seatSentence } from './state.ts'

export interface RoomSeatOptions {
  readonly room: string
  /** The number of the room; 0: the operator's. */
  readonly id?: number
  /** Whether what is for one person alone is told here where they are in no room. */
  readonly main?: boolean
  /** Who issues the accounts that the network tells. */
  readonly issuer?: string
  /** What is needed to tell somebody something that is for them alone. */
  readonly privately: (viewer: ViewerId, code: CodeOf | undefined) => Promise<ForOne>
  /** Where viewers find what is theirs. */
  readonly page: () => Promise<string>
  /** The key that the room asks for. */
  readonly roomKey?: string
  /** Which signs before a nick make a moderator. */
  readonly moderators?: string
  readonly submit: (key: string, intent: Intent) => Promise<unknown>
  /** Accounts the channel holds for present in this room, and up to when that was known. */
  readonly presentBefore: () => Promise<{ accounts: readonly string[]; until: UnixSeconds }>
  readonly onState: (state: ChatState) => void
  readonly clock: () => number
  readonly log: Logger
  /** The first pause before joining again; each next one is twice as long (milliseconds). */
  readonly firstPauseMs?: number
  /** How long to wait for the network to tell who is in the room (milliseconds). */
  readonly lookRoundMs?: number
}

/** Whom a private saying is for, and what is put into it. */
export interface ForOne {
  /** Keys of all their accounts. */
  readonly accounts: readonly AccountKey[]
  readonly code: string | null
  /** Where their page is. */
  readonly page: string
  /** The first of the rooms in which they are; undefined: they are in none. */
  readonly room?: number | undefined
}

/** The bot's seat in one chat room: turns what happens there into intents, and speaks the answers. */
export class RoomSeat implements Seated {
  readonly #listener: RoomListener
  readonly #speaker: Speaker
  readonly #rejoin: Rejoin
  #room: string
  /** What the room was called before it moved. */
  #before: string | undefined
  #sentence = ''
  readonly #spokeAt = new Map<string, number>()

  constructor(
    readonly connection: Connection,
    readonly options: RoomSeatOptions,
  ) {
    this.#room = options.room
    this.#rejoin = new Rejoin(() => connection.join(this), options.firstPauseMs)
    this.#listener = this.#roomListener()
    const { clock, log } = options
    const { client, pace } = connection
    this.#speaker = new Speaker({
      say: (to, line) => (to === null ? client.say(this.#room, line) : client.notice(to, line)),
      now: () => performance.now(),
      ...{ clock, log, pace },
    })
  }

  get room(): string {
    return this.#room
  }

  get roomKey(): string | undefined {
    return this.options.roomKey
  }

  #roomListener(): RoomListener {
    const { clock, presentBefore, issuer, moderators, lookRoundMs } = this.options
    const { client } = this.connection
    const submit = (key: string, intent: Intent) => this.#submit(key, intent)
    return new RoomListener({
      client,
      room: () => this.#room,
      lookRound: (asked) => this.#lookRound(asked),
      presence: { submit, presentBefore, clock, ...(issuer !== undefined && { issuer }) },
      isOwnBefore: (nick, account) => this.connection.isOwnBefore(nick, account),
      submit,
      moderators,
      lookRoundMs,
      onSeated: () => this.#seated(),
      onChanged: () => this.#tellSeat(),
      onPutOut: (sentence) => this.#putOut(sentence),
    })
  }

  #lookRound(asked: () => void): void {
    this.connection.errand(() => {
      this.connection.client.who(this.#room)
      asked()
    })
  }

  /** Goes into the room, as soon as the network lets it. */
  start(): void {
    this.connection.add(this)
  }

  /** Leaves the room. */
  stop(): void {
    this.#rejoin.stop()
    this.#speaker.close()
    this.#listener.clear()
    this.connection.remove(this)
  }

  down(status: 'connecting' | 'refused', sentence: string): void {
    this.#rejoin.stop()
    this.#lost()
    this.#state(status, sentence)
  }

  heard(what: string, event: IrcEvent): void {
    if (what === 'privmsg' || what === 'action') this.#noteSpeaker(event)
    this.#listener.heard(what, event)
  }

  knows(nick: string): { readonly here: boolean; readonly spokeAt: number } {
    const spokeAt = this.#spokeAt.get(this.connection.client.caseLower(nick)) ?? 0
    return { here: this.#listener.presence.knows(nick), spokeAt }
  }

  moved(to: string): void {
    this.#before = this.#room
    this.#room = to
    this.#tellSeat()
  }

  refused({ error, channel, reason }: Pick<IrcEvent, 'error' | 'channel' | 'reason'>): void {
    const other = channel !== undefined && !this.connection.client.caseCompare(channel, this.#room)
    if (other) return
    if (error === 'cannot_send_to_channel' && this.#listener.joined) return this.#listener.silenced()
    const sentence = refusalSentence(error, this.#room, reason)
    if (sentence !== undefined) this.#putOut(sentence)
  }

  eachMinute(): void {
    this.#listener.eachMinute()
  }

  /** Speaks a reply that has been decided: in the room, or privately to whom it is for; as soon as it can be said. */
  speak(fact: Fact<'chat.replied'>): void {
    const { seq, at, body } = fact
    const { id = 0, main = true } = this.options
    if (body.own) return
    if (body.viewer !== undefined) return void this.#whisper(fact, body.viewer)
    const { to, text, likeness, first = false, room } = body
    if (room !== undefined ? room !== id : to !== null && !main) return
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
    const { id = 0, main = true } = this.options
    const { accounts, code, page, room } = await this.options.privately(viewer, body.code)
    // Each thing is told in one room: where they are, or in the first.
    if (room === undefined ? !main : room !== id) return
    const theirs = this.#listener.presence.room.all().filter((who) => accounts.includes(keyOf(who)))
    const nick = (theirs.find((who) => who.name === name) ?? theirs[0])?.name
    const text = body.text.replaceAll(CODE_HERE, () => code ?? '')
    if (nick !== undefined && this.#speaker.crowded) return this.#pointToPage({ seq, at }, nick)
    if (nick !== undefined) this.#speaker.add({ seq, at, to: nick, text })
    else this.#speaker.add({ seq, at, to: null, text: `${speakable(name)}: something is for you alone. See ${page}` })
  }

  #noteSpeaker({ nick }: IrcEvent): void {
    if (this.#spokeAt.size > MOST_SPEAKERS) this.#spokeAt.clear()
    this.#spokeAt.set(this.connection.client.caseLower(nick), Date.now())
  }

  #seated(): void {
    this.#rejoin.settled()
    this.#sentence = ''
    this.connection.settled()
    this.#tellSeat()
    this.#speaker.open()
  }

  /** Says how the bot sits in the room, if that has changed. */
  #tellSeat(): void {
    if (!this.#listener.joined) return
    const unsigned = this.connection.loginProblem()
    const sentence = seatSentence({ ...this.#listener.seat, room: this.#room, before: this.#before, unsigned })
    if (sentence === this.#sentence) return
    this.#sentence = sentence
    this.#state('connected', sentence, this.#listener.lacks)
  }

  #putOut(sentence: string): void {
    this.#lost()
    this.#state('refused', sentence)
    this.#rejoin.later()
  }

  #lost(): void {
    if (this.#listener.joined) this.options.log.warn('chat connection lost')
    this.#speaker.close()
    this.#listener.clear()
  }

  #submit(key: string, intent: Intent): void {
    this.options.submit(key, intent).catch((err) => {
      // What failed by a bug is in the log already; what finds too much waiting is one of too many.
      if (err instanceof IntentBug || err instanceof WriterBusy) return
      this.options.log.error({ err, kind: intent.kind }, 'an intent from chat failed')
    })
  }

  #state(status: ChatState['status'], sentence: string, lacks: ChatState['lacks'] = []): void {
    this.options.onState({ status, sentence, since: this.options.clock(), room: this.#room, lacks })
  }
}

/** So many who spoke are remembered, to know which room a private line belongs to. */
const MOST_SPEAKERS = 5000
