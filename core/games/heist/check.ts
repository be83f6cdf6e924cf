import type { Amount } from '../../schema.ts'
import type { CheckedStep, Told } from '../checked.ts'
import { heistChance, playHeist } from './heist.ts'
import type { HeistState } from './schema.ts'

/** What became of everybody in a heist, once more. */
export function checkHeist({
  seed,
  id,
  state: { site },
  seats,
}: Told<HeistState, { readonly leaveAfter?: number }>): CheckedStep[] {
  if (site === null) return []
  const chance = heistChance(seed, id, seats)
  const crew = seats.map(({ viewer, stake, plan }) => ({
    viewer,
    stake,
    leaveAfter: plan.leaveAfter ?? site.rooms.length,
  }))
  const ends = playHeist(chance, site, crew)
  const told = (out: boolean, room: number, paid: Amount) =>
    `${out ? 'out after' : 'caught in'} ${site.rooms[room - 1]?.name ?? `room ${room}`}, ${paid}`
  return seats.map((seat, i) => {
    const end = ends[i]
    const now = end === undefined ? '' : told(end.out, end.room, end.paid)
    return {
      what: seat.name,
      label: chance.label,
      drawn: now,
      told: told(seat.state === 'out', seat.room ?? 0, seat.paid),
    }
  })
}
