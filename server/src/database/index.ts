export { type Client, connect, connectWriter, migrateUp, type Pool, type Reader, reader } from './connect.ts'
export * as schema from './schema.ts'
