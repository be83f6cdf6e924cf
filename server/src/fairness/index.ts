export { fairnessRoutes } from './routes.ts'
export { newSeed, rotateSeed } from './seed.ts'
