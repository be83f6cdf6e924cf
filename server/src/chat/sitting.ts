import type { Logger } from 'pino'
import type { UnixSeconds } from '#core/schema'
import { channelSetting } from '#core/settings'
import { type Voice, voiceSetting } from '#core/voice'
import type { Fact } from '#core/world'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { lastFactAt, newestSeq } from '../feed/index.ts'
import { settingOf } from '../settings/index.ts'
import type { ChatState } from './answers.ts'
import type { ChatConnector } from './connector.ts'
import type { SeatTable } from './seatTable.ts'

const SIGN_OF_LIFE_MS = 5000

interface On {
  readonly knownUntil: () => UnixSeconds
  readonly onState: (state: ChatState) => void
}

export interface SittingParts {
  readonly channel: number
  readonly channels: Channels
  readonly table: SeatTable
  readonly db: Reader
  readonly log: Logger
  readonly connector: (on: On) => ChatConnector
}

/** What sends the bot in or out, or has it speak. */
const HEARD: ReadonlySet<string> = new Set([
  'channel.changed',
  'chat.replied',
  'chat.voice',
  'show.started',
  'show.ended',
])

const OUT =
  'The bot was sent out of the room: it hears nothing, and nobody is seen to be there. Bring it back on the page Bot.'
const OFF_AIR = 'The bot comes with the show: it is out of the room until you go on air.'

const RESTS = 'The channel is paused: the bot is out of the room until it goes on.'

/** Why the bot stays out of the room; undefined: it is to be there. */
const whyOut = ({ out, withShow }: Voice, onAir: boolean, rests: boolean): string | undefined =>
  rests ? RESTS : out ? OUT : withShow && !onAir ? OFF_AIR : undefined

const ON_AIR = "select 1 from show where channel = $1 and status = 'on'"

async function isOnAir({ pool }: Channels, channel: number): Promise<boolean> {
  return ((await pool.query(ON_AIR, [channel])).rowCount ?? 0) > 0
}

/**
 * The time for which this instance has the seat in a channel's chat: the bot is in the room, or out of it where the team sent
 * it, and says what is decided, from after the last that was said, whoever said that.
 */
export class Sitting {
  #connector: ChatConnector | undefined
  #state: ChatState
  #knownUntil = 0
  #spokenSeq = 0
  #muted = false
  #alive: NodeJS.Timeout | undefined
  #unsubscribe = () => {}
  #stopped = false
  /** One coming or going after the other: the last that was wanted is what holds. */
  #moving: Promise<void> = Promise.resolve()

  constructor(readonly parts: SittingParts) {
    this.#state = { status: 'connecting', sentence: 'Connecting.', since: parts.channels.clock(), room: null }
  }

  async start(): Promise<void> {
    const { channel, channels, table } = this.parts
    const { clock, pool, feed } = channels
    const known = (await lastFactAt(pool, channel)) ?? clock()
    const before = await table.taken(channel, known, await newestSeq(pool, channel))
    this.#knownUntil = before.knownUntil
    this.#spokenSeq = before.spokenSeq
    await this.#comeOrGo()
    const listener = { wants: ({ kind }: Fact) => HEARD.has(kind), send: (fact: Fact) => this.#heard(fact) }
    const unsubscribe = await feed.subscribe(channel, listener, before.spokenSeq)
    // The seat may have been lost meanwhile.
    if (this.#stopped) return unsubscribe()
    this.#unsubscribe = unsubscribe
    this.#alive = setInterval(() => void this.#write(), SIGN_OF_LIFE_MS)
  }

  async stop(): Promise<void> {
    this.#stopped = true
    clearInterval(this.#alive)
    this.#unsubscribe()
    this.#leave()
    this.#state = { ...this.#state, status: 'connecting', sentence: 'The server was stopped.' }
    await this.#write()
  }

  #heard(fact: Fact): void {
    this.#spokenSeq = fact.seq
    if (fact.kind !== 'chat.replied') void this.#move()
    else if (!this.#muted) this.#connector?.speak(fact)
  }

  #move(): Promise<void> {
    this.#moving = this.#moving
      .then(() => this.#comeOrGo())
      .catch((err: unknown) => this.parts.log.error({ err }, 'the bot could not be sent in or out'))
    return this.#moving
  }

  /** Has the bot come into the room or go out, as the team wants it now. */
  async #comeOrGo(): Promise<void> {
    const { channel, db, channels } = this.parts
    const voice = await settingOf(db, channel, voiceSetting)
    const onAir = await isOnAir(channels, channel)
    const { paused, closed } = await settingOf(db, channel, channelSetting)
    if (this.#stopped) return
    this.#muted = voice.muted
    const why = whyOut(voice, onAir, paused || closed)
    if (why === undefined && this.#connector === undefined) this.#come()
    if (why !== undefined && (this.#connector !== undefined || this.#state.sentence !== why)) {
      this.#leave()
      this.#state = { status: 'out', sentence: why, since: channels.clock(), room: this.#state.room }
      await this.#write()
    }
  }

  #come(): void {
    const connector = this.parts.connector({
      knownUntil: () => this.#knownUntil,
      onState: (next) => {
        if (this.#connector !== connector) return
        this.#stillKnown()
        this.#state = next
        void this.#write()
      },
    })
    this.#connector = connector
    connector.start()
  }

  #leave(): void {
    this.#stillKnown()
    const connector = this.#connector
    this.#connector = undefined
    connector?.stop()
  }

  /** While the bot is in the room it is known who is there. */
  #stillKnown(): void {
    if (this.#state.status === 'connected') this.#knownUntil = this.parts.channels.clock()
  }

  #write(): Promise<void> {
    this.#stillKnown()
    const { table, channel, log } = this.parts
    return table.write(channel, this.#state, this.#knownUntil, this.#spokenSeq).catch((err: unknown) => {
      log.warn({ err }, 'the state of chat could not be written down')
    })
  }
}
