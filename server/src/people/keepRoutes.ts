import { Type } from '@sinclair/typebox'
import { MOST_IMPORTED } from '#core/people'
import { Amount, Count, closed, exactly, Id, Nothing, orNull, ViewerId, whole } from '#core/schema'
import type { Channels } from '../channels.ts'
import { desk, hand, idOf, type Route, route } from '../http/index.ts'

/** A part of a file: a thousand lines of it. */
const FILE_PART_BYTES = 2 * 1024 * 1024

const Ids = Type.Array(Id, { minItems: 1, maxItems: 2000 })
const Account = Type.String({ minLength: 1, maxLength: 100, pattern: '^[^\\s\\u0000-\\u001f\\u007f]+$' })

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

const Time = orNull(whole(0, 1_000_000_000_000))
const Kept = Type.Partial(
  Type.Object(
    {
      nickname: orNull(Type.String({ maxLength: 100 })),
      moderator: Type.Boolean(),
      followedAt: Time,
      tier: whole(0, 3),
      subscribedUntil: Time,
      circles: Type.Array(whole(1, Number.MAX_SAFE_INTEGER), { maxItems: 100 }),
      ignored: Type.Boolean(),
      unlisted: Type.Boolean(),
    },
    closed,
  ),
)

const figures = {
  name: Type.String({ minLength: 1, maxLength: 100 }),
  balance: orNull(whole(0, Number.MAX_SAFE_INTEGER)),
  seconds: orNull(whole(0, 3_600_000_000)),
  kept: Type.Optional(Kept),
}
const plain = (most: number, least: number) =>
  Type.String({ minLength: least, maxLength: most, pattern: '^[^\\u0000-\\u001f\\u007f]*$' })

/** Of the chat network, or exactly of the issuer that is named. */
const Line = Type.Union([
  Type.Object({ account: Account, ...figures }, closed),
  Type.Object({ issuer: plain(255, 0), account: plain(255, 1), ...figures }, closed),
])

const Import = Type.Object(
  {
    digest: Type.String({ pattern: '^[0-9a-f/]{1,100}$' }),
    lines: Type.Array(Line, { minItems: 1, maxItems: MOST_IMPORTED }),
    how: Type.Union([Type.Literal('add'), Type.Literal('set')]),
  },
  closed,
)

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
    route({
      method: 'post',
      path: '/desk/people/import',
      largest: FILE_PART_BYTES,
      does: 'Take in a part of a file of people; the same part again changes nothing',
      answer: exactly({ again: Type.Boolean(), added: Count, changed: Count }),
      allowed: desk('change', 'people'),
      body: Import,
      handle: (call) => hand(channels, call, { kind: 'people.import', ...call.body, by: call.caller.account }),
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
    body: Type.Object({ account: Account }, closed),
    handle: async ({ channel, key, header, body }) => {
      const intent = { kind: 'people.add', account: body.account.toLowerCase(), name: body.account } as const
      return hand(channels, { channel, key, header }, intent)
    },
  })
