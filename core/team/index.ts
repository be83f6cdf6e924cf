export type { ChangeMember, EndMember, LeaveTeam, MakeOwner } from './change.ts'
export type { Doer } from './doer.ts'
export { teamHandlers } from './handlers.ts'
export { checkOffer, INVITATION_SECONDS, type Invite, type Join, type TakeBackInvitation } from './invite.ts'
export { AREA_NAMES, AREAS, type Area, LEVELS, type Level, levelInWords, may } from './levels.ts'
export {
  type InvitationRow,
  invitations,
  type MemberRow,
  members,
  openMembers,
  rightsOfMember,
} from './members.ts'
export { ALL_RIGHTS, beyond, NO_RIGHTS, READY_SETS, Rights, readySetOf, rightsInWords, storedRights } from './rights.ts'
export { type MakeToken, type RevokeToken, type TokenRow, tokens } from './tokens.ts'
