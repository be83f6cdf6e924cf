import { allowancePaid, payAllowance } from './allowance.ts'
import { changePlan, draftPlan } from './change.ts'
import { changeZone } from './changeZone.ts'
import { endGap, noteGap, payGap } from './gap.ts'
import { payPresent, scheduleTick } from './payments.ts'
import { arrive, leave } from './presence.ts'
import { settleShow } from './settleShow.ts'

/** How each intent of presence and pay is decided, by its kind. */
export const earningHandlers = {
  'channel.zone': changeZone,
  'earning.allowance': payAllowance,
  'earning.allowancePaid': allowancePaid,
  'earning.change': changePlan,
  'earning.draft': draftPlan,
  'earning.endGap': endGap,
  'earning.pay': payPresent,
  'earning.payGap': payGap,
  'earning.schedule': scheduleTick,
  'presence.arrived': arrive,
  'presence.gap': noteGap,
  'presence.left': leave,
  'show.settled': settleShow,
}
