import { Type } from '@sinclair/typebox'
import { and, count, eq, isNull } from 'drizzle-orm'
import { Count, closed, exactly, ShowId, whole } from '#core/schema'
import { economySetting } from '#core/settings'
import { SAME_SHOW_SECONDS } from '#core/show'
import { voiceSetting } from '#core/voice'
import type { Channels } from '../channels.ts'
import type { ChatState } from '../chat/index.ts'
import { type Reader, schema } from '../database/index.ts'
import { desk, hand, type Route, route } from '../http/index.ts'
import { overlaysOf } from '../screen/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { ChatLog, Evening, Status } from './answers.ts'
import { flowsBetween, forgottenSince, lastSeqOf, latestShowOf, openShowOf, recentChat, showBefore } from './read.ts'

const CHAT_LINES = 80

async function presentCount(db: Reader, channel: number): Promise<number> {
  const { viewer } = schema
  const here = and(eq(viewer.channel, channel), eq(viewer.present, true), eq(viewer.ignored, false))
  const [found] = await db.select({ count: count() }).from(viewer).where(here)
  return found?.count ?? 0
}

/** The show bar's figures, going on and off air, the evening's chart, the chat list. */
export function showRoutes(db: Reader, channels: Channels, chat: (channel: number) => Promise<ChatState>): Route[] {
  return [...statusRoutes(db, channels, chat), ...changeRoutes(channels)]
}

/** The show, who is there, and what may have been forgotten about it. */
async function airOf(db: Reader, channels: Channels, channel: number) {
  const now = channels.clock()
  const show = (await openShowOf(db, channel)) ?? null
  const present = await presentCount(db, channel)
  const alone = show?.status === 'on' && present === 0
  const known = await channels.presenceKnownUntil(channel)
  const forgotten = alone ? await forgottenSince(channels.pool, channel, show, now, known) : null
  return { show, present, forgotten, resumable: show === null ? await resumableShow(db, channel, now) : null }
}

/** The last show, if one that starts now could go on with it. */
async function resumableShow(db: Reader, channel: number, now: number) {
  const last = await latestShowOf(db, channel)
  if (last?.endedAt == null || now - last.endedAt > SAME_SHOW_SECONDS) return null
  return { title: last.title, endedAt: last.endedAt }
}

function statusRoutes(db: Reader, channels: Channels, chat: (channel: number) => Promise<ChatState>): Route[] {
  const { clock, pool } = channels
  return [
    statusRoute(db, channels, chat),
    route({
      method: 'get',
      path: '/desk/evening',
      does: 'What was paid and spent in each minute of the evening',
      answer: Evening,
      allowed: desk('look', 'show'),
      handle: async ({ channel }) => {
        const show = await latestShowOf(db, channel.id)
        if (show === undefined) return { show: null, minutes: [] }
        const end = show.endedAt ?? clock()
        const [minutes, before] = await Promise.all([
          flowsBetween(db, channel.id, show.startedAt, end),
          showBefore(db, channel.id, show.id, end - show.startedAt),
        ])
        return { show, end, minutes, ...(before !== undefined && { before }) }
      },
    }),
    route({
      method: 'get',
      path: '/desk/chat',
      does: 'The last lines of chat',
      answer: ChatLog,
      allowed: desk('look', 'show'),
      handle: async ({ channel }) => {
        const seq = await lastSeqOf(db, channel.id)
        return { seq, lines: await recentChat(pool, channel.id, seq, CHAT_LINES) }
      },
    }),
  ]
}

/** Whether somebody has set an account of their own in one of the rooms. */
async function hasOwnVoice(db: Reader, channel: number, by: string): Promise<boolean> {
  const { ownVoice: own } = schema
  const found = await db
    .select({ id: own.id })
    .from(own)
    .where(and(eq(own.channel, channel), eq(own.by, by), isNull(own.goneAt)))
    .limit(1)
  return found.length > 0
}

const statusRoute = (db: Reader, channels: Channels, chat: (channel: number) => Promise<ChatState>): Route =>
  route({
    method: 'get',
    path: '/desk/status',
    does: 'How the show stands: figures of the show bar',
    answer: Status,
    allowed: 'team',
    handle: async ({ channel, caller, doer, rights }) => ({
      ...(await airOf(db, channels, channel.id)),
      seq: await lastSeqOf(db, channel.id),
      now: channels.clock(),
      channel: { slug: channel.slug, name: channel.name, pausedBy: channel.pausedBy },
      caller: caller.name,
      owner: doer.owner,
      rights,
      currency: await currencyOf(db, channel.id),
      economy: (await settingOf(db, channel.id, economySetting)).on,
      chat: await chat(channel.id),
      overlays: (await overlaysOf(db, channel.id, channels.clock())).map(({ id, connected }) => ({ id, connected })),
      voice: await settingOf(db, channel.id, voiceSetting),
      ownVoice: doer.owner && (await hasOwnVoice(db, channel.id, caller.account)),
    }),
  })

function changeRoutes(channels: Channels): Route[] {
  return [
    route({
      method: 'post',
      path: '/desk/show/start',
      does: 'Go on air',
      answer: exactly({ show: ShowId, resumed: Type.Boolean() }),
      allowed: desk('act', 'show'),
      body: Type.Object(
        { title: Type.String({ minLength: 1, maxLength: 100 }), resume: Type.Optional(Type.Boolean()) },
        closed,
      ),
      handle: (call) => hand(channels, call, { kind: 'show.start', ...call.body }),
    }),
    route({
      method: 'post',
      path: '/desk/show/end',
      does: 'Go off air',
      answer: exactly({ show: ShowId, seconds: Count }),
      allowed: desk('act', 'show'),
      handle: (call) => hand(channels, call, { kind: 'show.end' }),
    }),
    route({
      method: 'post',
      path: '/desk/show/close',
      does: 'Close a show that was forgotten on air, at the time when it was really over',
      answer: exactly({ show: ShowId, seconds: Count }),
      allowed: desk('act', 'show'),
      body: Type.Object({ endedAt: whole(1) }, closed),
      handle: (call) => hand(channels, call, { kind: 'show.end', endedAt: call.body.endedAt }),
    }),
  ]
}
