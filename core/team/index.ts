export type { ChangeMember, EndMember, LeaveTeam } from './change.ts'
export type { Doer } from './doer.ts'
export { teamHandlers } from './handlers.ts'
export { checkOffer, INVITATION_SECONDS, type Invite, type Join, type TakeBackInvitation } from './invite.ts'
export { type InvitationRow, invitations, type MemberRow, memberOf, members } from './members.ts'
export {
  ALL_RIGHTS,
  AREA_NAMES,
  AREAS,
  type Area,
  beyond,
  LEVELS,
  type Level,
  levelInWords,
  may,
  NO_RIGHTS,
  READY_SETS,
  Rights,
  readySetOf,
  rightsInWords,
  storedRights,
} from './rights.ts'
export { type MakeToken, type RevokeToken, type TokenRow, tokens } from './tokens.ts'
