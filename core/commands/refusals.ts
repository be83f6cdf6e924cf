import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of commands say no. */
export const commandRefusals = {
  command_invalid: {
    kind: 'invalid',
    when: 'A command cannot be so: its words, arguments or one of its steps; the sentence names which.',
  },
  command_not_allowed: { kind: 'forbidden', when: 'The command or trigger is not for this viewer.' },
  command_not_found: { kind: 'missing', when: 'There is no command with this number any more.' },
  command_off: { kind: 'conflict', when: 'The command or trigger is switched off.' },
  command_off_air: { kind: 'conflict', when: 'It works only while the show is on air.' },
  command_wrong_place: { kind: 'conflict', when: 'It is to be said in the room, or to the bot alone.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof commandRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
