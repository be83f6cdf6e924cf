export { Claim, claimChannel, newClaimCode } from './claim.ts'
