import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of the store say no. */
export const storeRefusals = {
  answer_wrong: {
    kind: 'invalid',
    when: 'The buyer’s answer does not fit what the reward asks for; the sentence says what would.',
  },
  codes_invalid: { kind: 'invalid', when: 'A list of codes holds as many as it can.' },
  order_not_done: { kind: 'conflict', when: 'Only an order that somebody marked done can be reopened.' },
  order_not_found: { kind: 'missing', when: 'No order has this number.' },
  order_not_waiting: {
    kind: 'conflict',
    when: 'Somebody has already done or refunded it. `data.status` says which.',
  },
  rests: { kind: 'conflict', when: 'It is on cooldown for everyone. `data.until` says until when.' },
  rests_own: { kind: 'conflict', when: 'It is on cooldown for this viewer. `data.until` says until when.' },
  reward_closed: { kind: 'conflict', when: 'The reward is not for sale at the moment.' },
  reward_hours: {
    kind: 'forbidden',
    when: 'The reward needs more hours watched. `data` says how many seconds are `missing`.',
  },
  reward_limit_own: { kind: 'conflict', when: 'The viewer has reached the reward’s limit per viewer.' },
  reward_locked: { kind: 'forbidden', when: 'The reward needs a secret word.' },
  reward_not_for_you: { kind: 'forbidden', when: 'The viewer is none of those who may buy it.' },
  reward_not_found: { kind: 'missing', when: 'No reward has this word; the sentence lists those there are.' },
  reward_not_yet: { kind: 'conflict', when: 'The time from which it is for sale has not come.' },
  reward_off_air: { kind: 'conflict', when: 'It is for sale only while the show is on air.' },
  reward_over: { kind: 'conflict', when: 'The time until which it was for sale is over.' },
  reward_sold_out: { kind: 'conflict', when: 'None is left; the sentence says when there will be.' },
  text_too_long: { kind: 'invalid', when: 'The buyer’s text is longer than 200 characters.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof storeRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
