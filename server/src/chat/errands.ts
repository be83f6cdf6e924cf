/** So many at once, and after that one in each so many milliseconds: a network closes the connection of who asks for too much. */
const BURST = 8
const EVERY_MS = 1000

/** What a connection does besides speaking: it goes into rooms and looks round in them, in its turn, never too much at once. */
export class Errands {
  readonly #waiting: (() => void)[] = []
  /** When the next may be done if the burst is used up (milliseconds). */
  #freeAt = 0
  #timer: NodeJS.Timeout | undefined

  constructor(readonly now: () => number = () => performance.now()) {}

  /** Has something done as soon as it may be. */
  add(errand: () => void): void {
    this.#waiting.push(errand)
    this.#go()
  }

  /** Lets go of what waits: the connection is gone. */
  clear(): void {
    clearTimeout(this.#timer)
    this.#timer = undefined
    this.#waiting.length = 0
    this.#freeAt = 0
  }

  #go(): void {
    if (this.#timer !== undefined) return
    while (this.#waiting.length > 0) {
      const pause = this.#freeAt - this.now() - BURST * EVERY_MS
      if (pause > 0) {
        this.#timer = setTimeout(() => {
          this.#timer = undefined
          this.#go()
        }, pause)
        return
      }
      this.#freeAt = Math.max(this.#freeAt, this.now()) + EVERY_MS
      this.#waiting.shift()?.()
    }
  }
}
