import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of the screen say no. */
export const screenRefusals = {
  alert_invalid: { kind: 'invalid', when: 'An alert shows nothing, or names a field that there is not.' },
  alert_not_found: { kind: 'missing', when: 'There is no longer an alert with this number.' },
  overlay_invalid: { kind: 'invalid', when: 'The overlay’s pieces are not valid; the sentence says why.' },
  overlay_not_found: { kind: 'missing', when: 'No overlay has this number.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof screenRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
