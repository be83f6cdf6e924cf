import { changeMember, endMember, leaveTeam, makeOwner } from './change.ts'
import { invite, join, takeBackInvitation } from './invite.ts'
import { makeToken, revokeToken } from './tokens.ts'

/** How each intent of the team is decided, by its kind. */
export const teamHandlers = {
  'team.change': changeMember,
  'team.end': endMember,
  'team.invite': invite,
  'team.join': join,
  'team.leave': leaveTeam,
  'team.owner': makeOwner,
  'team.revokeToken': revokeToken,
  'team.takeBack': takeBackInvitation,
  'team.token': makeToken,
}
