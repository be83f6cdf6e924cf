export { makeOpeningCode, newClaimCode, openingCodes, takeBackOpeningCode } from './code.ts'
export { isFree, type OpeningRules, SLUG } from './open.ts'
export { type OpeningParts, openingRoutes } from './routes.ts'
