export { type ChangeRow, changedMeanwhile, changes, checkChangedFrom, logChanges } from './log.ts'
export { areaOfChange, type Content, changedInWords, LOGGED, loggedOf, mayRead } from './logged.ts'
export { markOf } from './mark.ts'
export { sameContent } from './sameContent.ts'
