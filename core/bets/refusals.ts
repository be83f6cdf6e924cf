import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of bets say no. */
export const betRefusals = {
  bet_fixed: { kind: 'conflict', when: 'Somebody has bet already: what they bet on cannot change any more.' },
  bet_invalid: {
    kind: 'invalid',
    when: 'The bet’s settings contradict one another or name something that is not there.',
  },
  bet_locked: { kind: 'conflict', when: 'Betting is closed; the server’s clock decides.' },
  bet_most: { kind: 'conflict', when: 'The viewer has laid as many bets on it as one person can.' },
  bet_not_found: { kind: 'missing', when: 'No bet or template has this number, or the bet has ended.' },
  bet_not_for_you: { kind: 'forbidden', when: 'The bet is not open to this viewer.' },
  bet_not_in: { kind: 'conflict', when: 'The viewer has nothing in this bet.' },
  bet_not_locked: { kind: 'conflict', when: 'The bet must be locked before a winner can be picked.' },
  bet_off_air: { kind: 'conflict', when: 'The bet is laid only while the show is on air.' },
  bet_other_outcome: { kind: 'conflict', when: 'The viewer has bet on another outcome, and only one is allowed.' },
  bet_paying: { kind: 'conflict', when: 'The bet is being paid or refunded: it cannot be changed any more.' },
  bet_picked: { kind: 'conflict', when: 'Somebody has picked a winner already; the sentence says who and which.' },
  bet_take_back: { kind: 'conflict', when: 'Bets cannot be taken back here.' },
  bet_typed: { kind: 'invalid', when: 'What was typed names no outcome or no amount; the sentence shows how.' },
  bets_full: { kind: 'conflict', when: 'As many bets run as can at once.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof betRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
