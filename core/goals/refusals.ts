import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons the rules of goals say no. */
export const goalRefusals = {
  goal_below: { kind: 'conflict', when: 'The target would be no more than what is in the goal already.' },
  goal_ended: { kind: 'conflict', when: 'The goal is reached, over or called off; it takes no more.' },
  goal_fixed: { kind: 'conflict', when: 'Somebody has chipped in already: what was promised cannot change any more.' },
  goal_invalid: {
    kind: 'invalid',
    when: 'The goal’s settings contradict one another or name something that is not there.',
  },
  goal_largest: { kind: 'conflict', when: 'One person can have only so much in it. `data` says `most`.' },
  goal_not_for_you: { kind: 'forbidden', when: 'The goal is not open to this viewer.' },
  goal_not_found: { kind: 'missing', when: 'No goal has this number, or the goal has ended.' },
  goal_not_in: { kind: 'conflict', when: 'The viewer has nothing in this goal.' },
  goal_off_air: { kind: 'conflict', when: 'One can chip in only while the show is on air.' },
  goal_smallest: { kind: 'invalid', when: 'The part is below the smallest. `data` says `smallest`.' },
  goal_typed: { kind: 'invalid', when: 'What was typed names no goal or no amount; the sentence shows how.' },
  goal_withdraw: { kind: 'conflict', when: 'Parts cannot be taken back here.' },
  goals_full: { kind: 'conflict', when: 'As many goals are open or planned as can be.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof goalRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
