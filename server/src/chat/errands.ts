/** So many at once, and after that one in each so many milliseconds: a network closes the connection of who asks for too much. */
const BURST = 8
const EVERY_MS = 1000

/** What a connection does besides speaking: it goes into rooms and looks round in them, in its turn, never too much at once. */
export class Errands {
  readonly #waiting: (() => boolean)[] = []
  /** When the burst will be there again (milliseconds). */
  #fullAt = 0
  #timer: NodeJS.Timeout | undefined

  /** @param everyMs - The pause between two once the burst is used up. */
  constructor(
    readonly everyMs = EVERY_MS,
    readonly now: () => number = () => performance.now(),
  ) {}

  /** Has something done as soon as it may be. @param errand - Returns whether there was anything to do still. */
  add(errand: () => boolean): void {
    this.#waiting.push(errand)
    this.#go()
  }

  /** Lets go of what waits: the connection is gone. */
  clear(): void {
    clearTimeout(this.#timer)
    this.#timer = undefined
    this.#waiting.length = 0
    this.#fullAt = 0
  }

  #go(): void {
    if (this.#timer !== undefined) return
    while (this.#waiting.length > 0) {
      const pause = this.#fullAt - this.now() - (BURST - 1) * this.everyMs
      if (pause > 0) {
        this.#timer = setTimeout(() => {
          this.#timer = undefined
          this.#go()
        }, pause)
        return
      }
      if (this.#waiting.shift()?.()) this.#fullAt = Math.max(this.#fullAt, this.now()) + this.everyMs
    }
  }
}
