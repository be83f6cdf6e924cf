import { BOOKS, balanceOf, creditWithinCap, type TransferRequest, transfer } from '../ledger/index.ts'
import type { Amount, ViewerId } from '../schema.ts'
import { economySetting, readSetting } from '../settings/index.ts'
import type { World } from '../world/index.ts'
import { earningSetting } from './plan.ts'

type Why = Pick<TransferRequest, 'reason' | 'about' | 'detail'>

/** Pays an earned amount, cut at the balance cap. @returns What was paid: 0 while nothing is earned here. */
export function credit(world: World, viewer: ViewerId, amount: Amount, why: Why): number {
  if (!readSetting(world, economySetting).on) return 0
  const { cap } = readSetting(world, earningSetting)
  const paid = creditWithinCap(amount, balanceOf(world, viewer), cap)
  if (paid === 0) return 0
  const moved = transfer(world, { from: BOOKS.issued, to: viewer, amount: paid, ...why })
  return moved.ok ? paid : 0
}
