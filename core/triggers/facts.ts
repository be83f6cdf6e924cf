import { Type } from '@sinclair/typebox'
import { Id, oneOf } from '../schema.ts'
import { fact } from '../world/index.ts'

/** What is told of triggers. */
export const triggerFacts = {
  'redemption.ended': fact(['desk'], 'A redemption on the platform was approved or rejected.', {
    redemption: Id,
    status: oneOf(['approved', 'refused']),
    name: Type.String(),
  }),
  'redemption.waits': fact(['desk'], 'A redemption on the platform waits for somebody to decide.', {
    redemption: Id,
    name: Type.String(),
  }),
}

type Declared = typeof triggerFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
