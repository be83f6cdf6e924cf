import { Type } from '@sinclair/typebox'
import { and, desc, eq, gte, isNotNull } from 'drizzle-orm'
import { EarningPlan, earningSetting, planDraftSetting, type Week } from '#core/earning'
import { closed, exactly, orNull } from '#core/schema'
import { zoneSetting } from '#core/settings'
import type { Channels } from '../channels.ts'
import { type Reader, schema } from '../database/index.ts'
import { desk, hand, type Route, route } from '../http/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { openShowOf } from '../show/index.ts'
import { AppliedPlans, Earning } from './answers.ts'
import { gapRoutes } from './gapRoutes.ts'
import { guestRoute } from './guestRoute.ts'
import { payEveryone } from './pay.ts'

const HISTORY = 50

/** The earning plan: read, drafted and changed at the desk; and the gaps that can be paid. */
export function earningRoutes(db: Reader, channels: Channels): Route[] {
  return [...planRoutes(db, channels), ...gapRoutes(db, channels), guestRoute(db, channels)]
}

function planRoutes(db: Reader, channels: Channels): Route[] {
  const Draft = Type.Object({ plan: orNull(EarningPlan), nextShow: Type.Boolean() }, closed)
  return [
    route({
      method: 'get',
      path: '/desk/earning',
      does: 'The earning plan, its draft, and what they are measured by',
      answer: Earning,
      allowed: desk('look', 'earning'),
      handle: async ({ channel }) => ({
        plan: await settingOf(db, channel.id, earningSetting),
        draft: await settingOf(db, channel.id, planDraftSetting),
        currency: await currencyOf(db, channel.id),
        circles: (await circlesOf(db, channel.id)).map(({ id, name }) => ({ id, name })),
        zone: (await settingOf(db, channel.id, zoneSetting)).timeZone,
        week: await typicalWeek(db, channel.id, channels.clock()),
      }),
    }),
    route({
      method: 'get',
      path: '/desk/earning/history',
      does: 'Every plan that was applied, the latest first',
      answer: AppliedPlans,
      allowed: desk('look', 'earning'),
      handle: async ({ channel }) => ({ plans: await plansOf(db, channel.id) }),
    }),
    changeEarningRoute(db, channels),
    switchRoute(db, channels),
    route({
      method: 'put',
      path: '/desk/earning/draft',
      does: 'Keep a draft of the plan, or have it applied when the next show starts',
      answer: exactly({ nextShow: Type.Boolean() }),
      allowed: desk('change', 'earning'),
      body: Draft,
      handle: (call) => hand(channels, call, { kind: 'earning.draft', ...call.body, by: call.caller.account }),
    }),
  ]
}

/** Before another plan holds: what was watched so far is paid by the one that held while it was watched. */
export async function payByThePlan(db: Reader, channels: Channels, channel: number): Promise<void> {
  const show = await openShowOf(db, channel)
  await payEveryone(channels, channel, show?.id ?? 0)
}

const switchRoute = (db: Reader, channels: Channels): Route =>
  route({
    method: 'put',
    path: '/desk/economy',
    does: 'Switch earning and spending on or off',
    answer: exactly({ on: Type.Boolean() }),
    allowed: desk('change', 'earning'),
    body: exactly({ on: Type.Boolean() }),
    handle: async (call) => {
      // Off: what was watched so far is paid. On: what was watched while it was off is not.
      await payByThePlan(db, channels, call.channel.id)
      return hand(channels, call, { kind: 'economy.switch', on: call.body.on })
    },
  })

const changeEarningRoute = (db: Reader, channels: Channels): Route =>
  route({
    method: 'put',
    path: '/desk/earning',
    does: 'Change the earning plan',
    answer: exactly({ plan: EarningPlan }),
    allowed: desk('change', 'earning'),
    body: EarningPlan,
    handle: async (call) => {
      await payByThePlan(db, channels, call.channel.id)
      return hand(channels, call, { kind: 'earning.change', plan: call.body, by: call.caller.account })
    },
  })

function plansOf(db: Reader, channel: number) {
  const { plan } = schema
  return db
    .select({ id: plan.id, at: plan.at, by: plan.by, plan: plan.plan })
    .from(plan)
    .where(eq(plan.channel, channel))
    .orderBy(desc(plan.id))
    .limit(HISTORY)
}

const FOUR_WEEKS = 28 * 86_400
/** What is taken for a week where there is no history yet: three shows of two and a half hours. */
const USUAL: Week = { shows: 3, seconds: 27_000 }

/** How much of a week the channel has been on air lately: a quarter of the last four weeks. */
export async function typicalWeek(
  db: Reader,
  channel: number,
  now: number,
): Promise<Week & { readonly usual: boolean }> {
  const { show } = schema
  const shows = await db
    .select({ startedAt: show.startedAt, endedAt: show.endedAt })
    .from(show)
    .where(and(eq(show.channel, channel), gte(show.startedAt, now - FOUR_WEEKS), isNotNull(show.endedAt)))
  if (shows.length < 2) return { ...USUAL, usual: true }
  const seconds = shows.reduce((sum, { startedAt, endedAt }) => sum + ((endedAt ?? startedAt) - startedAt), 0)
  return { shows: Math.round(shows.length / 4), seconds: Math.round(seconds / 4), usual: false }
}
