import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of who may, and how often, say no. */
export const accessRefusals = {
  arguments_wrong: {
    kind: 'invalid',
    when: 'What was typed behind a command does not fit; the sentence is how it is called.',
  },
  name_unknown: { kind: 'invalid', when: 'Nobody here has the name that was typed.' },
  name_unsure: { kind: 'invalid', when: 'More than one person could be meant; the sentence names them.' },
  used_up: { kind: 'conflict', when: 'It has been done as often as allowed in this show.' },
  used_up_own: { kind: 'conflict', when: 'This viewer has used it as often as allowed in a show.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof accessRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
