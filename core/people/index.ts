export {
  type AccountKey,
  type AccountRef,
  accountInWords,
  chatRef,
  FORGOTTEN,
  isAccountName,
  keyOf,
  NICK,
  OWN_ISSUERS,
  refOf,
  signInAccount,
} from './account.ts'
export {
  type AdjustBalances,
  adjustByHand,
  MOST_ADJUSTED,
  type UndoAdjustment,
} from './adjust.ts'
export { type AdjustmentRow, adjustments, type How } from './adjustments.ts'
export { barred } from './barred.ts'
export { type CircleRow, CircleRules, circles, hasRules, openCircles, savedCircles, storedRules } from './circles.ts'
export { type HabitRow, habitOf, habits, needHabits } from './habits.ts'
export { dayIn, GiftRules, gift, giftSetting, mayGift } from './hand.ts'
export { peopleHandlers } from './handlers.ts'
export { type ImportLine, imports, MOST_IMPORTED } from './import.ts'
export {
  circlesCell,
  IMPORT_COLUMNS,
  type ImportColumn,
  type ImportColumns,
  type ImportProblem,
  type NamedCircle,
  readImport,
} from './importLine.ts'
export { type DateOrder, dateOrderOf } from './importTime.ts'
export {
  notes,
  rememberAlias,
} from './keep.ts'
export type { LinkAccount } from './link.ts'
export type { ForgetPerson, MergePeople } from './merge.ts'
export { shownName } from './names.ts'
export {
  circleStanding,
  holds,
  PLAIN_STANDINGS,
  type Standing,
  type StandingFacts,
  standingName,
  standingsOf,
  subscribes,
} from './standing.ts'
export { isTestViewer, TEST } from './testViewer.ts'
export { UNDO_SECONDS } from './undo.ts'
export {
  aliases,
  findViewer,
  meet,
  needPayee,
  needPerson,
  needViewer,
  payeeOf,
  type ViewerRow,
  viewers,
  type Who,
} from './viewers.ts'
export {
  ATTENDED_SECONDS,
  attend,
  attendedOfLast,
  needWatch,
  SHOWS_KNOWN,
  type WatchRow,
  watches,
  watchOf,
} from './watch.ts'
