export { readContent } from './keep.ts'
export { readUpload } from './read.ts'
export { libraryRoutes } from './routes.ts'
export { serveMedia } from './serve.ts'
