import { Type } from '@sinclair/typebox'
import { and, desc, eq } from 'drizzle-orm'
import { Amount, Count, closed, exactly, orNull, whole } from '#core/schema'
import type { Channels } from '../channels.ts'
import { type Reader, schema } from '../database/index.ts'
import { answered, desk, idOf, problem, type Route, route } from '../http/index.ts'
import { Supporters } from './answers.ts'

const { supporter } = schema

/** Support under names that chat does not know: matched to people by hand. */
export function supporterRoutes(db: Reader, channels: Channels): Route[] {
  return [
    supportersRoute(db),
    route({
      method: 'post',
      path: '/desk/supporters/:supporter/match',
      does: 'Say who a supporter was, for all that waits under that name; null: nobody',
      answer: exactly({ matched: Count, paid: Amount }),
      allowed: desk('act', 'people'),
      body: Type.Object({ viewer: orNull(whole(1)) }, closed),
      handle: async ({ channel, key, param, body }) => {
        const all = await sameName(db, channel.id, idOf(param('supporter')))
        if (all.length === 0) throw problem('not_found', 'This has been dealt with. Reload the page.')
        let paid = 0
        for (const one of all) {
          const intent = { kind: 'supporter.match', supporter: one, viewer: body.viewer } as const
          paid += Number(answered(await channels.submit(channel.id, `${key}/${one}`, intent)).paid)
        }
        return { matched: all.length, paid }
      },
    }),
  ]
}

const supportersRoute = (db: Reader): Route =>
  route({
    method: 'get',
    path: '/desk/supporters',
    does: 'Support that waits to be matched to a person',
    answer: Supporters,
    allowed: desk('look', 'people'),
    handle: async ({ channel }) => ({
      supporters: await db
        .select({
          id: supporter.id,
          at: supporter.at,
          account: supporter.account,
          name: supporter.name,
          support: supporter.support,
        })
        .from(supporter)
        .where(and(eq(supporter.channel, channel.id), eq(supporter.status, 'waiting')))
        .orderBy(desc(supporter.id))
        .limit(100),
    }),
  })

/** What waits under the same account. */
async function sameName(db: Reader, channel: number, id: number): Promise<number[]> {
  if (!Number.isSafeInteger(id)) return []
  const [found] = await db
    .select({ account: supporter.account })
    .from(supporter)
    .where(and(eq(supporter.channel, channel), eq(supporter.id, id)))
  if (found === undefined) return []
  const rows = await db
    .select({ id: supporter.id })
    .from(supporter)
    .where(and(eq(supporter.channel, channel), eq(supporter.account, found.account), eq(supporter.status, 'waiting')))
    .orderBy(supporter.id)
  return rows.map((row) => row.id)
}
