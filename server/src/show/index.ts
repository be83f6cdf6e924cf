export { lastSeqOf, latestShowOf, openShowOf, recentChat } from './read.ts'
export { showRoutes } from './routes.ts'
