import type { Seconds, UnixSeconds } from '../schema.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import { checkRights, type Doer } from './doer.ts'
import { type InvitationRow, invitations, memberOf, members } from './members.ts'
import type { Rights } from './rights.ts'

/** A link is good for so long. */
export const INVITATION_SECONDS: Seconds = 7 * 86_400
const MOST_OPEN = 50

/** The invitations that can still be used. */
export const openInvitations = (world: World): InvitationRow[] =>
  world
    .all(invitations)
    .filter(({ goneAt, usedAt, expiresAt }) => goneAt === null && usedAt === null && expiresAt > world.at)

export interface Invite {
  readonly kind: 'team.invite'
  readonly by: Doer
  /** The hash of the link's secret. */
  readonly hash: string
  readonly whom: string
  readonly account: string | null
  readonly rights: Rights
  readonly until: UnixSeconds | null
}

/** Makes a link by which one person can join. */
export const invite = {
  decide(world, { by, hash, whom, account, rights, until }) {
    const checked = checkRights(world, by, rights)
    if (!checked.ok) return checked
    if (until !== null && until <= world.at) return endsEarly()
    if (openInvitations(world).length >= MOST_OPEN)
      return refuse('invitation_full', `${MOST_OPEN} invitations are open. Take one back first.`)
    const row = world.put(invitations, {
      id: world.nextId(),
      ...{ hash, whom: whom.trim(), account, rights, until },
      by: by.account,
      madeAt: world.at,
      expiresAt: world.at + INVITATION_SECONDS,
      usedAt: null,
      goneAt: null,
    })
    world.fact('team.changed', 'desk', { account: null })
    return ok({ invitation: row.id, hash, expiresAt: row.expiresAt })
  },
} satisfies Handler<Invite>

export const endsEarly = () =>
  refuse('team_ends_early', 'The last day is over already. Choose one that is to come, or none.')

export interface TakeBackInvitation {
  readonly kind: 'team.takeBack'
  readonly invitation: number
}

/** Takes an invitation back: its link opens nothing from then on. */
export const takeBackInvitation = {
  decide(world, { invitation: id }) {
    const row = world.get(invitations, id)
    if (row === undefined || row.goneAt !== null)
      return refuse('invitation_not_found', 'This invitation no longer exists. Reload the page.')
    world.put(invitations, { ...row, goneAt: world.at })
    world.fact('team.changed', 'desk', { account: null })
    return ok({})
  },
} satisfies Handler<TakeBackInvitation>

export interface Join {
  readonly kind: 'team.join'
  readonly hash: string
  readonly who: { readonly account: string; readonly name: string; readonly owner: boolean }
}

/** Whether an invitation can be used at a time, by somebody who need not be known yet (null). */
export function checkOffer(
  row: InvitationRow | undefined,
  account: string | null,
  now: UnixSeconds,
): Result<InvitationRow> {
  if (row === undefined)
    return refuse(
      'invitation_not_found',
      'This link opens nothing: it was taken back, or a part of it is missing. Ask for a new one.',
    )
  if (row.usedAt !== null)
    return refuse(
      'invitation_used',
      'Somebody has joined by this link already; it is good for one person. Ask for one of your own.',
    )
  if (row.expiresAt <= now)
    return refuse('invitation_over', 'This link was good for a week, which is over. Ask for a new one.')
  if (account !== null && row.account !== null && row.account !== account)
    return refuse(
      'invitation_other',
      'This link is for somebody else’s account. Sign in with that one, or ask for a link of your own.',
    )
  return ok(row)
}

/** Joins the team by an invitation, which is used up by it. */
export const join = {
  decide(world, { hash, who }) {
    const row = world.all(invitations).find((one) => one.hash === hash && one.goneAt === null)
    const found = checkOffer(row, who.account, world.at)
    if (!found.ok) return found
    if (who.owner || memberOf(world, who.account) !== undefined)
      return refuse('member_already', 'You are in this team already. The link is still good for somebody else.')
    const { rights, until, by } = found.value
    world.put(invitations, { ...found.value, usedAt: world.at })
    const { id } = world.put(members, {
      id: world.nextId(),
      ...{ account: who.account, name: who.name, rights, until, by },
      owner: false,
      since: world.at,
      goneAt: null,
    })
    world.fact('team.changed', 'desk', { account: who.account })
    return ok({ member: id })
  },
} satisfies Handler<Join>
