import type { Clock } from '../clock.ts'
import type { Pool } from '../database/index.ts'
import type { Problem } from '../http/index.ts'

/** So many refusals are kept of those who signed, and as many of those who did not: neither pushes the other out. */
const KEPT = 20
const FLUSH_MS = 500
/** The same refusal again within this time (seconds) is one line that says how often. */
const SAME_SECONDS = 3600

interface Counted {
  readonly channel: number
  readonly code: string
  sentence: string
  times: number
}

/**
 * The deliveries that were turned away, for whoever sets a sender up. Of one that nobody known signed anybody can send any
 * number: those are counted in memory and written a moment later, one line for each reason.
 */
export class EventRefusals {
  readonly #waiting = new Map<string, Counted>()
  #timer: NodeJS.Timeout | undefined

  constructor(
    readonly pool: Pool,
    readonly clock: Clock,
  ) {}

  /** Notes a delivery that one of the channel's secrets signed. */
  async noteSigned(channel: number, { code, detail }: Problem): Promise<void> {
    await this.#insert({ channel, code, sentence: plain(detail), times: 1 }, true)
    await this.#trim(channel, true)
  }

  /** Counts a delivery that none of the channel's secrets signed. */
  noteUnsigned(channel: number, { code, detail }: Problem): void {
    const key = `${channel}/${code}`
    const known = this.#waiting.get(key)
    if (known === undefined) this.#waiting.set(key, { channel, code, sentence: plain(detail), times: 1 })
    else {
      known.times++
      known.sentence = plain(detail)
    }
    this.#timer ??= setTimeout(() => void this.flush().catch(() => {}), FLUSH_MS)
  }

  /** Writes what was counted. */
  async flush(): Promise<void> {
    clearTimeout(this.#timer)
    this.#timer = undefined
    const all = [...this.#waiting.values()]
    this.#waiting.clear()
    for (const one of all) {
      if (!(await this.#addTo(one))) await this.#insert(one, false)
      await this.#trim(one.channel, false)
    }
  }

  async #addTo({ channel, code, sentence, times }: Counted): Promise<boolean> {
    const text = `update event_refusal set times = times + $4, at = $3, sentence = $5
      where channel = $1 and id = (select max(id) from event_refusal
        where channel = $1 and code = $2 and not signed and at > $3 - ${SAME_SECONDS})`
    const done = await this.pool.query(text, [channel, code, this.clock(), times, sentence])
    return done.rowCount === 1
  }

  async #insert({ channel, code, sentence, times }: Counted, signed: boolean): Promise<void> {
    const text =
      'insert into event_refusal (channel, at, code, sentence, times, signed) values ($1, $2, $3, $4, $5, $6)'
    await this.pool.query(text, [channel, this.clock(), code, sentence, times, signed])
  }

  async #trim(channel: number, signed: boolean): Promise<void> {
    const text = `delete from event_refusal where channel = $1 and signed = $3 and id <= (
      select id from event_refusal where channel = $1 and signed = $3 order by id desc offset $2 limit 1)`
    await this.pool.query(text, [channel, KEPT, signed])
  }
}

const MOST_TEXT = 500
const plain = (text: string): string => text.replaceAll('\0', '').slice(0, MOST_TEXT)
