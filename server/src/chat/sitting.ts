import { randomUUID } from 'node:crypto'
import type { Logger } from 'pino'
import { durationInWords } from '#core/currency'
import type { UnixSeconds } from '#core/schema'
import { channelSetting } from '#core/settings'
import { type Voice, voiceSetting } from '#core/voice'
import type { Fact } from '#core/world'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { lastFactAt, newestSeq } from '../feed/index.ts'
import { settingOf } from '../settings/index.ts'
import type { ChatState } from './answers.ts'
import { accountsIn, LOST_SECONDS, type SeatTable } from './seatTable.ts'

/** What was said is written down so long after it at the latest: not each line is worth a write (milliseconds). */
const WRITE_MS = 5000

interface On {
  readonly knownUntil: () => UnixSeconds
  readonly onState: (state: ChatState) => void
}

export interface SittingParts {
  readonly channel: number
  /** The number of the room; 0: the operator's. */
  readonly room: number
  /** The connection that it hangs on. */
  readonly connection: string
  /** Up to when somebody else held that before (Unix seconds). */
  readonly renewedBefore: UnixSeconds
  readonly channels: Channels
  readonly table: SeatTable
  readonly db: Reader
  readonly log: Logger
  readonly seat: (on: On) => Speaking
}

/** Somebody who sits in a room and says there what is decided. */
export interface Speaking {
  readonly start: () => void
  readonly stop: () => void
  readonly speak: (fact: Fact<'chat.replied'>) => void
}

/** Who died may have lived and spoken for so long after its last sign of life (seconds). */
const LAST_WORDS_SECONDS = 2

/** What sends the bot in or out, or has it speak. */
const HEARD: ReadonlySet<string> = new Set([
  ...['channel.changed', 'chat.replied', 'chat.voice', 'show.started', 'show.ended'],
])

const OUT =
  'The bot was sent out of the room: it hears nothing, and nobody is seen to be there. Bring it back on the page Bot.'
const OFF_AIR = 'The bot comes with the show: it is out of the room until you go on air.'
const RESTS = 'The channel is paused: the bot is out of the room until it is resumed.'

/** Why the bot stays out of the room; undefined: it is to be there. */
const whyOut = ({ out, withShow }: Voice, onAir: boolean, rests: boolean): string | undefined =>
  rests ? RESTS : out ? OUT : withShow && !onAir ? OFF_AIR : undefined

const ON_AIR = "select 1 from show where channel = $1 and status = 'on'"

async function isOnAir({ pool }: Channels, channel: number): Promise<boolean> {
  return ((await pool.query(ON_AIR, [channel])).rowCount ?? 0) > 0
}

/**
 * The time for which this instance sits in a room of a channel: the bot is there, or out of it where the team sent it, and says
 * what is decided, from after the last that was said, whoever said that.
 */
export class Sitting {
  #seat: Speaking | undefined
  #state: ChatState
  #knownUntil = 0
  #spokenSeq = 0
  #muted = false
  #writing: NodeJS.Timeout | undefined
  #losing: NodeJS.Timeout | undefined
  #unsubscribe = () => {}
  #stopped = false
  /** Up to when who sat here before may have spoken, if it died (Unix seconds). */
  #diedAt = 0
  /** For how long nobody heard the room before this sitting, because who sat there died (seconds). */
  #unheard = 0
  /** One coming or going after the other: the last that was wanted is what holds. */
  #moving: Promise<void> = Promise.resolve()

  constructor(readonly parts: SittingParts) {
    this.#state = {
      status: 'connecting',
      sentence: 'Connecting.',
      since: parts.channels.clock(),
      room: null,
      lacks: [],
    }
  }

  async start(): Promise<void> {
    const { channel, channels, table, renewedBefore } = this.parts
    const { clock, pool, feed } = channels
    const known = (await lastFactAt(pool, channel)) ?? clock()
    const before = await table.taken(this.parts, known, await newestSeq(pool, channel))
    this.#knownUntil = before.knownUntil
    this.#spokenSeq = before.spokenSeq
    this.#diedAt = renewedBefore === 0 ? 0 : renewedBefore + LAST_WORDS_SECONDS
    await this.#comeOrGo()
    const listener = { wants: ({ kind }: Fact) => HEARD.has(kind), send: (fact: Fact) => this.#heard(fact) }
    const unsubscribe = await feed.subscribe(channel, listener, before.spokenSeq)
    // The seat may have been lost meanwhile.
    if (this.#stopped) return unsubscribe()
    this.#unsubscribe = unsubscribe
  }

  /** @param why - `removed`: the bot is to sit here no more, so nobody is seen to be here. */
  async stop(why?: 'removed'): Promise<void> {
    this.#stopped = true
    clearTimeout(this.#writing)
    clearTimeout(this.#losing)
    this.#unsubscribe()
    this.#leave()
    this.#state = { ...this.#state, status: 'connecting', sentence: 'The server was stopped.' }
    await this.#write()
    if (why === 'removed') await this.#nobodyHere()
  }

  #heard(fact: Fact): void {
    this.#spokenSeq = fact.seq
    if (fact.kind !== 'chat.replied') return void this.#move()
    // Whoever died has perhaps said it: an answer is rather lost than said twice.
    const saidBefore = fact.at <= this.#diedAt
    // The streamer's own words are not the bot's to mute.
    if ((!this.#muted || fact.body.own) && !saidBefore) this.#seat?.speak(fact)
    this.#writing ??= setTimeout(() => void this.#write(), WRITE_MS)
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
    const { paused, closed } = await settingOf(db, channel, channelSetting)
    const onAir = await isOnAir(channels, channel)
    if (this.#stopped) return
    this.#muted = voice.muted
    const why = whyOut(voice, onAir, paused || closed)
    if (why === undefined && this.#seat === undefined) this.#come()
    if (why !== undefined && (this.#seat !== undefined || this.#state.sentence !== why)) {
      this.#leave()
      this.#state = { status: 'out', sentence: why, since: channels.clock(), room: this.#state.room, lacks: [] }
      await this.#write()
    }
  }

  #come(): void {
    const seat = this.parts.seat({
      knownUntil: () => this.#knownUntil,
      onState: (next) => {
        if (this.#seat !== undefined && this.#seat !== seat) return
        if (next.status === 'connected') this.#noteUnheard()
        this.#stillKnown()
        this.#state = this.#withUnheard(next)
        this.#lostOrNot()
        void this.#write()
      },
    })
    this.#seat = seat
    seat.start()
  }

  #noteUnheard(): void {
    if (this.#diedAt === 0 || this.#unheard > 0) return
    this.#unheard = Math.max(1, this.parts.channels.clock() - this.#knownUntil)
  }

  /** Says that a while was lost, where who sat here before died. */
  #withUnheard(state: ChatState): ChatState {
    if (state.status !== 'connected' || this.#unheard === 0) return state
    const lost = `For ${durationInWords(this.#unheard)} before that nobody heard what was said here: a server had failed.`
    return { ...state, sentence: `${state.sentence} ${lost}` }
  }

  #leave(): void {
    this.#stillKnown()
    const seat = this.#seat
    this.#seat = undefined
    seat?.stop()
  }

  /** Who is only in a room that was lost long ago is taken to have left when it was: the other rooms do not wait for it. */
  #lostOrNot(): void {
    const { status } = this.#state
    if (status === 'connected' || this.#stopped) {
      clearTimeout(this.#losing)
      this.#losing = undefined
    } else this.#losing ??= setTimeout(() => void this.#nobodyHere(), LOST_SECONDS * 1000)
  }

  async #nobodyHere(): Promise<void> {
    const { channel, channels, room, log } = this.parts
    const accounts = await accountsIn(channels.pool, channel, room)
    const left = { kind: 'presence.left', inRoom: room, until: this.#knownUntil } as const
    const all = accounts.map((account) => channels.submit(channel, `left/${randomUUID()}`, { ...left, account }))
    await Promise.all(all).catch((err: unknown) => log.error({ err }, 'those in a lost room could not be let go'))
  }

  /** While the bot is in the room it is known who is there. */
  #stillKnown(): void {
    if (this.#state.status === 'connected') this.#knownUntil = this.parts.channels.clock()
  }

  #write(): Promise<void> {
    clearTimeout(this.#writing)
    this.#writing = undefined
    this.#stillKnown()
    const { table, channel, room, log } = this.parts
    const known = { knownUntil: this.#knownUntil, spokenSeq: this.#spokenSeq }
    return table.write(channel, room, this.#state, known).catch((err: unknown) => {
      log.warn({ err }, 'the state of chat could not be written down')
    })
  }
}
