import { Type } from '@sinclair/typebox'
import { and, desc, eq, inArray } from 'drizzle-orm'
import { closed } from '#core/schema'
import type { Channels } from '../channels.ts'
import { type Reader, schema } from '../database/index.ts'
import { desk, hand, idOf, type Route, route } from '../http/index.ts'
import { GapEnded, GapPaid, Gaps } from './answers.ts'

/** Times within a show when it was not known who was there: told of, paid, let go, taken back. */
export function gapRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/gaps',
      does: 'Times when chat was away during a show, and what became of them',
      answer: Gaps,
      allowed: desk('look', 'show', 'earning'),
      handle: async ({ channel }) => ({ gaps: await gapsOf(db, channel.id) }),
    }),
    route({
      method: 'post',
      path: '/desk/gaps/:gap/pay',
      does: 'Pay such a time to who was there before and after it, or tell what it would come to',
      answer: GapPaid,
      allowed: desk('act', 'earning'),
      body: Type.Object({ preview: Type.Boolean() }, closed),
      handle: async ({ channel, caller, key, header, param, body }) => {
        const intent = { kind: 'earning.payGap', gap: idOf(param('gap')), by: caller.account, ...body } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
    route({
      method: 'post',
      path: '/desk/gaps/:gap/end',
      does: 'Let such a time go, or take its payment back within ten minutes',
      answer: GapEnded,
      allowed: desk('act', 'earning'),
      body: Type.Object({ how: Type.Union([Type.Literal('dismiss'), Type.Literal('undo')]) }, closed),
      handle: async ({ channel, caller, key, header, param, body }) => {
        const intent = { kind: 'earning.endGap', gap: idOf(param('gap')), by: caller.account, ...body } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
  ]
}

async function gapsOf(db: Reader, channel: number) {
  const { gap } = schema
  const rows = await db
    .select()
    .from(gap)
    .where(and(eq(gap.channel, channel), inArray(gap.status, ['open', 'paid'])))
    .orderBy(desc(gap.id))
    .limit(10)
  return rows.map(({ id, from, until, people, status, endedAt }) => ({
    id,
    from,
    until,
    people: people.length,
    status,
    endedAt,
  }))
}
