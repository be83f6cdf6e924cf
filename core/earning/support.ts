import { BOOKS, balanceOf, creditWithinCap, mulDiv, transfer } from '../ledger/index.ts'
import { type ViewerRow, viewers } from '../people/index.ts'
import { readSetting, type Setting, writeSetting } from '../settings/index.ts'
import { type Handler, ok, type World } from '../world/index.ts'
import { earningSetting } from './plan.ts'
import type { SupportPlan } from './supportPlan.ts'

export const supportSetting: Setting<SupportPlan> = {
  name: 'support',
  initial: { follow: 0, subscription: [0, 0, 0], gift: 0, raid: { fixed: 0, perViewer: 0 }, tip: 0, cheer: 0 },
}

/** Something that a viewer did for the channel, with the figures its payment depends on. */
export type Support =
  | { readonly kind: 'follow' }
  | { readonly kind: 'subscription' | 'resubscription'; readonly tier: number }
  | { readonly kind: 'gift'; readonly count: number }
  | { readonly kind: 'raid'; readonly viewers: number }
  | { readonly kind: 'tip'; readonly minorUnits: number }
  | { readonly kind: 'cheer'; readonly units: number }

/** What support pays by a plan, before the cap (rules: events). A tip of 7.50 at 30 pays 225, a cheer of 250 at 40 pays 100. */
export function supportPays(plan: SupportPlan, support: Support): number {
  switch (support.kind) {
    case 'follow':
      return plan.follow
    case 'subscription':
    case 'resubscription':
      return plan.subscription[support.tier - 1] ?? 0
    case 'gift':
      return plan.gift * support.count
    case 'raid':
      return plan.raid.fixed + plan.raid.perViewer * support.viewers
    case 'tip':
      return mulDiv(support.minorUnits, plan.tip, 100)
    case 'cheer':
      return mulDiv(support.units, plan.cheer, 100)
  }
}

/**
 * Pays a viewer for support. A second follow pays nothing; what would pass the most one can hold is cut.
 * @returns The amount paid.
 */
export function paySupport(world: World, viewer: ViewerRow, support: Support): number {
  if (viewer.ignored) return 0
  if (support.kind === 'follow') {
    if (viewer.followedAt !== null) return 0
    world.put(viewers, { ...viewer, followedAt: world.at })
  }
  const { cap } = readSetting(world, earningSetting)
  const pays = supportPays(readSetting(world, supportSetting), support)
  const amount = creditWithinCap(pays, balanceOf(world, viewer.id), cap)
  if (amount === 0) return 0
  const { kind, ...figures } = support
  const paid = transfer(world, {
    from: BOOKS.issued,
    to: viewer.id,
    amount,
    reason: 'supported',
    detail: { kind, ...figures, pays },
  })
  if (!paid.ok) return 0
  world.fact('balance.changed', `viewer:${viewer.id}`, { balance: balanceOf(world, viewer.id) })
  world.fact('earning.paid', 'desk', { viewers: 1, amount })
  return amount
}

export interface ChangeSupport {
  readonly kind: 'earning.changeSupport'
  readonly plan: SupportPlan
  readonly by: string
}

/** Applies what support pays from now on. */
export const changeSupport: Handler<ChangeSupport> = {
  decide(world, intent) {
    const before = readSetting(world, supportSetting)
    writeSetting(world, supportSetting, intent.plan)
    world.fact('earning.changed', 'desk', { support: { before, after: intent.plan }, by: intent.by })
    return ok({ plan: intent.plan })
  },
}
