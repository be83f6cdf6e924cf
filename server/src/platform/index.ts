export { platformRewardRoutes } from './routes.ts'
