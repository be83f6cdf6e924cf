import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of the show say no. */
export const showRefusals = {
  already_on_air: { kind: 'conflict', when: 'A show is on air; end it before starting the next.' },
  not_on_air: { kind: 'conflict', when: 'There is no show to end.' },
  show_end_too_early: { kind: 'invalid', when: 'A show cannot have ended before it began.' },
  show_still_settling: { kind: 'conflict', when: 'The last show’s watch time is being counted; it takes a moment.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof showRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
