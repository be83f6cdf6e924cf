import { receiveEvent } from './events.ts'
import { matchSupporter } from './supporters.ts'
import { decideTip } from './waitingTips.ts'

/** How each intent of what other services report is decided, by its kind. */
export const eventHandlers = {
  'event.received': receiveEvent,
  'supporter.match': matchSupporter,
  'tip.decide': decideTip,
}
