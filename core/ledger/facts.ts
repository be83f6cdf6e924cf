import { Type } from '@sinclair/typebox'
import { Amount, Count } from '../schema.ts'
import { fact } from '../world/index.ts'
import type { Reason } from './transfer.ts'

/** What is told of balances. */
export const ledgerFacts = {
  'balance.changed': fact(['viewer'], 'What somebody holds has changed.', { balance: Amount }),
  'balance.full': fact(['viewer'], 'A wallet had no room for all that was owed.', {
    owed: Count,
    paid: Amount,
    reason: Type.Unsafe<Reason>(Type.String()),
  }),
}

type Declared = typeof ledgerFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
