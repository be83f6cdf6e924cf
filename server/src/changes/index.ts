export { changeRoutes } from './routes.ts'
