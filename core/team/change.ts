import type { UnixSeconds } from '../schema.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import { checkRights, type Doer } from './doer.ts'
import { endsEarly } from './invite.ts'
import { type MemberRow, memberOf, members, openMembers } from './members.ts'
import type { Rights } from './rights.ts'

function needMember(world: World, id: number): Result<MemberRow> {
  const row = openMembers(world).find((one) => one.id === id)
  return row === undefined
    ? refuse('member_not_found', 'This person is no longer in the team. Reload the page.')
    : ok(row)
}

export interface ChangeMember {
  readonly kind: 'team.change'
  readonly by: Doer
  readonly member: number
  readonly rights: Rights
  readonly until: UnixSeconds | null
}

/** Changes what a member may do, and up to when. */
export const changeMember = {
  decide(world, { by, member: id, rights, until }) {
    const found = needMember(world, id)
    if (!found.ok) return found
    for (const one of [found.value.rights, rights]) {
      const checked = checkRights(world, by, one)
      if (!checked.ok) return checked
    }
    if (until !== null && until <= world.at) return endsEarly()
    world.put(members, { ...found.value, rights, until })
    const { account } = found.value
    world.fact('team.changed', 'desk', { account })
    return ok({ account })
  },
} satisfies Handler<ChangeMember>

export interface EndMember {
  readonly kind: 'team.end'
  readonly by: Doer
  readonly member: number
}

/** Takes somebody out of the team. */
export const endMember = {
  decide(world, { by, member: id }) {
    const found = needMember(world, id)
    if (!found.ok) return found
    const checked = checkRights(world, by, found.value.rights)
    if (!checked.ok) return checked
    return leave(world, found.value)
  },
} satisfies Handler<EndMember>

export interface LeaveTeam {
  readonly kind: 'team.leave'
  readonly account: string
}

/** Leaves the team by oneself. */
export const leaveTeam = {
  decide(world, { account }) {
    const row = memberOf(world, account)
    return row === undefined ? refuse('member_not_found', 'You are not in this team.') : leave(world, row)
  },
} satisfies Handler<LeaveTeam>

function leave(world: World, row: MemberRow): Result<{ readonly account: string }> {
  world.put(members, { ...row, goneAt: world.at })
  world.fact('team.changed', 'desk', { account: row.account })
  return ok({ account: row.account })
}
