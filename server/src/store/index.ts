export { rewardsOf } from './read.ts'
export { storeRoutes } from './routes.ts'
