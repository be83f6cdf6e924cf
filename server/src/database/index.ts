export { type Client, connect, connectWriter, type Pool, type Reader, reader } from './connect.ts'
export {
  columnName,
  columnsOf,
  type DeclaredTable,
  type Instead,
  keysOf,
  type Merging,
  type Sum,
  sqlName,
  type Theirs,
} from './declared.ts'
export { faultOf, keptInColumns, readKept } from './keptJson.ts'
export { migrateUp } from './migrate.ts'
export { onlyRow } from './onlyRow.ts'
export { unsealedSetting, withSeed } from './openSeed.ts'
export { PEOPLE } from './personal.ts'
export { prepared } from './prepared.ts'
export { restrict, roleOf } from './restrict.ts'
export * as schema from './schema.ts'
export { EVENT_SECRET } from './services.ts'
export { WEBHOOK_SECRET } from './webhooks.ts'
