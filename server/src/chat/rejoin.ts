const LONGEST_PAUSE_MS = 120_000

/** Goes into a room again after somebody was put out of it: each time after twice as long, never at the same moment as others. */
export class Rejoin {
  #failures = 0
  #again: NodeJS.Timeout | undefined

  /** @param firstPauseMs - The first pause before joining again (milliseconds). */
  constructor(
    readonly join: () => void,
    readonly firstPauseMs = 1000,
  ) {}

  later(): void {
    const pause = Math.min(LONGEST_PAUSE_MS, this.firstPauseMs * 2 ** this.#failures++)
    this.stop()
    this.#again = setTimeout(() => this.join(), pause * (0.5 + Math.random()))
  }

  /** The room is joined: the next failure begins with the shortest pause. */
  settled(): void {
    this.#failures = 0
  }

  stop(): void {
    clearTimeout(this.#again)
  }
}
