export { type StarterParts, starterRoutes } from './routes.ts'
export { testViewerBy } from './testViewer.ts'
