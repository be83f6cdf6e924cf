export { lastSeqOf, latestShowOf, openShowOf } from './read.ts'
export { showRoutes } from './routes.ts'
