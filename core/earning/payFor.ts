import { balanceOf, type TransferRequest } from '../ledger/index.ts'
import { type ViewerRow, watches, watchOf } from '../people/index.ts'
import type { Amount } from '../schema.ts'
import { openShow } from '../show/index.ts'
import type { World } from '../world/index.ts'
import { credit } from './credit.ts'
import { inShow } from './settle.ts'

type Why = Pick<TransferRequest, 'reason' | 'about' | 'detail'>

/**
 * Pays somebody for what they did, and tells them and the desk. Needs their watch row, which notes what was earned in
 * which show. @returns What was paid: 0 for who is ignored.
 */
export function payFor(world: World, viewer: ViewerRow, amount: Amount, why: Why): number {
  if (viewer.ignored || amount === 0) return 0
  const show = openShow(world)
  const watch = watchOf(world, viewer.id)
  if (show !== undefined && watch.showId !== show.id) world.put(watches, inShow(world, watch, show))
  const paid = credit(world, viewer.id, amount, why)
  if (paid === 0) return 0
  world.fact('balance.changed', `viewer:${viewer.id}`, { balance: balanceOf(world, viewer.id) })
  world.fact('earning.paid', 'desk', { viewers: 1, amount: paid })
  return paid
}
