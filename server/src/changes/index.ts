export { openFormRoutes } from './openForms.ts'
export { changeRoutes } from './routes.ts'
