export { MOST_BYTES, tooLargeSentence } from './read.ts'
export { libraryRoutes } from './routes.ts'
export { serveMedia } from './serve.ts'
