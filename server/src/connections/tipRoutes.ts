import { Type } from '@sinclair/typebox'
import { and, asc, eq } from 'drizzle-orm'
import { earningSetting, moneyOf } from '#core/earning'
import { Amount, closed, exactly, whole } from '#core/schema'
import type { Channels } from '../channels.ts'
import { type Reader, schema } from '../database/index.ts'
import { desk, hand, idOf, type Route, route } from '../http/index.ts'
import { settingOf } from '../settings/index.ts'

const MOST_SHOWN = 50

/** The tips that wait because the plan has no rate for their currency, and whether it has one by now. */
export async function tipsToDecide(db: Reader, channel: number) {
  const { id, at, viewer, name, minorUnits, currency, status } = schema.waitingTip
  const { support } = await settingOf(db, channel, earningSetting)
  const money = moneyOf(support)
  const tips = await db
    .select({ id, at, viewer, name, minorUnits, currency })
    .from(schema.waitingTip)
    .where(and(eq(schema.waitingTip.channel, channel), eq(status, 'waiting')))
    .orderBy(asc(id))
    .limit(MOST_SHOWN)
  return tips.map((tip) => ({
    ...tip,
    hasRate: tip.currency === money.currency || money.rates[tip.currency] !== undefined,
  }))
}

/** Deciding what a tip pays that had no rate. */
export function tipRoutes(channels: Channels): Route[] {
  const Decision = Type.Object(
    {
      pay: Type.Union([Type.Literal('rate'), Type.Literal('nothing'), whole(1, 1_000_000_000)]),
    },
    closed,
  )
  return [
    route({
      method: 'post',
      path: '/desk/tips/:tip/decide',
      does: 'Decide what a tip in a currency without a rate pays: by the rate there is now, an amount, or nothing',
      answer: exactly({ paid: Amount, told: Type.String() }),
      allowed: desk('act', 'people'),
      body: Decision,
      handle: async ({ channel, key, header, param, body }) => {
        const intent = { kind: 'tip.decide', tip: idOf(param('tip')), pay: body.pay } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
  ]
}
