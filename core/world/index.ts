export { derived } from './derived.ts'
export {
  type DeclaredFact,
  type Fact,
  type FactBody,
  type FactKind,
  type Facts,
  fact,
  type KindFor,
  type Listener,
  type Unchangeable,
} from './facts.ts'
export type { Answer, Handler } from './handler.ts'
export { keyedBy, keysOf } from './keyed.ts'
export type { DeclaredMoment, Figure, Moment, MomentFigures, MomentKind, Moments } from './moments.ts'
export {
  type DeclaredRefusal,
  ok,
  type Refusal,
  type RefusalCode,
  type RefusalKind,
  type Refusals,
  type Result,
  refuse,
} from './result.ts'
export { RowNotLoaded, Rows } from './rows.ts'
export { type Collection, type SavedRow, savedCollection } from './saved.ts'
export { type KeptValue, keptOf, type ReadValue, readStored, type Stored, stored, textIn } from './stored.ts'
export { defineTable, type Key, type Need, needKey, needLookup, needName, noId, type Table, viewerIn } from './table.ts'
export type { Job, Jobs, TimedIntent, TimedIntents, Timer } from './timers.ts'
export {
  type ChangedRow,
  type Changes,
  type Envelope,
  World,
} from './world.ts'
