import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of triggers say no. */
export const triggerRefusals = {
  person_missing: { kind: 'conflict', when: 'A step is about somebody, and there is nobody.' },
  redemption_not_waiting: { kind: 'conflict', when: 'This redemption has been decided already.' },
  trigger_invalid: { kind: 'invalid', when: 'The trigger is not valid; the sentence says why.' },
  trigger_not_found: { kind: 'missing', when: 'There is no longer a trigger with this number.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof triggerRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
