import { Type } from '@sinclair/typebox'
import { Count, TallyId, ViewerId } from '../schema.ts'
import { fact } from '../world/index.ts'

/** What is told of tallies. */
export const tallyFacts = {
  'tally.changed': fact(['desk'], 'Somebody’s count in a tally changed.', {
    tally: TallyId,
    viewer: ViewerId,
    before: Count,
    after: Count,
  }),
  'tally.corrected': fact(['desk'], 'A tally was corrected by hand.', {
    tally: TallyId,
    viewer: ViewerId,
    name: Type.String(),
    before: Count,
    after: Count,
    by: Type.String(),
  }),
}

type Declared = typeof tallyFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
