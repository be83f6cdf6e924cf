import type { RoundId } from '../schema.ts'
/** What came of a play: the round it belongs to, and the line that tells it. */
export interface Played {
  readonly round: RoundId | null
  readonly told: string
}
