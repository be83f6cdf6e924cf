import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of people say no. */
export const peopleRefusals = {
  adjustment_not_found: { kind: 'missing', when: 'No adjustment has this number.' },
  adjustment_too_old: {
    kind: 'conflict',
    when: 'An adjustment can be undone for ten minutes, a reset of everybody for a day.',
  },
  adjustment_undone: { kind: 'conflict', when: 'Somebody has already undone this adjustment.' },
  confirm_wrong: { kind: 'invalid', when: 'The confirmation text does not match.' },
  forget_present: { kind: 'conflict', when: 'Somebody in the room cannot be forgotten.' },
  hand_limit: { kind: 'conflict', when: 'The viewer has reached the daily limit for gifts. `data` says `left`.' },
  hand_to_self: { kind: 'conflict', when: 'Viewers cannot give currency to themselves.' },
  handing_off: { kind: 'conflict', when: 'Gifts between viewers are switched off.' },
  merge_present: { kind: 'conflict', when: 'The account to be merged is in the room.' },
  merge_with_self: { kind: 'invalid', when: 'An account cannot be merged with itself.' },
  note_not_found: { kind: 'missing', when: 'No note has this number, or it was removed.' },
  text_missing: { kind: 'invalid', when: 'The reward asks the buyer for a text.' },
  merge_test_viewer: { kind: 'conflict', when: 'The test viewer’s currency is in no figure, and would be if merged.' },
  viewer_ignored: { kind: 'forbidden', when: 'The account is ignored in this channel.' },
  viewer_known: { kind: 'conflict', when: 'Somebody with this account is already known.' },
  viewer_not_found: { kind: 'missing', when: 'None of the viewers is known in this channel.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof peopleRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
