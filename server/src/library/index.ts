export { readContent } from './keep.ts'
export { libraryRoutes } from './routes.ts'
export { serveMedia } from './serve.ts'
