import { and, asc, eq, gt, isNull, or } from 'drizzle-orm'
import type { Pool, Reader } from '../database/index.ts'
import { schema } from '../database/index.ts'

const { member, invitation, token, tokenUse } = schema

const lasting = (now: number) => or(isNull(member.until), gt(member.until, now))

/** The members of a channel's team, the first who joined first. */
export const membersOf = (db: Reader, channel: number, now: number) =>
  db
    .select({
      id: member.id,
      account: member.account,
      name: member.name,
      rights: member.rights,
      owner: member.owner,
      by: member.by,
      since: member.since,
      until: member.until,
    })
    .from(member)
    .where(and(eq(member.channel, channel), isNull(member.goneAt), lasting(now)))
    .orderBy(asc(member.id))

/** The invitations that can still be used. */
export const invitationsOf = (db: Reader, channel: number, now: number) =>
  db
    .select({
      id: invitation.id,
      whom: invitation.whom,
      account: invitation.account,
      rights: invitation.rights,
      by: invitation.by,
      expiresAt: invitation.expiresAt,
      until: invitation.until,
    })
    .from(invitation)
    .where(
      and(
        eq(invitation.channel, channel),
        isNull(invitation.goneAt),
        isNull(invitation.usedAt),
        gt(invitation.expiresAt, now),
      ),
    )
    .orderBy(asc(invitation.id))

/** One invitation by the hash of its secret, whatever has become of it; undefined: there never was one, or it was taken back. */
export async function invitationBy(db: Reader, channel: number, hash: string) {
  const [row] = await db
    .select()
    .from(invitation)
    .where(and(eq(invitation.channel, channel), eq(invitation.hash, hash), isNull(invitation.goneAt)))
  return row
}

/** The tokens that are not revoked, with when each was used last. */
export const tokensOf = (db: Reader, channel: number, now: number) =>
  db
    .select({
      id: token.id,
      name: token.name,
      rights: token.rights,
      by: token.by,
      madeAt: token.madeAt,
      until: token.until,
      usedAt: tokenUse.usedAt,
    })
    .from(token)
    .leftJoin(tokenUse, and(eq(tokenUse.channel, token.channel), eq(tokenUse.token, token.id)))
    .where(and(eq(token.channel, channel), isNull(token.goneAt), or(isNull(token.until), gt(token.until, now))))
    .orderBy(asc(token.id))

const DESKS = `select c.slug, c.name from channel c where c.owner = $1
  union select c.slug, c.name from member m join channel c on c.id = m.channel
  where m.account = $1 and m.gone_at is null and (m.until is null or m.until > $2) order by name, slug`

/** The channels at whose desk an account may be. */
export const desksOf = async (pool: Pool, account: string, now: number): Promise<{ slug: string; name: string }[]> =>
  (await pool.query<{ slug: string; name: string }>(DESKS, [account, now])).rows
