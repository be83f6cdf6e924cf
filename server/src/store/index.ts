export { Holdings, Sales } from './answers.ts'
export { archivedOf, codeListsOf, holdingsIn, rewardsOf, salesOf, soldBy } from './read.ts'
export { storeRoutes } from './routes.ts'
export { buyableNow, periodOf } from './shelf.ts'
