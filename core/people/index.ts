export {
  type AccountKey,
  type AccountRef,
  chatRef,
  FORGOTTEN,
  isAccountName,
  keyOf,
  NICK,
  refOf,
} from './account.ts'
export {
  type AdjustBalances,
  type AdjustmentRow,
  adjustBalances,
  adjustments,
  type How,
  MOST_ADJUSTED,
  UNDO_SECONDS,
  type UndoAdjustment,
  undoAdjustment,
} from './adjust.ts'
export { type BarredRow, barred } from './barred.ts'
export { type CircleRow, circles, hasRules, openCircles } from './circles.ts'
export { type HabitRow, habitOf, habits, needHabits } from './habits.ts'
export { type ChangeHanding, changeHanding, dayIn, handingSetting, handOn, mayHand } from './hand.ts'
export { peopleHandlers } from './handlers.ts'
export { type ImportKept, type ImportLine, type ImportPeople, importPeople, imports, MOST_IMPORTED } from './import.ts'
export {
  circlesCell,
  IMPORT_COLUMNS,
  type ImportColumn,
  type ImportColumns,
  type ImportProblem,
  type NamedCircle,
  readImport,
} from './importLine.ts'
export {
  type AddPerson,
  type ArchivePeople,
  addPerson,
  archivePeople,
  type IgnorePeople,
  ignorePeople,
  type KeepPerson,
  keepPerson,
  notes,
  type RemoveNote,
  rememberAlias,
  removeNote,
  type WriteNote,
  writeNote,
} from './keep.ts'
export { type LinkAccount, linkAccount } from './link.ts'
export { type ForgetPerson, forgetPerson, type MergePeople, mergePeople } from './merge.ts'
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
