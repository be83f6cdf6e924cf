export { Claim, claimChannel, newClaimCode, SLUG } from './claim.ts'
