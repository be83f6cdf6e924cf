import { balanceOf } from '../ledger/index.ts'
import { holds, standingsOf, viewers } from '../people/index.ts'
import { readSetting, zoneSetting } from '../settings/index.ts'
import { showOnAir } from '../show/index.ts'
import type { Condition } from '../steps/index.ts'
import { countOf } from '../tallies/index.ts'
import type { World } from '../world/index.ts'
import type { Run } from './run.ts'

/** Whether all of a condition holds at this moment of a run. What asks for somebody does not hold for nobody. */
export function holdsNow({ world, caller: before }: Run, condition: Condition): boolean {
  const { standing, balanceFrom, tally, onAir, time } = condition
  const caller = before && world.get(viewers, before.id)
  const asksSomebody = standing !== undefined || balanceFrom !== undefined || tally !== undefined
  if (asksSomebody && caller === undefined) return false
  if (caller !== undefined) {
    if (standing !== undefined && !holds(standingsOf(caller, world.at), standing)) return false
    if (balanceFrom !== undefined && balanceOf(world, caller.id) < balanceFrom) return false
    if (tally !== undefined && countOf(world, tally.tally, caller.id).total < tally.from) return false
  }
  if (onAir !== undefined && (showOnAir(world) !== undefined) !== onAir) return false
  return time === undefined || isBetween(world, time)
}

/** Times of day compare as text; the end itself is out. */
function isBetween(world: World, { from, to }: { from: string; to: string }): boolean {
  const { timeZone } = readSetting(world, zoneSetting)
  const format = new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23' })
  const now = format.format(world.at * 1000)
  return from <= to ? now >= from && now < to : now >= from || now < to
}
