import type { Step, StepKind } from '#core/steps'
import { alertForm } from './kinds/alert.tsx'
import { betForm } from './kinds/bet.tsx'
import { callForm } from './kinds/call.tsx'
import { chooseForm } from './kinds/choose.ts'
import { circleForm } from './kinds/circle.tsx'
import { orderForm } from './kinds/order.tsx'
import { payForm } from './kinds/pay.tsx'
import { raffleForm } from './kinds/raffle.tsx'
import { roundForm } from './kinds/round.tsx'
import { saleForm } from './kinds/sale.tsx'
import { sayForm } from './kinds/say.tsx'
import { soundForm } from './kinds/sound.tsx'
import { takeForm } from './kinds/take.tsx'
import { tallyForm } from './kinds/tally.tsx'
import { tellForm } from './kinds/tell.tsx'
import { ticketsForm } from './kinds/tickets.tsx'
import { waitForm } from './kinds/wait.tsx'
import { whenForm } from './kinds/when.ts'
import type { StepForm } from './stepForm.ts'

/** How each kind of step is shown, in the order in which they are offered. */
const FORMS: { readonly [K in StepKind]: StepForm<K> } = {
  say: sayForm,
  tell: tellForm,
  pay: payForm,
  take: takeForm,
  tally: tallyForm,
  order: orderForm,
  sale: saleForm,
  alert: alertForm,
  round: roundForm,
  raffle: raffleForm,
  tickets: ticketsForm,
  bet: betForm,
  sound: soundForm,
  circle: circleForm,
  choose: chooseForm,
  when: whenForm,
  wait: waitForm,
  call: callForm,
}

export const STEP_KINDS = Object.keys(FORMS) as StepKind[]

/** How a kind of step is shown: a step bears its kind, by which its form is found. */
export const formOf = (kind: Step['do']): StepForm<StepKind> => FORMS[kind] as StepForm<StepKind>
