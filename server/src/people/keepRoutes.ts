import { Type } from '@sinclair/typebox'
import { Amount, Count, closed, exactly, Id, Nothing, ViewerId, whole } from '#core/schema'
import type { Channels } from '../channels.ts'
import { desk, hand, idOf, type Route, route } from '../http/index.ts'
import { ChatAccount } from './importRoutes.ts'

const Ids = Type.Array(Id, { minItems: 1, maxItems: 2000 })

const Keep = Type.Object(
  {
    nickname: Type.Optional(Type.String({ maxLength: 60 })),
    follower: Type.Optional(Type.Boolean()),
    tier: Type.Optional(whole(0, 3)),
    unlisted: Type.Optional(Type.Boolean()),
  },
  closed,
)

/** What the team keeps of people: names, standings, notes; who is ignored or archived; two accounts made one. */
export function keepRoutes(channels: Channels): Route[] {
  return [...keptRoutes(channels), ...lastingRoutes(channels), ...manyRoutes(channels)]
}

function keptRoutes(channels: Channels): Route[] {
  return [
    route({
      method: 'put',
      path: '/desk/viewers/:viewer',
      does: 'Change what the team keeps of somebody: nickname, standings, whether they are listed',
      answer: Nothing,
      allowed: desk('change', 'people'),
      body: Keep,
      handle: async ({ channel, key, header, param, body }) => {
        const viewer = idOf(param('viewer'))
        return hand(channels, { channel, key, header }, { kind: 'people.keep', viewer, ...body })
      },
    }),
    viewersNotesRoute(channels),
    route({
      method: 'post',
      path: '/desk/notes/:note/remove',
      does: 'Remove a note',
      answer: Nothing,
      allowed: desk('act', 'people'),
      handle: (call) => hand(channels, call, { kind: 'people.removeNote', note: idOf(call.param('note')) }),
    }),
  ]
}

const viewersNotesRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/viewers/:viewer/notes',
    does: 'Write a note about somebody',
    answer: exactly({ note: Id }),
    allowed: desk('act', 'people'),
    body: Type.Object({ text: Type.String({ minLength: 1, maxLength: 1000 }) }, closed),
    handle: async ({ channel, caller, key, header, param, body }) => {
      const intent = {
        kind: 'people.note',
        viewer: idOf(param('viewer')),
        text: body.text,
        by: caller.account,
      } as const
      return hand(channels, { channel, key, header }, intent)
    },
  })

/** What cannot be had back. */
function lastingRoutes(channels: Channels): Route[] {
  return [
    route({
      method: 'post',
      path: '/desk/viewers/:viewer/merge',
      does: 'Make one person of two accounts; the one in the address is given up',
      answer: exactly({ viewer: ViewerId, moved: Count }),
      allowed: desk('change', 'people'),
      body: Type.Object({ into: Id }, closed),
      handle: async ({ channel, key, header, param, body }) => {
        const intent = { kind: 'people.merge', from: idOf(param('viewer')), into: body.into } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
    route({
      method: 'post',
      path: '/desk/viewers/:viewer/forget',
      fresh: true,
      does: 'Forget somebody for good',
      answer: exactly({ forgotten: Count, amount: Amount }),
      allowed: desk('change', 'people'),
      body: Type.Object({ confirm: Type.String({ maxLength: 100 }) }, closed),
      handle: async ({ channel, key, header, param, body }) => {
        const intent = { kind: 'people.forget', viewer: idOf(param('viewer')), confirm: body.confirm } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
  ]
}

function manyRoutes(channels: Channels): Route[] {
  return [
    peopleAddRoute(channels),
    route({
      method: 'post',
      path: '/desk/people/ignore',
      does: 'Ignore people, or know them again',
      answer: exactly({ changed: Count }),
      allowed: desk('act', 'people'),
      body: Type.Object({ viewers: Ids, ignored: Type.Boolean() }, closed),
      handle: (call) => hand(channels, call, { kind: 'people.ignore', ...call.body }),
    }),
    route({
      method: 'post',
      path: '/desk/people/archive',
      does: 'Put people aside, or take them back',
      answer: exactly({ changed: Count }),
      allowed: desk('change', 'people'),
      body: Type.Object({ viewers: Ids, archived: Type.Boolean() }, closed),
      handle: (call) => hand(channels, call, { kind: 'people.archive', ...call.body }),
    }),
  ]
}

const peopleAddRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/people/add',
    does: 'Make somebody known before they ever come',
    answer: exactly({ viewer: ViewerId }),
    allowed: desk('act', 'people'),
    body: Type.Object({ account: ChatAccount }, closed),
    handle: async ({ channel, key, header, body }) => {
      const intent = { kind: 'people.add', account: body.account.toLowerCase(), name: body.account } as const
      return hand(channels, { channel, key, header }, intent)
    },
  })
