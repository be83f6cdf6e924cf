import { needPayee } from '../people/index.ts'
import type { ViewerId } from '../schema.ts'
import { type Need, needKey, type World } from '../world/index.ts'
import { players, type RoundRow, seatKey, seats } from './rounds.ts'

/** What paying who had a seat needs. */
function needPaid(world: World, viewer: ViewerId): Need[] {
  const { payee, needs } = needPayee(world, viewer)
  return [...needs, needKey(players, payee)]
}

/** Everybody who has a seat in a round, with what they hold. */
export function needEveryone(world: World, round: RoundRow): Need[] {
  const keys = Array.from({ length: round.seats }, (_, i) => seatKey(round.id, i + 1))
  const needed = keys.map((key) => needKey(seats, key))
  const people = keys.flatMap((key, i) => {
    const need = needed[i]
    const seat = need !== undefined && world.rows.has(need) ? world.get(seats, key) : undefined
    return seat === undefined ? [] : needPaid(world, seat.viewer)
  })
  return [...needed, ...people]
}
