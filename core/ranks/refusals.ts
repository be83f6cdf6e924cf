import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of ranks and circles say no. */
export const rankRefusals = {
  circle_invalid: { kind: 'invalid', when: 'A circle’s name is taken, or its rules contradict each other.' },
  circle_not_found: { kind: 'missing', when: 'No circle has this number, or it was closed.' },
  ranks_invalid: { kind: 'invalid', when: 'Ranks are out of order, or two of them are alike.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof rankRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
