export { type StarterParts, starterRoutes } from './routes.ts'
