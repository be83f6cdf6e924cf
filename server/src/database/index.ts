export { type Client, connect, migrateUp, type Pool, type Reader, reader } from './connect.ts'
export * as schema from './schema.ts'
