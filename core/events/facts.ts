import { Type } from '@sinclair/typebox'
import { Amount, Id, orNull, ViewerId } from '../schema.ts'
import { fact } from '../world/index.ts'

/** What is told of what other services report. */
export const eventFacts = {
  'event.received': fact(['desk'], 'The platform reported something: a follow, a subscription, a tip.', {
    event: Id,
    type: Type.String(),
    name: orNull(Type.String()),
    outcome: Type.String(),
  }),
  'supporter.matched': fact(['desk'], 'A supporter was told who they are, or let be.', {
    supporter: Id,
    viewer: Type.Optional(ViewerId),
  }),
  'supporter.waits': fact(['desk'], 'A supporter whom nobody knows waits.', { supporter: Id, name: Type.String() }),
  'tip.decided': fact(['desk'], 'A tip that waited was decided.', { tip: Id, paid: Amount }),
  'tip.waits': fact(['desk'], 'A tip in a currency without an exchange rate waits.', {
    tip: Id,
    name: Type.String(),
    currency: Type.String(),
  }),
}

type Declared = typeof eventFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
