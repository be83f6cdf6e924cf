export { peopleRoutes } from './routes.ts'
export { viewerByAccount, viewerIdOf } from './viewers.ts'
