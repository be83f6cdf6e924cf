import { firstFault } from '../faults.ts'
import { ok, type Result, refuse, type World } from '../world/index.ts'
import { memberOf, rightsOfMember } from './members.ts'
import { ALL_RIGHTS, beyond, NO_RIGHTS, type Rights } from './rights.ts'

/** Who changes the team. */
export interface Doer {
  readonly account: string
  readonly owner: boolean
}

/** What somebody may do now. */
export function rightsOf(world: World, { account, owner }: Doer): Rights {
  if (owner) return ALL_RIGHTS
  const member = memberOf(world, account)
  return member === undefined ? NO_RIGHTS : rightsOfMember(member)
}

/** Whether somebody may give such rights, or touch who has them: nobody reaches beyond their own. */
export function checkRights(world: World, by: Doer, rights: Rights): Result<true> {
  const fault = firstFault(beyond(rights, rightsOf(world, by)))
  return fault === undefined ? ok(true) : refuse('rights_beyond', `That goes beyond your own rights. ${fault}`)
}
