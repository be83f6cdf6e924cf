import { problem } from '../http/index.ts'

/** More than a browser opens to one server at once. */
const AT_ONCE = 8
/** Longer lines are no browser's: whoever sends so many is worked on one by one. */
const USUAL_LINE = 24
const MOST_WAITING = 200
/** Bodies of one address that are on their way at once. */
const MOST_COMING = 200

interface Line {
  running: number
  coming: number
  readonly waiting: (() => void)[]
}

/** Waits for something that costs no work, such as a body; meanwhile others of that address have their turn. */
export type Aside = <T>(wait: () => Promise<T>) => Promise<T>

/**
 * So many requests of one address are worked on at once; its others wait behind them, so that whoever sends hundreds at once
 * delays only themselves. Who sends slowly keeps none of them from their turn: many may share an address.
 */
export class InTurn {
  readonly #lines = new Map<string, Line>()

  /** Does a request's work once it is its turn. @throws `too_many_requests` if too many of that address wait already. */
  async run(from: string, work: (aside: Aside) => Promise<void>): Promise<void> {
    const line = this.#lines.get(from) ?? { running: 0, coming: 0, waiting: [] }
    this.#lines.set(from, line)
    if (line.waiting.length >= MOST_WAITING) throw problem('too_many_requests')
    await enter(line)
    try {
      await work((wait) => aside(line, wait))
    } finally {
      leave(line)
      if (line.running + line.coming + line.waiting.length === 0) this.#lines.delete(from)
    }
  }
}

async function enter(line: Line): Promise<void> {
  const turn = new Promise<void>((begin) => line.waiting.push(begin))
  fill(line)
  await turn
}

function leave(line: Line): void {
  line.running--
  fill(line)
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

async function aside<T>(line: Line, wait: () => Promise<T>): Promise<T> {
  if (line.coming >= MOST_COMING) throw problem('too_many_requests')
  line.coming++
  leave(line)
  try {
    return await wait()
  } finally {
    await enter(line)
    line.coming--
  }
}
