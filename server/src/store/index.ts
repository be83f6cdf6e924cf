export { storeRoutes } from './routes.ts'
