import { ATTENDED_SECONDS, attend, watches } from '../people/index.ts'
import type { ShowId, UnixSeconds } from '../schema.ts'
import { readSetting, writeSetting } from '../settings/index.ts'
import { type ShowRow, setTick, shows } from '../show/index.ts'
import { type Handler, ok, type World } from '../world/index.ts'
import { earningSetting, offAirSetting } from './plan.ts'

export interface SettleShow {
  readonly kind: 'show.settled'
  readonly show: ShowId
  /** Set where who attended has been noted for everyone at once. */
  readonly done?: true
}

/** Ends a show whose watch time has been settled to the last second, and notes who attended. A repeat changes nothing. */
export const settleShow = {
  decide(world, intent) {
    const show = world.get(shows, intent.show)
    if (show?.status !== 'closing') return ok({ settled: false })
    world.put(shows, { ...show, status: 'ended' })
    if (!intent.done) noteAttendance(world, show)
    // Whatever was off air before this show has been paid with its first payments.
    writeSetting(world, offAirSetting, { since: null })
    startOffAir(world, show.endedAt ?? world.at)
    world.fact('show.settled', 'desk', { show: show.id, paid: show.paid, spent: show.spent })
    return ok({ settled: true })
  },
} satisfies Handler<SettleShow>

function noteAttendance(world: World, show: ShowRow): void {
  for (const watch of world.all(watches)) {
    if (watch.showId !== show.id || watch.showSeconds < ATTENDED_SECONDS) continue
    world.put(watches, { ...watch, ...attend(watch, show.number) })
  }
}

/** From a time on, being there off air is paid, if the plan says so. */
export function startOffAir(world: World, since: UnixSeconds): void {
  const { offAir } = readSetting(world, earningSetting)
  const before = readSetting(world, offAirSetting).since
  if (offAir.base === 0) {
    if (before !== null) writeSetting(world, offAirSetting, { since: null })
    return
  }
  if (before !== null) return
  writeSetting(world, offAirSetting, { since })
  setTick(world, 0, Math.max(world.at, since + offAir.intervalSeconds))
}
