import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of tallies say no. */
export const tallyRefusals = {
  tally_full: { kind: 'conflict', when: 'Nobody can have more of this tally.' },
  tally_invalid: { kind: 'invalid', when: 'The tally’s name or key is taken.' },
  tally_not_found: { kind: 'missing', when: 'There is no longer a tally with this number.' },
  tally_not_passed: { kind: 'conflict', when: 'This tally cannot be given away.' },
  tally_too_small: { kind: 'conflict', when: 'There is less of it to give away.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof tallyRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
