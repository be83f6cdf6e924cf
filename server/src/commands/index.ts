export { followUp } from './followUp.ts'
export { commandRoutes } from './routes.ts'
