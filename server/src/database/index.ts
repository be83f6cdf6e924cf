export { type Client, connect, connectWriter, type Pool, type Reader, reader } from './connect.ts'
export { migrateUp } from './migrate.ts'
export * as schema from './schema.ts'
