import type { Logger } from 'pino'
import type { Fact } from '#core/world'
import type { ChatState } from './answers.ts'
import type { Connection, Seated } from './connection.ts'
import type { IrcEvent } from './ircEvent.ts'
import { Rejoin } from './rejoin.ts'
import { Speaker } from './speaker.ts'
import { speakable } from './speech.ts'
import { refusalSentence } from './state.ts'

export interface OwnVoiceSeatOptions {
  /** The number of the room. */
  readonly id: number
  readonly room: string
  /** The key that the room asks for. */
  readonly roomKey?: string
  readonly onState: (state: ChatState) => void
  readonly clock: () => number
  readonly log: Logger
  /** The first pause before joining again; each next one is twice as long (milliseconds). */
  readonly firstPauseMs?: number
}

/** What the connection says is of a bot: here it is the streamer's own account that it means. */
const ofOnesAccount = (sentence: string): string =>
  sentence
    .replaceAll('the bot’s account', 'your account')
    .replaceAll('the bot', 'your account')
    .replaceAll('The bot', 'Your account')

/** The seat of the streamer's own account in one chat room: it says what they write at the desk, and hears nothing. */
export class OwnVoiceSeat implements Seated {
  readonly #speaker: Speaker
  readonly #rejoin: Rejoin
  #room: string

  constructor(
    readonly connection: Connection,
    readonly options: OwnVoiceSeatOptions,
  ) {
    this.#room = options.room
    this.#rejoin = new Rejoin(() => connection.join(this), options.firstPauseMs)
    const { clock, log } = options
    const { client, pace } = connection
    this.#speaker = new Speaker({
      say: (_, line) => client.say(this.#room, line),
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

  /** Goes into the room, as soon as the network lets it. */
  start(): void {
    this.connection.add(this)
  }

  /** Leaves the room. */
  stop(): void {
    this.#rejoin.stop()
    this.#speaker.close()
    this.connection.remove(this)
  }

  down(status: 'connecting' | 'refused', sentence: string): void {
    this.#rejoin.stop()
    this.#speaker.close()
    this.#state(status, sentence)
  }

  heard(what: string, event: IrcEvent): void {
    if (what === 'join' && this.#isOwn(event.nick)) return this.#joined()
    if (what === 'part' && this.#isOwn(event.nick)) return this.#putOut(`The bot has left ${this.#room}.`)
    if (what === 'kick' && this.#isOwn(event.kicked)) this.#putOut(this.#kickedBy(event))
  }

  /** What is said to it alone is answered by nobody: the streamer reads that in a client of their own. */
  knows(): { readonly here: boolean; readonly spokeAt: number } {
    return { here: false, spokeAt: 0 }
  }

  moved(to: string): void {
    this.#room = to
  }

  refused({ error, channel, reason }: Pick<IrcEvent, 'error' | 'channel' | 'reason'>): void {
    if (channel !== undefined && !this.connection.client.caseCompare(channel, this.#room)) return
    if (error === 'cannot_send_to_channel')
      return this.#state('refused', `In ${this.#room}, but the bot may not speak there. Give it a voice.`)
    const sentence = refusalSentence(error, this.#room, reason)
    if (sentence !== undefined) this.#putOut(sentence)
  }

  eachMinute(): void {}

  /** Says what the streamer wrote as themselves; nothing else. */
  speak({ seq, at, body }: Fact<'chat.replied'>): void {
    if (body.own?.includes(this.options.id) && body.to === null)
      this.#speaker.add({ seq, at, to: null, text: body.text, first: true })
  }

  #isOwn(nick: string): boolean {
    return this.connection.client.caseCompare(nick, this.connection.client.user.nick)
  }

  #joined(): void {
    this.#rejoin.settled()
    this.connection.settled()
    this.#state('connected', `In ${this.#room} as ${this.connection.client.user.nick}.`)
    this.#speaker.open()
  }

  #kickedBy({ nick, message }: IrcEvent): string {
    const why = message ? ` ("${speakable(message)}")` : ''
    return `${nick} has put the bot out of ${this.#room}${why}; it tries to rejoin automatically.`
  }

  #putOut(sentence: string): void {
    this.#speaker.close()
    this.#state('refused', sentence)
    this.#rejoin.later()
  }

  #state(status: ChatState['status'], sentence: string): void {
    const { onState, clock } = this.options
    onState({ status, sentence: ofOnesAccount(sentence), since: clock(), room: this.#room, lacks: [] })
  }
}
