export { adjustMany } from './adjustMany.ts'
export { peopleRoutes } from './routes.ts'
export { presentIds } from './table.ts'
export { viewerByAccount, viewerIdOf } from './viewers.ts'
