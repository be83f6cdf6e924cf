import { createHash } from 'node:crypto'
import { type Static, Type } from '@sinclair/typebox'
import { exactly, Nothing, orNull, UnixSeconds } from '#core/schema'
import { Rights } from '#core/team'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { type Call, desk, hand, idOf, problem, type Route, route } from '../http/index.ts'
import { newSecret } from '../screen/index.ts'
import { Invited, Offer, TeamView } from './answers.ts'
import { offerOf } from './offer.ts'
import { invitationsOf, membersOf } from './read.ts'
import { tokenRoutes } from './tokenRoutes.ts'

const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex')

const Until = orNull(UnixSeconds)
const InviteBody = exactly({
  whom: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
  account: orNull(Type.String({ minLength: 1, maxLength: 300 })),
  rights: Rights,
  until: Until,
})
const MemberBody = exactly({ rights: Rights, until: Until })
const Secret = exactly({ secret: Type.String({ minLength: 1, maxLength: 100 }) })

/** The team: who may use the desk, as far as each may; and joining it by a link. */
export const teamRoutes = (db: Reader, channels: Channels): Route[] => [
  route({
    method: 'get',
    path: '/desk/team',
    does: 'Who may use the desk, and the invitations that are open',
    answer: TeamView,
    allowed: desk('look', 'team'),
    handle: async ({ channel }) => ({
      owner: channel.owner,
      members: await membersOf(db, channel.id, channels.clock()),
      invitations: await invitationsOf(db, channel.id, channels.clock()),
      now: channels.clock(),
    }),
  }),
  ...invitationRoutes(channels),
  ...memberRoutes(channels),
  ...joinRoutes(db, channels),
  ...tokenRoutes(db, channels),
]

function invitationRoutes(channels: Channels): Route[] {
  return [
    route({
      method: 'post',
      path: '/desk/team/invitations',
      does: 'Make a link by which one person can join the team within a week',
      answer: Invited,
      allowed: desk('act', 'team'),
      secret: true,
      body: InviteBody,
      handle: async (call) => {
        const secret = newSecret()
        const hash = hashOf(secret)
        const made = await hand(channels, call, { kind: 'team.invite', by: call.doer, hash, ...call.body })
        // Sent once more after the answer was lost: the secret of the link that was made is known to nobody.
        if (made.hash !== hash) throw problem('secret_lost')
        return { invitation: made.invitation, secret, expiresAt: made.expiresAt }
      },
    }),
    route({
      method: 'post',
      path: '/desk/team/invitations/:id/take-back',
      does: 'Take an invitation back',
      answer: Nothing,
      allowed: desk('act', 'team'),
      secret: true,
      handle: (call) => hand(channels, call, { kind: 'team.takeBack', invitation: idOf(call.param('id')) }),
    }),
  ]
}

/** Closes what somebody reads at the desk, once their rights are others. */
async function ended(channels: Channels, { channel }: Call<unknown>, { account }: { readonly account: string }) {
  await channels.feed.endAtDesk(channel.id, account)
  return {}
}

async function changeOf(channels: Channels, call: Call<unknown>, member: number, body: Static<typeof MemberBody>) {
  const changed = await hand(channels, call, { kind: 'team.change', by: call.doer, member, ...body })
  return ended(channels, call, changed)
}

function memberRoutes(channels: Channels): Route[] {
  return [
    route({
      method: 'put',
      path: '/desk/team/:id',
      does: 'Change what somebody of the team may do, and up to when',
      answer: Nothing,
      allowed: desk('change', 'team'),
      secret: true,
      body: MemberBody,
      handle: (call) => changeOf(channels, call, idOf(call.param('id')), call.body),
    }),
    ownerRoute(channels),
    route({
      method: 'post',
      path: '/desk/team/:id/end',
      does: 'Take somebody out of the team: what they have open at the desk closes at once',
      answer: Nothing,
      allowed: desk('change', 'team'),
      secret: true,
      handle: async (call) => {
        const member = idOf(call.param('id'))
        return ended(channels, call, await hand(channels, call, { kind: 'team.end', by: call.doer, member }))
      },
    }),
    route({
      method: 'post',
      path: '/desk/leave',
      does: 'Leave the team by oneself',
      answer: Nothing,
      allowed: 'team',
      handle: async (call) => {
        const { account } = call.caller
        return ended(channels, call, await hand(channels, call, { kind: 'team.leave', account }))
      },
    }),
  ]
}

const ownerRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/team/:id/owner',
    does: 'Make somebody of the team one of the owners, or not any more',
    answer: Nothing,
    allowed: desk('change', 'team'),
    secret: true,
    fresh: true,
    body: exactly({ owner: Type.Boolean() }),
    handle: async (call) => {
      const member = idOf(call.param('id'))
      const intent = { kind: 'team.owner', by: call.doer, member, owner: call.body.owner } as const
      return ended(channels, call, await hand(channels, call, intent))
    },
  })

function joinRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'post',
      path: '/join/look',
      does: 'What an invitation offers, for whoever has its link',
      answer: Offer,
      allowed: 'anyone',
      body: Secret,
      handle: ({ channel, body }) => offerOf(db, channel, hashOf(body.secret), channels.clock()),
    }),
    route({
      method: 'post',
      path: '/join',
      does: 'Join the team by an invitation, which is used up by it',
      answer: Nothing,
      allowed: 'signed in at the desk',
      body: Secret,
      handle: async (call) => {
        const who = { ...call.caller, owner: call.doer.owner }
        await hand(channels, call, { kind: 'team.join', hash: hashOf(call.body.secret), who })
        return {}
      },
    }),
  ]
}
