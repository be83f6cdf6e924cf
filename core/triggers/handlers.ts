import { changeOutside } from './outside.ts'
import { pressButton } from './press.ts'
import { decideRedemption, runTrigger, tickTrigger } from './run.ts'
import { removeTrigger, saveTrigger, switchTrigger } from './save.ts'

/** How each intent of triggers is decided, by its kind. */
export const triggerHandlers = {
  'button.press': pressButton,
  'outside.change': changeOutside,
  'redemption.decide': decideRedemption,
  'trigger.remove': removeTrigger,
  'trigger.run': runTrigger,
  'trigger.save': saveTrigger,
  'trigger.switch': switchTrigger,
  'trigger.tick': tickTrigger,
}
