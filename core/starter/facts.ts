import { Type } from '@sinclair/typebox'
import { fact } from '../world/index.ts'

/** What is told of the way to the first evening. */
export const starterFacts = {
  'starter.changed': fact(['desk'], 'A step before the first evening is left out, or taken up again.', {
    step: Type.String(),
    skip: Type.Boolean(),
  }),
}

type Declared = typeof starterFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
