export { makeOpeningCode, newClaimCode, openingCodes, takeBackOpeningCode } from './code.ts'
export { Claim, isFree, type OpeningRules, type Openings, openChannel, SLUG } from './open.ts'
export { openChannels } from './read.ts'
export { type OpeningParts, openingRoutes } from './routes.ts'
