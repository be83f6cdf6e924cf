export { desksOf } from './read.ts'
export { teamRoutes } from './routes.ts'
export { goodStill, hashOfToken, noteTokenUse, TOKEN_IN_TEXT, tokenBy } from './token.ts'
