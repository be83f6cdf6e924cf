import type { UnixSeconds } from '#core/schema'
import { problem } from '../http/index.ts'

/** More than a browser opens to one server at once. */
const AT_ONCE = 8
/** Longer lines are no browser's: whoever sends so many is worked on one by one, with a rest after each while there are others. */
const USUAL_LINE = 24
/** A rest is so many times as long as the work was: the busier the server, the longer it is left to the others. */
const REST = 3
const LONGEST_REST_MS = 250
/** Who sent nothing for so long is nobody to rest for. */
const OTHERS_MS = 100
const MOST_WAITING = 200
/** Bodies of one address that are on their way at once. */
const MOST_COMING = 200

interface Line {
  readonly from: string
  running: number
  coming: number
  readonly waiting: (() => void)[]
}

/** Waits for something that costs no work, such as a body; meanwhile others of that address have their turn. */
export type Aside = <T>(wait: () => Promise<T>) => Promise<T>

/** One request's turn. */
export interface Turn {
  /** Resolves when it is there. */
  readonly begin: () => Promise<void>
  readonly aside: Aside
  /** Hands the place on; to be called at least once, whatever came of it. */
  readonly end: () => void
}

/**
 * So many requests of one address are worked on at once; its others wait behind them, so that whoever sends hundreds at once
 * delays only themselves. Who sends slowly keeps none of them from their turn: many may share an address.
 */
export class InTurn {
  readonly #lines = new Map<string, Line>()
  /** Who began last, and when others did last before them (ms). */
  #latest: { line?: Line; at: UnixSeconds } = { at: Number.NEGATIVE_INFINITY }
  #before = Number.NEGATIVE_INFINITY

  /** A place in the line of an address; undefined if too many wait in it already. */
  ask(from: string): Turn | undefined {
    const line = this.#lines.get(from) ?? { from, running: 0, coming: 0, waiting: [] }
    if (line.waiting.length >= MOST_WAITING) return undefined
    this.#lines.set(from, line)
    return this.#turn(line)
  }

  #turn(line: Line): Turn {
    let [holds, ended, began] = [false, false, 0]
    const enter = async () => {
      const place = new Promise<void>((there) => line.waiting.push(there))
      fill(line)
      await place
      holds = !ended
      if (ended) this.#leave(line, 0)
    }
    const end = () => {
      ended = true
      if (holds) this.#leave(line, performance.now() - began)
      holds = false
    }
    const begin = async () => {
      await enter()
      began = performance.now()
      this.#note(line, began)
    }
    const aside: Aside = async (wait) => {
      if (line.coming >= MOST_COMING) throw problem('too_many_requests')
      line.coming++
      holds = false
      this.#leave(line, 0)
      try {
        return await wait()
      } finally {
        await enter()
        line.coming--
      }
    }
    return { begin, aside, end }
  }

  #note(line: Line, at: UnixSeconds): void {
    if (this.#latest.line !== line) this.#before = this.#latest.at
    this.#latest = { line, at }
  }

  #leave(line: Line, worked: number): void {
    const others = this.#latest.line === line ? this.#before : this.#latest.at
    const leave = () => {
      line.running--
      fill(line)
      if (line.running + line.coming + line.waiting.length === 0) this.#lines.delete(line.from)
    }
    const rests = line.waiting.length > USUAL_LINE && performance.now() - others < OTHERS_MS
    if (rests) setTimeout(leave, Math.min(LONGEST_REST_MS, worked * REST))
    else leave()
  }
}

function fill(line: Line): void {
  const places = line.waiting.length > USUAL_LINE ? 1 : AT_ONCE
  while (line.running < places) {
    const next = line.waiting.shift()
    if (next === undefined) return
    line.running++
    next()
  }
}
