import type { Logger } from 'pino'

export interface PaceOptions {
  /** Milliseconds on a clock that only goes forward. */
  readonly now: () => number
  readonly log: Logger
  /** So many lines at once, and after that one in each so many milliseconds. */
  readonly burst?: number
  readonly everyMs?: number
}

/** So much slower after a complaint of the network's, at most so many times slower, until it has not complained for so long. */
const SLOWER = 2
const SLOWEST = 8
const SLOW_MS = 600_000

/** How fast a connection may speak, whatever the rooms are that it speaks in (a token bucket). */
export class Pace {
  readonly #options: Required<PaceOptions>
  /** When the bucket will be full again (milliseconds). */
  #fullAt = 0
  /** How many times slower than it might the bot speaks, and until when. */
  #slow = { times: 1, until: 0 }

  constructor(options: PaceOptions) {
    this.#options = { burst: 15, everyMs: 1500, ...options }
  }

  /** What one line takes (milliseconds). */
  get lineMs(): number {
    return this.#options.everyMs * this.#timesSlower()
  }

  /** For how long the bucket is not full (milliseconds). */
  get behindMs(): number {
    return this.#fullAt - this.#options.now()
  }

  /** Milliseconds until the next line may be said. */
  get pauseMs(): number {
    const { burst, everyMs } = this.#options
    return this.behindMs - (burst - this.#timesSlower()) * everyMs
  }

  /** A line is said. */
  spent(): void {
    this.#fullAt = Math.max(this.#fullAt, this.#options.now()) + this.lineMs
  }

  /** The network found that the bot says too much at once: slower for a while. */
  slower(): void {
    const times = Math.min(SLOWEST, this.#timesSlower() * SLOWER)
    this.#slow = { times, until: this.#options.now() + SLOW_MS }
    this.#options.log.warn({ times }, 'the chat network takes no more lines at once: the bot speaks slower')
  }

  #timesSlower(): number {
    return this.#options.now() < this.#slow.until ? this.#slow.times : 1
  }
}
