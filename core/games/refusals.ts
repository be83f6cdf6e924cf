import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of games say no. */
export const gameRefusals = {
  bet_unclear: {
    kind: 'invalid',
    when: 'What was typed is not a bet on the wheel, or too many at once; the sentence shows three right ones.',
  },
  duel_none: { kind: 'conflict', when: 'There is no duel to accept, decline or withdraw.' },
  duel_not_possible: { kind: 'conflict', when: 'Somebody cannot be challenged to a duel now; the sentence says why.' },
  duel_open: {
    kind: 'conflict',
    when: 'The viewer already has an open duel, or too many open challenges are waiting.',
  },
  duel_with_self: { kind: 'invalid', when: 'Viewers cannot duel themselves.' },
  game_invalid: { kind: 'invalid', when: 'The game’s settings are not valid; the sentence says what to change.' },
  game_not_for_you: { kind: 'forbidden', when: 'The game is not open to this viewer.' },
  game_off: { kind: 'conflict', when: 'The game is switched off.' },
  game_off_air: { kind: 'conflict', when: 'The game is played only while the show is on air.' },
  joined_already: { kind: 'conflict', when: 'The viewer is already in this round.' },
  not_inside: { kind: 'conflict', when: 'The viewer is not in the round, or there is nothing to leave yet.' },
  payout_too_large: {
    kind: 'conflict',
    when: 'The wheel could have to pay more than the house limit. `data` says `most`, `houseLimit`.',
  },
  round_full: { kind: 'conflict', when: 'All places of the round are taken, or the rest are reserved.' },
  round_not_found: { kind: 'missing', when: 'There is no such round, or it has ended.' },
  round_running: { kind: 'conflict', when: 'A round is already on, or nobody can join any more.' },
  sit_out_unclear: { kind: 'invalid', when: 'Sitting out is for an hour to 366 days.' },
  sitting_out: { kind: 'conflict', when: 'The viewer barred themselves from wagering. `data` says `until`.' },
  stake_limit: {
    kind: 'conflict',
    when: 'What the viewer may stake now is below the smallest stake. `data` says `most`, `smallest`.',
  },
  stake_too_large: { kind: 'invalid', when: 'The stake is above what the viewer may stake now. `data` says `most`.' },
  stake_too_small: { kind: 'invalid', when: 'The stake is below the smallest. `data` says `smallest`.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof gameRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
