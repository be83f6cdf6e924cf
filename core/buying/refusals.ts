import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of buying say no. */
export const buyingRefusals = {
  address_missing: { kind: 'invalid', when: 'What comes by post is bought on the page, with an address.' },
  confirm_missing: { kind: 'invalid', when: 'The buyer has not confirmed what the reward wants confirmed.' },
  order_twice: {
    kind: 'conflict',
    when: 'The same was ordered some seconds ago; sent again with `again`, it is meant.',
  },
  reward_invalid: {
    kind: 'invalid',
    when: 'The reward’s limits, steps or references are not valid; the sentence says what to change.',
  },
  test_gets_no_code: { kind: 'conflict', when: 'The test viewer would get a code, and codes are real.' },
  secret_wrong: { kind: 'invalid', when: 'The word opens nothing.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof buyingRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
