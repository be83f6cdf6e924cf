export { type ChangeRow, changes, logChanges } from './log.ts'
export { areaOfChange, type Content, changedInWords, LOGGED, loggedOf } from './logged.ts'
export { sameContent } from './sameContent.ts'
