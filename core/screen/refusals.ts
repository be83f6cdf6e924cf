import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of the screen say no. */
export const screenRefusals = {
  alert_invalid: { kind: 'invalid', when: 'An alert shows nothing, or names a field that there is not.' },
  alert_not_found: { kind: 'missing', when: 'No alert has this number any more.' },
  overlay_invalid: { kind: 'invalid', when: 'The pieces of an overlay cannot be so; the sentence says why.' },
  overlay_not_found: { kind: 'missing', when: 'No overlay has this number.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof screenRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
