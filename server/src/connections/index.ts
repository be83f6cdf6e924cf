export { EventTaken } from './answers.ts'
export { connectionRoutes } from './routes.ts'
