export { payAllowances } from './allowance.ts'
export { payEveryone, tick } from './pay.ts'
export { earningRoutes } from './routes.ts'
