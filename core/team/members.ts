import type { UnixSeconds } from '../schema.ts'
import { defineTable, type World } from '../world/index.ts'
import { ALL_RIGHTS, type Rights } from './rights.ts'

/** Somebody who may use the desk, besides whoever opened the channel. */
export interface MemberRow {
  readonly id: number
  readonly account: string
  readonly name: string
  readonly rights: Rights
  /** One of the owners: they may everything, whatever their rights say. */
  readonly owner: boolean
  /** Account of who invited them. */
  readonly by: string
  readonly since: UnixSeconds
  /** Up to when they may; null: without end. */
  readonly until: UnixSeconds | null
  readonly goneAt: UnixSeconds | null
}

/** Members who have left are not loaded. */
export const members = defineTable<MemberRow>('member', 'whole', (row) => row.id, ['account'])

/** A link by which one person can join the team, once. */
export interface InvitationRow {
  readonly id: number
  /** The hash of the secret in the link, which is kept nowhere. */
  readonly hash: string
  /** For whom it is, in the words of who made it. */
  readonly whom: string
  /** The only account that can use it; null: whoever has the link. */
  readonly account: string | null
  readonly rights: Rights
  readonly by: string
  readonly madeAt: UnixSeconds
  readonly expiresAt: UnixSeconds
  /** Up to when the membership lasts; null: without end. */
  readonly until: UnixSeconds | null
  readonly usedAt: UnixSeconds | null
  readonly goneAt: UnixSeconds | null
}

/** Invitations that were taken back are not loaded; one that was used says so to whoever tries it again. */
export const invitations = defineTable<InvitationRow>('invitation', 'whole', (row) => row.id, ['hash'])

/** The members there are. */
export const openMembers = (world: World): MemberRow[] =>
  world.all(members).filter(({ goneAt, until }) => goneAt === null && (until === null || until > world.at))

export const memberOf = (world: World, account: string): MemberRow | undefined =>
  openMembers(world).find((one) => one.account === account)

/** What a member may do: an owner everything. */
export const rightsOfMember = ({ owner, rights }: MemberRow): Rights => (owner ? ALL_RIGHTS : rights)
