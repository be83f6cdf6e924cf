import type { Result } from './result.ts'
import type { Need } from './table.ts'
import type { Envelope, World } from './world.ts'

/** What the sender of an intent is told. Plain JSON, because it is kept to answer a repeat of the same intent. */
export type Answer = object

/** How one kind of intent is decided. Pure: reads and changes the world only. */
export interface Handler<I> {
  /**
   * The rows to load first, all at once, where that pays; what is met besides is loaded as it is met, at the cost of deciding
   * anew. Asked again after each load until nothing is missing, so it may build on loaded rows.
   */
  readonly needs?: (world: World, intent: I & Envelope) => readonly Need[]
  readonly decide: (world: World, intent: I & Envelope) => Result<Answer>
}
