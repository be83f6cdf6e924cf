/** Whose a live feed is, and what it hangs on. */
export interface FeedOf {
  readonly channel: number
  /** Where it comes from, as limits count it. */
  readonly from: string
  /** The hash of the session it was opened with; undefined for nobody's. */
  readonly session?: string | undefined
  /** At a desk: whose account reads it. */
  readonly account?: string
}

export interface FeedCaps {
  readonly perAddress: number
  readonly perSession: number
  readonly perChannel: number
}

interface Open extends FeedOf {
  readonly close: () => void
  /** Whether it may still be read, as the database has it now. */
  readonly stillAllowed: () => Promise<boolean>
}

/** How often it is looked whether feeds may still be read, beside what is told at once (milliseconds). */
const RECHECK_MS = 60_000

/** The live feeds that are open at this server: counted, and closed once what they hang on has ended. */
export class LiveFeeds {
  readonly #open = new Set<Open>()
  readonly #counts = new Map<string, number>()
  readonly #again: NodeJS.Timeout

  constructor(readonly caps: FeedCaps) {
    this.#again = setInterval(() => void this.recheck(), RECHECK_MS)
    this.#again.unref()
  }

  get size(): number {
    return this.#open.size
  }

  /**
   * Notes a feed that is about to be opened.
   * @param close - Called when it must end.
   * @returns To be called when it has ended; `undefined` if as many as are allowed are open already.
   */
  add(
    feed: FeedOf,
    close: () => void,
    stillAllowed: () => Promise<boolean> = async () => true,
  ): (() => void) | undefined {
    const keys = this.#keysOf(feed)
    for (const [key, most] of keys) if ((this.#counts.get(key) ?? 0) >= most) return undefined
    const open: Open = { ...feed, close, stillAllowed }
    this.#open.add(open)
    for (const [key] of keys) this.#counts.set(key, (this.#counts.get(key) ?? 0) + 1)
    return () => {
      if (!this.#open.delete(open)) return
      for (const [key] of keys) {
        const left = (this.#counts.get(key) ?? 1) - 1
        if (left === 0) this.#counts.delete(key)
        else this.#counts.set(key, left)
      }
    }
  }

  /** Closes every feed of a session that has ended, at this server. */
  sessionEnded(session: string): void {
    for (const feed of this.#open) if (feed.session === session) feed.close()
  }

  /** Closes what somebody reads at the desk of a channel, at this server: their rights are others now. */
  rightsChanged(channel: number, account: string): void {
    for (const feed of this.#open) if (feed.channel === channel && feed.account === account) feed.close()
  }

  /** Closes every feed of a channel, at this server: it has another address now, or is closed. */
  channelChanged(channel: number): void {
    for (const feed of this.#open) if (feed.channel === channel) feed.close()
  }

  /** Closes what may not be read any more. To be called after notices may have been missed, too. */
  async recheck(): Promise<void> {
    for (const feed of [...this.#open]) {
      // Where the database is away nothing is known to have ended.
      if (!(await feed.stillAllowed().catch(() => true))) feed.close()
    }
  }

  stop(): void {
    clearInterval(this.#again)
  }

  #keysOf({ channel, from, session }: FeedOf): [key: string, most: number][] {
    const { perAddress, perSession, perChannel } = this.caps
    const keys: [string, number][] = [
      [`from ${from}`, perAddress],
      [`channel ${channel}`, perChannel],
    ]
    if (session !== undefined) keys.push([`session ${session}`, perSession])
    return keys
  }
}
