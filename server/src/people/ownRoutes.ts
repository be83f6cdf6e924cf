import { Type } from '@sinclair/typebox'
import { and, eq } from 'drizzle-orm'
import { earningSetting } from '#core/earning'
import { standingName, standingsOf } from '#core/people'
import { ranksSetting } from '#core/ranks'
import { Amount, Count, closed, exactly, Nothing, orNull } from '#core/schema'
import type { Channels } from '../channels.ts'
import { type Reader, schema } from '../database/index.ts'
import { choice, fileRoute, hand, jsonFile, problem, type Route, route, whoOf } from '../http/index.ts'
import { circlesOf, LISTS, PERIODS, Place, topList } from '../ranks/index.ts'
import { settingOf } from '../settings/index.ts'
import { latestShowOf } from '../show/index.ts'
import { OwnMessages, OwnStanding } from './answers.ts'
import { everythingOf } from './everything.ts'
import { messagesTo } from './messages.ts'
import { rankOf } from './panel.ts'
import { viewerByAccount, viewerIdOf } from './viewers.ts'

const LONGEST_LIST = 20

/** What a viewer sees of themselves: rank, standings, streak and places in the lists; checking in, and not being listed. */
export function ownRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/me/standing',
      does: 'The caller’s own rank, standings, circles, hours and streak',
      answer: OwnStanding,
      allowed: 'viewer',
      handle: ({ channel, caller }) => ownStanding(db, channel.id, caller.account, channels.clock()),
    }),
    route({
      method: 'post',
      path: '/me/check-in',
      does: 'Check in to the show',
      answer: exactly({ paid: Amount, streak: Count }),
      allowed: 'viewer',
      handle: (call) => hand(channels, call, { kind: 'people.checkIn', who: whoOf(call.caller) }),
    }),
    listedRoute(channels),
    route({
      method: 'get',
      path: '/me/messages',
      does: 'What was told the caller alone, the latest first',
      answer: OwnMessages,
      allowed: 'viewer',
      handle: async ({ channel, caller }) => {
        const viewer = await viewerIdOf(channels.pool, channel.id, caller.account)
        return { messages: viewer === undefined ? [] : await messagesTo(db, channel.id, viewer) }
      },
    }),
    everythingRoute(db, channels),
    listsRoute(db, channels),
  ]
}

const listedRoute = (channels: Channels): Route =>
  route({
    method: 'put',
    path: '/me/listed',
    does: 'Be in the public lists, or not',
    answer: Nothing,
    allowed: 'viewer',
    whenPaused: true,
    body: Type.Object({ listed: Type.Boolean() }, closed),
    handle: async ({ channel, caller, key, header, body }) => {
      const viewer = await viewerIdOf(channels.pool, channel.id, caller.account)
      if (viewer === undefined) throw problem('not_found', 'You are in no list yet: come to the chat first.')
      const intent = { kind: 'people.keep', viewer, unlisted: !body.listed } as const
      return hand(channels, { channel, key, header }, intent)
    },
  })

const everythingRoute = (db: Reader, channels: Channels): Route =>
  fileRoute({
    method: 'get',
    path: '/me/everything.json',
    limit: 'costly',
    fresh: true,
    does: 'Everything that the channel keeps of the caller, as a file',
    gives: 'application/json',
    allowed: 'viewer',
    handle: async ({ channel, caller }) => {
      const viewer = await viewerIdOf(channels.pool, channel.id, caller.account)
      if (viewer === undefined) throw problem('not_found', 'The channel keeps nothing of you.')
      return jsonFile(`${channel.slug}-everything-about-me`, everythingOf(db, channel.id, viewer))
    },
  })

const listsRoute = (db: Reader, channels: Channels): Route =>
  route({
    method: 'get',
    path: '/lists',
    does: 'Top lists, with the caller’s own place',
    answer: exactly({ places: Type.Array(Place), own: orNull(Place) }),
    allowed: 'anyone',
    asks: { list: choice('What is counted.', LISTS), period: choice('In which time.', PERIODS) },
    handle: async ({ channel, caller, asked: { list = 'hours', period = 'all' } }) => {
      const viewer = caller.account === '' ? undefined : await viewerIdOf(channels.pool, channel.id, caller.account)
      return topList(db, channel.id, { list, period, now: channels.clock(), limit: LONGEST_LIST, viewer })
    },
  })

async function ownStanding(db: Reader, channel: number, account: string, now: number) {
  const circles = await circlesOf(db, channel)
  const { ranks } = await settingOf(db, channel, ranksSetting)
  const { checkIn } = await settingOf(db, channel, earningSetting)
  const found = await viewerByAccount(db, channel, account)
  const show = await latestShowOf(db, channel)
  if (found === undefined)
    return { known: false, ranks: ranks.length, standings: [], circles: [], rank: null, checkIn: null, listed: true }
  const standings = standingsOf(found, now)
  const { habit } = schema
  const [habits] = await db
    .select()
    .from(habit)
    .where(and(eq(habit.channel, channel), eq(habit.id, found.id)))
  return {
    known: true,
    standings,
    names: Object.fromEntries(standings.map((standing) => [standing, standingName(standing, circles)])),
    circles: circles.filter(({ id }) => found.circles.includes(id)).map(({ name }) => name),
    rank: ranks.length > 0 ? await rankOf(db, channel, found, now) : null,
    watchedSeconds: found.watchedSeconds,
    checkIn:
      checkIn.amount === 0
        ? null
        : {
            open: show?.status === 'on' && habits?.checkedIn !== show.number,
            done: show?.status === 'on' && habits?.checkedIn === show.number,
            streak: habits?.streak ?? 0,
            best: habits?.bestStreak ?? 0,
          },
    listed: !found.unlisted,
  }
}
