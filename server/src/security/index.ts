export { SecurityLog, type SecurityNote } from './log.ts'
export { securityRoutes } from './routes.ts'
