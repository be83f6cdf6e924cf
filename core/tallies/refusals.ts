import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of tallies say no. */
export const tallyRefusals = {
  tally_full: { kind: 'conflict', when: 'Nobody can have more of this tally.' },
  tally_invalid: { kind: 'invalid', when: 'A tally cannot be so: its name or its key is taken.' },
  tally_not_found: { kind: 'missing', when: 'There is no tally with this number any more.' },
  tally_not_passed: { kind: 'conflict', when: 'This tally cannot be passed on.' },
  tally_too_small: { kind: 'conflict', when: 'There is less of it to pass on.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof tallyRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
