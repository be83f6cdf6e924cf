export { payAllowances } from './allowance.ts'
export { tick } from './pay.ts'
export { earningRoutes } from './routes.ts'
