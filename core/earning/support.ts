import { mulDiv } from '../ledger/index.ts'
import { type ViewerRow, viewers } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import type { World } from '../world/index.ts'
import { tipPays } from './money.ts'
import { payFor } from './payFor.ts'
import { earningSetting } from './plan.ts'
import { moneyOf, type SupportPlan } from './supportPlan.ts'

/** Something that a viewer did for the channel, with the figures its payment depends on. */
export type Support =
  | { readonly kind: 'follow' }
  | { readonly kind: 'subscription' | 'resubscription'; readonly tier: number }
  | { readonly kind: 'gift'; readonly count: number; readonly tier: number }
  | { readonly kind: 'giftReceived'; readonly tier: number }
  | { readonly kind: 'raid'; readonly viewers: number }
  | { readonly kind: 'tip'; readonly minorUnits: number; readonly currency?: string }
  | { readonly kind: 'cheer'; readonly units: number }

/** What support pays by a plan, before the cap (rules: events). A tip of 7.50 at 30 pays 225, a cheer of 250 at 40 pays 100. */
export function supportPays(plan: SupportPlan, support: Support): number {
  const money = moneyOf(plan)
  switch (support.kind) {
    case 'follow':
      return plan.follow
    case 'subscription':
    case 'resubscription':
      return plan.subscription[support.tier - 1] ?? 0
    case 'gift':
      return plan.gift * support.count
    case 'giftReceived':
      return plan.giftReceived
    case 'raid':
      return plan.raid.fixed + plan.raid.perViewer * support.viewers
    case 'tip':
      return tipPays(money, plan.tip, support.minorUnits, support.currency ?? money.currency) ?? 0
    case 'cheer':
      return mulDiv(support.units, plan.cheer, 100)
  }
}

/** A month of a subscription, with some days' grace for the platform to tell of the next (seconds). */
const SUBSCRIPTION_SECONDS = 35 * 86_400

/** What support makes of somebody's standing: a follower for good, a subscriber for a month. */
function standAs(world: World, viewer: ViewerRow, support: Support): ViewerRow {
  if (support.kind === 'follow')
    return viewer.followedAt === null ? world.put(viewers, { ...viewer, followedAt: world.at }) : viewer
  if (support.kind !== 'subscription' && support.kind !== 'resubscription' && support.kind !== 'giftReceived')
    return viewer
  const lapsed = viewer.subscribedUntil === null || viewer.subscribedUntil < world.at
  const since = lapsed || viewer.subscribedSince === null ? world.at : viewer.subscribedSince
  const subscribed = { tier: support.tier, subscribedSince: since, subscribedUntil: world.at + SUBSCRIPTION_SECONDS }
  return world.put(viewers, { ...viewer, ...subscribed })
}

/**
 * Notes what support makes of somebody, and pays for it. A second follow pays nothing, nor does a raid by who does not
 * follow where the plan asks for that; what would pass the most one can hold is cut. Needs their watch row.
 * @returns The amount paid.
 */
export function paySupport(world: World, viewer: ViewerRow, support: Support): number {
  const plan = readSetting(world, earningSetting).support
  const again = support.kind === 'follow' && viewer.followedAt !== null
  const standing = standAs(world, viewer, support)
  if (again || (support.kind === 'raid' && plan.raid.followersOnly && viewer.followedAt === null)) return 0
  const pays = supportPays(plan, support)
  const { kind, ...figures } = support
  return payFor(world, standing, pays, { reason: 'supported', detail: { kind, ...figures, pays } })
}

/** Whether a tip is in a currency that the plan knows the worth of. */
export function hasRate(world: World, currency: string): boolean {
  const money = moneyOf(readSetting(world, earningSetting).support)
  return currency === money.currency || money.rates[currency] !== undefined
}

/** Pays for a tip what was decided by hand. Needs their watch row. @returns What was paid. */
export const payTip = (
  world: World,
  viewer: ViewerRow,
  pays: number,
  figures: { readonly minorUnits: number; readonly currency: string },
): number => payFor(world, viewer, pays, { reason: 'supported', detail: { kind: 'tip', ...figures, pays } })
