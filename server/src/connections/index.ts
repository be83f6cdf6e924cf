export { connectionRoutes } from './routes.ts'
