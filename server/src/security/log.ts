import type { Logger } from 'pino'
import type { Clock } from '../clock.ts'
import type { Pool } from '../database/index.ts'

/** What kind of thing is noted. */
export type SecurityKind = 'sign-in' | 'refused' | 'desk' | 'secret'

export interface SecurityNote {
  /** Null: it concerns no channel in particular. */
  readonly channel: number | null
  readonly kind: SecurityKind
  /** Who it was, as far as is known; empty for nobody signed in. */
  readonly account: string
  readonly name: string
  /** The network address it came from. */
  readonly from: string
  readonly what: string
}

const FLUSH_MS = 1000
/** So many lines of refusals an hour are kept apart; what passes that is counted in one line, so that nobody can fill the disk. */
const MOST_REFUSALS = 200
const HOUR = 3600
const MOST_TEXT = 200

const INSERT = `insert into security_event (channel, at, kind, account, name, address, what, times)
  select channel, $1, kind, account, name, address, what, times
  from unnest($2::int[], $3::text[], $4::text[], $5::text[], $6::text[], $7::text[], $8::int[])
    as new (channel, kind, account, name, address, what, times)`

/** Who signed in, was refused, or did something at a desk, and from where: kept for 180 days, written a moment later. */
export class SecurityLog {
  readonly #waiting = new Map<string, { readonly note: SecurityNote; times: number }>()
  #timer: NodeJS.Timeout | undefined
  #hour = 0
  #refusals = 0

  constructor(
    readonly pool: Pool,
    readonly clock: Clock,
    readonly log: Logger,
  ) {}

  /** Notes something. The same again within a moment is one line that says how often. */
  note(given: SecurityNote): void {
    const note = this.#bounded(given)
    const key = JSON.stringify(note)
    const known = this.#waiting.get(key)
    if (known === undefined) this.#waiting.set(key, { note, times: 1 })
    else known.times++
    this.#timer ??= setTimeout(() => void this.flush(), FLUSH_MS)
  }

  /** Writes what waits. */
  async flush(): Promise<void> {
    clearTimeout(this.#timer)
    this.#timer = undefined
    const all = [...this.#waiting.values()]
    this.#waiting.clear()
    if (all.length === 0) return
    const notes = all.map(({ note }) => note)
    const texts = (pick: (note: SecurityNote) => string) => notes.map((one) => pick(one).replaceAll('\0', ''))
    const values = [
      this.clock(),
      notes.map(({ channel }) => channel),
      texts(({ kind }) => kind),
      texts(({ account }) => account),
      texts(({ name }) => name),
      texts(({ from }) => from),
      texts(({ what }) => what),
      all.map(({ times }) => times),
    ]
    await this.pool.query(INSERT, values).catch((err: unknown) => {
      this.log.error({ err, lines: all.length }, 'the security log could not be written')
    })
  }

  #bounded(note: SecurityNote): SecurityNote {
    const cut = { ...note, what: note.what.slice(0, MOST_TEXT), name: note.name.slice(0, MOST_TEXT) }
    if (note.kind !== 'refused') return cut
    const hour = Math.floor(this.clock() / HOUR)
    if (hour !== this.#hour) [this.#hour, this.#refusals] = [hour, 0]
    if (this.#waiting.has(JSON.stringify(cut)) || this.#refusals++ < MOST_REFUSALS) return cut
    return { channel: null, kind: 'refused', account: '', name: '', from: 'several', what: 'Many more refusals' }
  }
}
