export { type EventRow, events, type ReceiveEvent, receiveEvent } from './events.ts'
export { CloudEvent, EVENT_DATA, EventKind, isEventKind } from './schema.ts'
export { type MatchSupporter, matchSupporter, type SupporterRow, supporters } from './supporters.ts'
export { type DecideTip, decideTip, type WaitingTipRow, waitingTips } from './waitingTips.ts'
