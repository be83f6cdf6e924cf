export { type OperatorParts, operatorRoutes } from './routes.ts'
