import { and, count, eq, sql } from 'drizzle-orm'
import { uncountedSeconds } from '#core/earning'
import type { Channels } from '../channels.ts'
import { type Reader, schema } from '../database/index.ts'
import { problem, type Route, route } from '../http/index.ts'
import { trailOf } from '../ledger/index.ts'
import { openShowOf } from '../show/index.ts'
import { presentViewers, searchViewers, viewerById } from './viewers.ts'

const MOST_SHOWN = 200
/** Who has said something within this time counts as chatting. */
const CHATTING_SECONDS = 600

/** People as the desk sees them: who is present, one person with their trail, a search by name. */
export function peopleRoutes(db: Reader, { clock }: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/present',
      does: 'Who is in the room',
      allowed: 'streamer',
      handle: async ({ channel }) => {
        const { viewer } = schema
        const [counted] = await db
          .select({
            total: count(),
            chatting: sql<number>`count(*) filter (where ${viewer.chattedAt} > ${clock() - CHATTING_SECONDS})`,
          })
          .from(viewer)
          .where(and(eq(viewer.channel, channel.id), eq(viewer.present, true), eq(viewer.ignored, false)))
        const show = await openShowOf(db, channel.id)
        const now = clock()
        const rows = await presentViewers(db, channel.id, MOST_SHOWN)
        const viewers = rows.map(({ id, name, moderator, balance, ...row }) => {
          const before = show !== undefined && row.showId === show.id ? row.showSeconds : 0
          const tonight = show === undefined ? null : before + uncountedSeconds(row, show, now)
          return { id, name, moderator, balance, tonight }
        })
        return { ...(counted ?? { total: 0, chatting: 0 }), viewers }
      },
    }),
    route({
      method: 'get',
      path: '/desk/viewers/:viewer',
      does: 'One viewer with their trail',
      asks: ['before'],
      allowed: 'streamer',
      handle: async ({ channel, param, query }) => {
        const found = await viewerById(db, channel.id, Number(param('viewer')) || 0)
        if (found === undefined) throw problem('not_found', 'This viewer is not known here.')
        return { viewer: found, trail: await trailOf(db, channel.id, found.id, Number(query('before')) || undefined) }
      },
    }),
    route({
      method: 'get',
      path: '/desk/viewers',
      does: 'Viewers whose name begins so',
      asks: ['name'],
      allowed: 'streamer',
      handle: async ({ channel, query }) => ({
        viewers: await searchViewers(db, channel.id, (query('name') ?? '').slice(0, 60), 8),
      }),
    }),
  ]
}
