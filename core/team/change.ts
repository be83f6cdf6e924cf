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

/** Whether somebody may change a member, or take them out: nobody touches who may more, and owners only owners do. */
function checkTouched(world: World, by: Doer, { owner, rights, name }: MemberRow): Result<true> {
  if (owner && !by.owner) return refuse('rights_beyond', `${name} is an owner: only owners change that.`)
  return checkRights(world, by, rights)
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
    const touched = checkTouched(world, by, found.value)
    const checked = touched.ok ? checkRights(world, by, rights) : touched
    if (!checked.ok) return checked
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
    const checked = checkTouched(world, by, found.value)
    if (!checked.ok) return checked
    return leave(world, found.value)
  },
} satisfies Handler<EndMember>

export interface MakeOwner {
  readonly kind: 'team.owner'
  readonly by: Doer
  readonly member: number
  readonly owner: boolean
}

/** Makes somebody of the team one of the owners, or not any more. Whoever opened the channel stays one: there is always an owner. */
export const makeOwner = {
  decide(world, { by, member: id, owner }) {
    if (!by.owner) return refuse('rights_beyond', 'Only an owner makes somebody an owner.')
    const found = needMember(world, id)
    if (!found.ok) return found
    const { account } = world.put(members, { ...found.value, owner, ...(owner && { until: null }) })
    world.fact('team.changed', 'desk', { account })
    return ok({ account })
  },
} satisfies Handler<MakeOwner>

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
