import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of runs say no. */
export const runRefusals = {
  run_not_waiting: { kind: 'conflict', when: 'This run has ended.' },
  steps_too_many: {
    kind: 'conflict',
    when: 'The run has too many steps, or commands that call one another.',
  },
  too_many_people: { kind: 'invalid', when: 'A step can be about 10,000 people at most.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof runRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
