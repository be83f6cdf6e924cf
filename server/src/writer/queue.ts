import type { Waiting } from './batch.ts'
import { WriterBusy } from './bug.ts'
import { needsExclusiveBatch } from './everyone.ts'

/** So many intents from outside may wait in a channel, and so many of one person: a crowd waits in line, one who floods does not block it. */
export interface QueueLimits {
  readonly all: number
  readonly each: number
}

/** What has been handed in and not been taken up yet, in the order in which it came. */
export class Queue {
  #waiting: Waiting[] = []
  readonly #each = new Map<string, number>()
  #outside = 0

  constructor(readonly limits: QueueLimits) {}

  get length(): number {
    return this.#waiting.length
  }

  /** @throws WriterBusy if it comes from outside, and too much of that waits already. */
  add(one: Waiting): void {
    if (one.from !== undefined) {
      const own = this.#each.get(one.from) ?? 0
      if (this.#outside >= this.limits.all || own >= this.limits.each) throw new WriterBusy()
      this.#count(one.from, 1)
    }
    this.#waiting.push(one)
  }

  /** Takes the next batch off the front. What touches everybody is a batch of its own. */
  take(most: number): Waiting[] {
    const found = this.#waiting.findIndex(({ intent }) => needsExclusiveBatch(intent))
    const batch = this.#waiting.splice(0, Math.min(most, found < 0 ? most : Math.max(1, found)))
    for (const { from } of batch) if (from !== undefined) this.#count(from, -1)
    return batch
  }

  /** Puts back to the front what was taken and must be decided anew. */
  putBack(batch: readonly Waiting[]): void {
    for (const { from } of batch) if (from !== undefined) this.#count(from, 1)
    this.#waiting.unshift(...batch)
  }

  #count(from: string, change: 1 | -1): void {
    this.#outside += change
    const own = (this.#each.get(from) ?? 0) + change
    if (own === 0) this.#each.delete(from)
    else this.#each.set(from, own)
  }
}
