import { randomBytes } from 'node:crypto'
import type { IntentEnvelope } from './sent.ts'

/** An intent that the rules or the database failed on: a bug of ours. It changed nothing, and trying again will not help. */
export class IntentBug extends Error {
  /** Stands in the log beside the cause, so that whoever is told it can be helped. */
  readonly id: string

  constructor(id: string, options: { readonly cause: unknown }) {
    super(`An intent failed (bug ${id}).`, options)
    this.id = id
  }
}

/** What whoever sent such an intent is told. @param id - Of the bug. */
export const bugSentence = (id: string): string =>
  `Something went wrong on our side. Nothing was changed, and trying again will not help. Tell whoever runs the server: bug ${id}.`

/** So many intents are waiting that no more are taken from outside. */
export class WriterBusy extends Error {
  constructor() {
    super('Too many intents are waiting.')
  }
}

/**
 * Classes of PostgreSQL's errors that lie in what was written: data, constraints, limits of the program, the statement itself.
 * https://www.postgresql.org/docs/15/errcodes-appendix.html
 */
const OF_THE_DATA: ReadonlySet<string> = new Set(['21', '22', '23', '42', '54'])

/** Whether a failed batch failed because of one of its intents, and not because the database is away, full or being stopped. */
export function liesInAnIntent(fault: unknown): boolean {
  const { code, severity } = fault as { code?: unknown; severity?: unknown }
  if (severity !== undefined) return OF_THE_DATA.has(String(code).slice(0, 2))
  return fault instanceof TypeError || fault instanceof RangeError || fault instanceof SyntaxError
}

const REMEMBERED = 1000

/** Tells of each bug once: an intent that is tried again gets the same id. */
export class Bugs {
  readonly #known = new Map<string, IntentBug>()

  /** @param report - Called once for each intent that fails. */
  constructor(readonly report: (bug: IntentBug, kind: string) => void) {}

  of({ key, kind }: IntentEnvelope, cause: unknown): IntentBug {
    const known = this.#known.get(key)
    if (known !== undefined) return known
    const bug = new IntentBug(randomBytes(4).toString('hex'), { cause })
    if (this.#known.size >= REMEMBERED) this.#known.clear()
    this.#known.set(key, bug)
    this.report(bug, kind)
    return bug
  }
}

/** A key that came before with another body: it is not the same action, and there is no answer to it. */
export class KeyUsed extends Error {
  constructor() {
    super('This key has been used for something else.')
  }
}
