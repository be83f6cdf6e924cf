export { payAllowances } from './allowance.ts'
export { InWatching } from './answers.ts'
export { tick } from './pay.ts'
export { earningRoutes } from './routes.ts'
