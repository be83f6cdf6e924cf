import type { IrcEvent } from './ircEvent.ts'

/** Said longer ago than that, a line is shown again, not said (milliseconds). */
const OLD_MS = 30_000
/** The kinds of batches in which networks and what stands between repeat old lines. */
const REPEATED = /history|playback/i

/**
 * Tells what is said now from old lines that a network repeats when somebody joins. Goes by the network's own time where it
 * tells it, reckoned from the moment of joining, so that a clock that is wrong there does no harm.
 */
export class History {
  /** From joining until everything that belongs to it has come. */
  #looking = false
  /** When the bot joined, by the network's clock and by ours (milliseconds). */
  #joined: { readonly theirs: number; readonly ours: number } | undefined

  /** @param now - Milliseconds since 1970. */
  constructor(readonly now: () => number = Date.now) {}

  /** The bot is in the room from now on. */
  joined(tags: IrcEvent['tags']): void {
    this.#looking = true
    const theirs = timeOf(tags)
    this.#joined = theirs === undefined ? undefined : { theirs, ours: this.now() }
  }

  /** Everything has come that the network sends to who has just joined. */
  looked(): void {
    this.#looking = false
  }

  /** Whether a line is an old one. Without times, all that the room says while the bot is being let in counts as old. */
  isOld({ tags, batch }: Pick<IrcEvent, 'tags' | 'batch'>, inRoom: boolean): boolean {
    if (batch !== undefined && REPEATED.test(batch.type)) return true
    const said = timeOf(tags)
    if (said === undefined) return inRoom && this.#looking
    if (this.#joined === undefined) return this.now() - said > OLD_MS
    const { theirs, ours } = this.#joined
    return (inRoom && said < theirs) || this.now() - ours - (said - theirs) > OLD_MS
  }
}

function timeOf(tags: IrcEvent['tags']): number | undefined {
  const time = Date.parse(tags.time ?? '')
  return Number.isNaN(time) ? undefined : time
}
