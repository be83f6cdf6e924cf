import type { ViewerRow } from '../people/index.ts'
import type { Seconds } from '../schema.ts'
import { ok, type Result, refuse, type World } from '../world/index.ts'
import { longInWords } from './allowed.ts'
import type { Played } from './played.ts'
import { playerOf, players } from './rounds.ts'

const LEAST = 3600
const MOST = 366 * 86_400

/** Bars somebody from all wagering for a time (seconds), as they wish. It can be made longer, and by nobody shorter. */
export function sitOut(world: World, viewer: ViewerRow, seconds: Seconds): Result<Played> {
  if (!Number.isInteger(seconds) || seconds < LEAST || seconds > MOST)
    return refuse(
      'sit_out_unclear',
      'Say for how long, from 1h to 366d: 12h, 30d or 4w. Nobody can end it early, not even you.',
    )
  const player = playerOf(world, viewer.id)
  const until = world.at + seconds
  if (player.sitsOutUntil >= until)
    return ok({
      round: null,
      told: `${viewer.name} is already sitting out for longer than that: ${longInWords(player.sitsOutUntil - world.at)} more.`,
    })
  world.put(players, { ...player, sitsOutUntil: until })
  world.fact('player.sitsOut', `viewer:${viewer.id}`, { until })
  return ok({
    round: null,
    told: `${viewer.name} sits out all games for ${longInWords(seconds)}. Nobody can end that early.`,
  })
}

const UNITS: Readonly<Record<string, number>> = { h: 3600, d: 86_400, w: 7 * 86_400 }

/** A time as it is typed: "12h", "30d", "4w"; undefined: none. */
export function readSpan(typed: string): number | undefined {
  const [, count, unit = ''] = /^(\d{1,4})\s*([hdw])/.exec(typed.trim().toLowerCase()) ?? []
  return count === undefined ? undefined : Number(count) * (UNITS[unit] ?? 0)
}
