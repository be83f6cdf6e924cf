export { fairnessRoutes } from './routes.ts'
export { newSeed, rotateSeed, settleIn } from './seed.ts'
