import { openCircles } from '../people/index.ts'
import { moveInCircle } from '../ranks/index.ts'
import type { CircleId, OrderId, UnixSeconds, ViewerId } from '../schema.ts'
import type { World } from '../world/index.ts'
import type { OrderRow } from './orders.ts'
import { rewardSales, saleCountsOf } from './rewards.ts'
import type { RewardSettings } from './schema.ts'

/**
 * Begins the time that was bought: it ends so long after now, or after what the same viewer bought of it before. A circle is joined
 * at once. @returns The order as it runs.
 */
export function startPerk(world: World, order: OrderRow, perk: NonNullable<RewardSettings['perk']>): OrderRow {
  const own = saleCountsOf(world, order.reward, order.viewer)
  const beginsAt = Math.max(world.at, own.perkUntil)
  const endsAt = beginsAt + perk.seconds
  world.put(rewardSales, { ...own, perkUntil: endsAt })
  if (perk.circle !== null) moveCircle(world, perk.circle, order.viewer, 'in')
  setPerkTimer(world, order.id, endsAt)
  return { ...order, status: 'running', beginsAt, endsAt, circle: perk.circle, endedAt: null }
}

export function setPerkTimer(world: World, order: OrderId, at: UnixSeconds): void {
  world.timer({ key: `perk/${order}/${at}`, at, intent: { kind: 'store.perk', order, due: at } })
}

/** Ends a circle's membership that was bought, unless more of it was bought meanwhile. */
export function leavePerk(world: World, order: OrderRow): void {
  const own = saleCountsOf(world, order.reward, order.viewer)
  const last = order.endsAt !== null && own.perkUntil <= order.endsAt
  if (last && order.circle !== null) moveCircle(world, order.circle, order.viewer, 'out')
}

/** What was bought is given back: its time ends at once, unless more was bought after it. */
export function takeBackPerk(world: World, order: OrderRow): void {
  const own = saleCountsOf(world, order.reward, order.viewer)
  if (order.status !== 'running' || order.beginsAt === null || own.perkUntil !== order.endsAt) return
  const perkUntil = Math.max(world.at, order.beginsAt)
  world.put(rewardSales, { ...own, perkUntil })
  if (perkUntil === world.at && order.circle !== null) moveCircle(world, order.circle, order.viewer, 'out')
}

/** Leaving puts membership back to the circle's rules: nobody is shut out for having bought it. */
function moveCircle(world: World, circle: CircleId, viewer: ViewerId, how: 'in' | 'out'): void {
  if (!openCircles(world).some(({ id }) => id === circle)) return
  const way = how === 'in' ? 'in' : 'rules'
  moveInCircle(world, { circle, viewers: [viewer], how: way })
}
