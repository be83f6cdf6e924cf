import type { Intent } from '#core/engine'
import { keyOf } from '#core/people'

const WINDOW_SECONDS = 10

/**
 * How many lines one person may have taken up in ten seconds: what limits changes by HTTP, for chat. Answers at once, so
 * that what happens in the room stays in its order.
 */
export class ChatQuota {
  #window = 0
  #all = 0
  readonly #lines = new Map<string, number>()

  /** @param most - Lines of one person in ten seconds. @param clock - Unix seconds. */
  constructor(
    readonly most: number,
    readonly clock: () => number,
    /** Of everything that happens in the room, in ten seconds. */
    readonly mostInAll = Number.POSITIVE_INFINITY,
  ) {}

  /** Whether an intent from chat is taken up: all but the lines of who has used up their share. */
  takes(intent: Intent): boolean {
    const window = Math.floor(this.clock() / WINDOW_SECONDS)
    if (window !== this.#window) {
      this.#window = window
      this.#lines.clear()
      this.#all = 0
    }
    if (++this.#all > this.mostInAll) return false
    if (intent.kind !== 'chat.line') return true
    const lines = (this.#lines.get(keyOf(intent.who)) ?? 0) + 1
    this.#lines.set(keyOf(intent.who), lines)
    return lines <= this.most
  }
}
