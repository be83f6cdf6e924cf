import type { Logger } from 'pino'
import type { UnixSeconds } from '#core/schema'
import type { Pace } from './pace.ts'
import { fitsLine, inLines } from './speech.ts'

export interface Saying {
  readonly seq: number
  /** When it was decided, in seconds. */
  readonly at: UnixSeconds
  /** A nick to say it to alone; null: the room. */
  readonly to: string | null
  readonly text: string
  /** Sayings of one likeness can be joined into a line. */
  readonly likeness?: string
  /** Said once after all that are joined, which are names then: "pia, jo: see your page". */
  readonly ending?: string
  /** What the team writes as the bot: it goes before all answers, and is still wanted when they are not. */
  readonly first?: boolean
}

export interface SpeakerOptions {
  /** Says one line. */
  readonly say: (to: string | null, line: string) => void
  /** Milliseconds on a clock that only goes forward, and seconds since 1970. */
  readonly now: () => number
  readonly clock: () => number
  readonly log: Logger
  /** Of the connection, which other rooms may share. */
  readonly pace: Pace
}

const MOST_WAITING = 500
/** An answer this old helps nobody any more. */
const STALE_SECONDS = 60
const FIRST_STALE_SECONDS = 600
/** Who must wait for longer to be told something alone (milliseconds) would hear it too late. */
const CROWDED_MS = 30_000
/** After so many lines in a row, answers that can be joined wait for so long for others of their likeness (milliseconds). */
const IN_A_ROW = 2
const GATHER_MS = 400

/**
 * Says what the bot has to say: what the team writes before all answers, each in order, and never faster than the network allows (a token bucket). While it cannot speak
 * the answers wait: a bounded number of them, and none for longer than it makes sense.
 */
export class Speaker {
  readonly #options: SpeakerOptions
  readonly #waiting: Saying[] = []
  #saidAt = Number.NEGATIVE_INFINITY
  #open = false
  #timer: NodeJS.Timeout | undefined

  constructor(options: SpeakerOptions) {
    this.#options = options
  }

  get waiting(): number {
    return this.#waiting.length
  }

  /** Whether so much waits that nobody more can be told something alone in good time. */
  get crowded(): boolean {
    return this.#waiting.length * this.#options.pace.lineMs > CROWDED_MS
  }

  add(saying: Saying): void {
    if (saying.first) this.#waiting.splice(this.#firstOnes(), 0, saying)
    else this.#waiting.push(saying)
    if (this.#waiting.length > MOST_WAITING) this.#dropOldestAnswer()
    this.#go()
  }

  /** The room can be spoken in from now on. */
  open(): void {
    this.#open = true
    this.#go()
  }

  close(): void {
    this.#open = false
    clearTimeout(this.#timer)
    this.#timer = undefined
  }

  /** How many of those that go first are waiting. */
  #firstOnes(): number {
    const answer = this.#waiting.findIndex(({ first }) => !first)
    return answer < 0 ? this.#waiting.length : answer
  }

  #dropOldestAnswer(): void {
    const firstOnes = this.#firstOnes()
    const oldest = firstOnes < this.#waiting.length ? firstOnes : 0
    this.#drop(this.#waiting.splice(oldest, 1)[0], 'too many are waiting')
  }

  #go(): void {
    if (this.#timer !== undefined) return
    while (this.#open && this.#waiting.length > 0) {
      const pause = this.#pause()
      if (pause > 0) {
        this.#timer = setTimeout(() => {
          this.#timer = undefined
          this.#go()
        }, pause)
        return
      }
      this.#sayNext()
    }
  }

  /** Milliseconds until the next line may be said. */
  #pause(): number {
    const { now, pace } = this.#options
    const crowded = pace.behindMs >= IN_A_ROW * pace.lineMs && this.#waiting[0]?.likeness !== undefined
    return Math.max(0, pace.pauseMs, crowded ? this.#saidAt + GATHER_MS - now() : 0)
  }

  #sayNext(): void {
    const { now, clock, pace, say } = this.#options
    const next = this.#waiting.shift()
    if (next === undefined) return
    if (clock() - next.at > (next.first ? FIRST_STALE_SECONDS : STALE_SECONDS)) return this.#drop(next, 'it is too old')
    for (const line of inLines(this.#joined(next))) {
      pace.spent()
      this.#saidAt = now()
      say(next.to, line)
    }
  }

  /**
   * What is said next, with the waiting answers of its likeness for as long as they fit into a line: ten people who ask the
   * same at once are answered together, and chat is not flooded.
   */
  #joined(next: Saying): string {
    const { likeness, ending = '' } = next
    if (likeness === undefined || next.to !== null) return next.text + ending
    let line = next.text
    for (let i = 0; i < this.#waiting.length; ) {
      const other = this.#waiting[i]
      const longer = `${line}${ending === '' ? '' : ','} ${other?.text ?? ''}`
      if (other?.likeness !== likeness || other.to !== null || !fitsLine(longer + ending)) {
        i++
        continue
      }
      line = longer
      this.#waiting.splice(i, 1)
    }
    return line + ending
  }

  #drop(saying: Saying | undefined, why: string): void {
    this.#options.log.warn({ seq: saying?.seq }, `an answer is not said in chat: ${why}`)
  }
}
