export { overlaysOf, screenOf } from './read.ts'
export { newSecret, screenRoutes } from './routes.ts'
