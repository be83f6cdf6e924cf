export { alertsOf, alertsPaused, mediaOf, overlayById, overlaysOf, screenOf } from './read.ts'
export { screenRoutes } from './routes.ts'
export { newSecret } from './secret.ts'
