import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of people say no. */
export const peopleRefusals = {
  adjustment_not_found: { kind: 'missing', when: 'No correction by hand has this number.' },
  adjustment_too_old: {
    kind: 'conflict',
    when: 'A correction can be taken back for ten minutes, a reset of everybody for a day.',
  },
  adjustment_undone: { kind: 'conflict', when: 'Somebody has taken this correction back already.' },
  confirm_wrong: { kind: 'invalid', when: 'What was typed to confirm is not what had to be typed.' },
  forget_present: { kind: 'conflict', when: 'Somebody in the room cannot be forgotten.' },
  hand_limit: { kind: 'conflict', when: 'A viewer has passed on as much as one may in a day. `data` says `left`.' },
  hand_to_self: { kind: 'conflict', when: 'Nobody passes currency on to themselves.' },
  handing_off: { kind: 'conflict', when: 'Passing currency on is switched off.' },
  merge_present: { kind: 'conflict', when: 'The account to be given up is in the room.' },
  merge_with_self: { kind: 'invalid', when: 'An account cannot be merged with itself.' },
  note_not_found: { kind: 'missing', when: 'No note has this number, or it was removed.' },
  text_missing: { kind: 'invalid', when: 'The reward asks the buyer for a text.' },
  viewer_ignored: { kind: 'forbidden', when: 'The account is ignored in this channel.' },
  viewer_known: { kind: 'conflict', when: 'Somebody with this account is known already.' },
  viewer_not_found: { kind: 'missing', when: 'None of the viewers is known in this channel.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof peopleRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
