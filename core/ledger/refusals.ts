import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of transfers say no. */
export const ledgerRefusals = {
  amount_not_whole: { kind: 'invalid', when: 'An amount must be a whole number above 0.' },
  amount_too_large: { kind: 'invalid', when: 'A balance would pass 2^53 - 1.' },
  balance_too_small: {
    kind: 'conflict',
    when: 'The wallet holds less than the price. `data` says `price`, `balance`, `short`.',
  },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof ledgerRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
