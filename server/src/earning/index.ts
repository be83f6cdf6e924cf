export { tick } from './pay.ts'
export { earningRoutes } from './routes.ts'
