import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of commands say no. */
export const commandRefusals = {
  address_missing: { kind: 'invalid', when: 'What comes by post is bought on the page, with an address.' },
  command_invalid: {
    kind: 'invalid',
    when: 'A command cannot be so: its words, arguments or one of its steps; the sentence names which.',
  },
  command_not_allowed: { kind: 'forbidden', when: 'The command or trigger is not for this viewer.' },
  command_not_found: { kind: 'missing', when: 'There is no command with this number any more.' },
  command_off: { kind: 'conflict', when: 'The command or trigger is switched off.' },
  command_off_air: { kind: 'conflict', when: 'It works only while the show is on air.' },
  command_wrong_place: { kind: 'conflict', when: 'It is to be said in the room, or to the bot alone.' },
  confirm_missing: { kind: 'invalid', when: 'The buyer has not confirmed what the reward wants confirmed.' },
  order_twice: {
    kind: 'conflict',
    when: 'The same was ordered some seconds ago; sent again with `again`, it is meant.',
  },
  raffle_fixed: {
    kind: 'conflict',
    when: 'What people went by when they entered cannot change once the raffle is open.',
  },
  returns_too_much: { kind: 'invalid', when: 'The game would pay out more than it takes, and that was not confirmed.' },
  reward_invalid: {
    kind: 'invalid',
    when: 'A reward cannot be so: its limits, its steps, or what it refers to; the sentence says what to change.',
  },
  run_not_waiting: { kind: 'conflict', when: 'This run has ended.' },
  secret_wrong: { kind: 'invalid', when: 'The word opens nothing.' },
  steps_too_many: {
    kind: 'conflict',
    when: 'A run came to more steps, or commands calling one another, than there is room for.',
  },
  too_many_people: { kind: 'invalid', when: 'A step can be about 10,000 people at most.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof commandRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
