import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the change log says no. */
export const changeRefusals = {
  change_not_undone: {
    kind: 'conflict',
    when: 'What cannot be added again with its settings alone, or has consequences of its own, is not undone from the log.',
  },
  changed_meanwhile: {
    kind: 'conflict',
    when: 'What is saved is not what the `If-Match` header says it was changed from: somebody saved it meanwhile. `data.now` is what is there, as JSON.',
  },
  change_overtaken: { kind: 'conflict', when: 'Somebody has changed the same thing since.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof changeRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
