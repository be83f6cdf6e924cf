import type { Step, StepKind } from '../steps/index.ts'
import { alert } from './kinds/alert.ts'
import { bet } from './kinds/bet.ts'
import { call } from './kinds/call.ts'
import { choose } from './kinds/choose.ts'
import { circle } from './kinds/circle.ts'
import { order } from './kinds/order.ts'
import { pay } from './kinds/pay.ts'
import { raffle } from './kinds/raffle.ts'
import { round } from './kinds/round.ts'
import { sale } from './kinds/sale.ts'
import { say } from './kinds/say.ts'
import { sound } from './kinds/sound.ts'
import { take } from './kinds/take.ts'
import { tally } from './kinds/tally.ts'
import { tell } from './kinds/tell.ts'
import { tickets } from './kinds/tickets.ts'
import { wait } from './kinds/wait.ts'
import { when } from './kinds/when.ts'
import type { StepRule } from './rule.ts'

/** What there is to each kind of step. */
const RULES: { readonly [K in StepKind]: StepRule<K> } = {
  alert,
  bet,
  call,
  choose,
  circle,
  order,
  pay,
  raffle,
  round,
  sale,
  say,
  sound,
  take,
  tally,
  tell,
  tickets,
  wait,
  when,
}

/** What there is to a step: it bears its kind, by which its rule is found. */
export const ruleOf = ({ do: kind }: Step): StepRule<StepKind> => RULES[kind] as StepRule<StepKind>
