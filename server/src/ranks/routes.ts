import { Type } from '@sinclair/typebox'
import { MOST_ADJUSTED } from '#core/people'
import { CircleSettings, checkRanks, RankPlan, ranksSetting } from '#core/ranks'
import { CircleId, Count, closed, exactly, Nothing, orNull, whole } from '#core/schema'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { answered, desk, hand, idOf, type Route, route } from '../http/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { RankMoves, Ranks } from './answers.ts'
import { circlesOf, countsOf, rankMoves } from './read.ts'
import { reviewEveryone } from './review.ts'

/** Ranks and circles at the desk. */
export function rankRoutes(db: Reader, channels: Channels): Route[] {
  return [...deskRoutes(db, channels), ...circleRoutes(channels)]
}

function deskRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/ranks',
      does: 'Ranks and circles, and how many people are in each',
      answer: Ranks,
      allowed: desk('look', 'ranks', 'people', 'commands'),
      handle: async ({ channel }) => ({
        plan: await settingOf(db, channel.id, ranksSetting),
        circles: await circlesOf(db, channel.id),
        counts: await countsOf(db, channel.id),
        currency: await currencyOf(db, channel.id),
      }),
    }),
    ranksPreviewRoute(db, channels),
    route({
      method: 'put',
      path: '/desk/ranks',
      does: 'Change the ranks; everybody’s follows at once',
      answer: exactly({ ranks: Count }),
      allowed: desk('change', 'ranks'),
      body: RankPlan,
      handle: async (call) => {
        const done = await hand(channels, call, { kind: 'ranks.change', plan: call.body })
        await reviewEveryone(channels, call.channel.id, call.key)
        return done
      },
    }),
  ]
}

const ranksPreviewRoute = (db: Reader, channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/ranks/preview',
    does: 'Who would rise and who would fall by other ranks',
    answer: RankMoves,
    allowed: desk('look', 'ranks'),
    body: RankPlan,
    handle: async ({ channel, body }) => {
      const checked = checkRanks(body)
      answered(checked)
      const live = await settingOf(db, channel.id, ranksSetting)
      return rankMoves(db, channel.id, live, body, channels.clock())
    },
  })

function circleRoutes(channels: Channels): Route[] {
  const Save = Type.Object({ circle: orNull(whole(1)), settings: CircleSettings }, closed)
  const Join = Type.Object(
    {
      viewers: Type.Array(whole(1), { minItems: 1, maxItems: MOST_ADJUSTED }),
      how: Type.Union([Type.Literal('in'), Type.Literal('out'), Type.Literal('rules')]),
    },
    closed,
  )
  return [
    route({
      method: 'put',
      path: '/desk/circles',
      does: 'Make or change a circle; who is in it follows at once',
      answer: exactly({ circle: CircleId }),
      allowed: desk('change', 'ranks'),
      body: Save,
      handle: async (call) => {
        const done = await hand(channels, call, { kind: 'circle.save', ...call.body })
        await reviewEveryone(channels, call.channel.id, call.key)
        return done
      },
    }),
    circlesCloseRoute(channels),
    route({
      method: 'post',
      path: '/desk/circles/:circle/join',
      does: 'Take people into a circle, keep them out of it, or leave it to its rules',
      answer: exactly({ changed: Count }),
      allowed: desk('act', 'ranks'),
      body: Join,
      handle: async ({ channel, key, header, param, body }) => {
        const circle = idOf(param('circle'))
        return hand(channels, { channel, key, header }, { kind: 'circle.join', circle, ...body })
      },
    }),
  ]
}

const circlesCloseRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/circles/:circle/close',
    does: 'Close a circle',
    answer: Nothing,
    allowed: desk('change', 'ranks'),
    handle: async ({ channel, key, param }) => {
      const circle = idOf(param('circle'))
      const done = answered(await channels.submit(channel.id, key, { kind: 'circle.close', circle }))
      await reviewEveryone(channels, channel.id, key)
      return done
    },
  })
