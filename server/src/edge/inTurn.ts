import { problem } from '../http/index.ts'

/** More than a browser opens to one server at once. */
const AT_ONCE = 8
const MOST_WAITING = 200

interface Line {
  running: number
  readonly waiting: (() => void)[]
}

/** So many requests of one address are worked on at once; its others wait behind them, so that whoever sends hundreds at once delays only themselves. */
export class InTurn {
  readonly #lines = new Map<string, Line>()

  /** Does a request's work once it is its turn. @throws `too_many_requests` if too many of that address wait already. */
  async run(from: string, work: () => Promise<void>): Promise<void> {
    const line = this.#lines.get(from) ?? { running: 0, waiting: [] }
    this.#lines.set(from, line)
    if (line.running < AT_ONCE) line.running++
    else if (line.waiting.length >= MOST_WAITING) throw problem('too_many_requests')
    // Whoever is done hands their place on.
    else await new Promise<void>((turn) => line.waiting.push(turn))
    try {
      await work()
    } finally {
      const next = line.waiting.shift()
      if (next !== undefined) next()
      else if (--line.running === 0) this.#lines.delete(from)
    }
  }
}
