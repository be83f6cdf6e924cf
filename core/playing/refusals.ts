import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of playing say no. */
export const playingRefusals = {
  returns_too_much: { kind: 'invalid', when: 'The game would pay out more than it takes, and that was not confirmed.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof playingRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
