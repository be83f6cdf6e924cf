import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of commands say no. */
export const commandRefusals = {
  command_invalid: {
    kind: 'invalid',
    when: 'The command’s words, arguments or steps are not valid; the sentence says which.',
  },
  command_not_allowed: { kind: 'forbidden', when: 'The command or trigger is not for this viewer.' },
  command_not_found: { kind: 'missing', when: 'There is no longer a command with this number.' },
  command_off: { kind: 'conflict', when: 'The command or trigger is switched off.' },
  command_off_air: { kind: 'conflict', when: 'It works only while the show is on air.' },
  command_wrong_place: { kind: 'conflict', when: 'It works in the room only, or privately only.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof commandRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
