export { lastSeqOf, openShowOf } from './read.ts'
export { showRoutes } from './routes.ts'
