import { Type } from '@sinclair/typebox'
import { Count, Id, oneOf, whole } from '../schema.ts'
import { fact } from '../world/index.ts'

/** What is told of people. */
export const peopleFacts = {
  'account.linked': fact(['viewer'], 'One more account is theirs.', {}),
  'me.changed': fact(['viewer'], 'What their page says of them has changed.', {}),
  'people.adjusted': fact(['desk'], 'Balances or hours were corrected by hand.', {
    adjustment: Type.Optional(Id),
    of: oneOf(['balance', 'hours', 'import']),
    changed: Count,
    total: whole(Number.MIN_SAFE_INTEGER),
  }),
  'people.changed': fact(['desk'], 'So many people are kept otherwise.', { viewers: Count }),
}

type Declared = typeof peopleFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
