import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of entering raffles say no. */
export const enteringRefusals = {
  raffle_fixed: {
    kind: 'conflict',
    when: 'The terms people entered on cannot change once the raffle is open.',
  },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof enteringRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
