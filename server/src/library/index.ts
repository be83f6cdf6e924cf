export { readContent } from './keep.ts'
export { MOST_BYTES, tooLargeSentence } from './read.ts'
export { libraryRoutes } from './routes.ts'
export { serveMedia } from './serve.ts'
