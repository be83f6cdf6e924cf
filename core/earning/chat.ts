import { habitOf, habits, type ViewerRow } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import { showOnAir } from '../show/index.ts'
import type { World } from '../world/index.ts'
import { payFor } from './payFor.ts'
import { earningSetting } from './plan.ts'

/** Pays a line of chat, at most once in the plan's time for each viewer. Needs their watch row and habits. @returns What was paid. */
export function payChat(world: World, viewer: ViewerRow, isCommand: boolean): number {
  const { chat } = readSetting(world, earningSetting)
  if (chat.amount === 0 || (isCommand && !chat.commands)) return 0
  if (!chat.offAir && showOnAir(world) === undefined) return 0
  const habit = habitOf(world, viewer.id)
  if (world.at - habit.chatPaidAt < chat.everySeconds) return 0
  const paid = payFor(world, viewer, chat.amount, { reason: 'chatted', detail: { pays: chat.amount } })
  if (paid > 0) world.put(habits, { ...habit, chatPaidAt: world.at })
  return paid
}
