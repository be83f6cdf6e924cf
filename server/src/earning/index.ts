export { payAllowances } from './allowance.ts'
export { InWatching } from './answers.ts'
export { tick } from './pay.ts'
export { earningRoutes, payByThePlan } from './routes.ts'
