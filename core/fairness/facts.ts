import { Type } from '@sinclair/typebox'
import { Id } from '../schema.ts'
import { fact } from '../world/index.ts'

/** What is told of seeds. */
export const fairnessFacts = {
  'fairness.committed': fact(['everyone'], 'A new seed is bound by its commitment.', {
    seed: Id,
    commitment: Type.String(),
  }),
  'fairness.opened': fact(['everyone'], 'A used seed is told, so that its draws can be checked.', {
    seed: Id,
    revealed: Type.String(),
  }),
}

type Declared = typeof fairnessFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
