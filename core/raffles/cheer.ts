import { showSaved, showSound } from '../screen/index.ts'
import type { World } from '../world/index.ts'
import { cheers, type RaffleRow } from './rows.ts'
import { setTimer } from './timers.ts'

/** Between two sounds or alerts of entries (seconds). */
const CHEER_SECONDS = 5

/** Shows and sounds that somebody is in, if the raffle does that; what comes within some seconds of it is told together. */
export function cheer(world: World, raffle: RaffleRow, name: string): void {
  const { entryAlert, entrySound } = raffle.settings
  if (entryAlert === null && entrySound === 'none') return
  const row = world.get(cheers, raffle.id) ?? { id: raffle.id, until: 0, more: 0 }
  if (row.until <= world.at || row.until > world.at + CHEER_SECONDS) {
    playCheer(world, raffle, name)
    world.put(cheers, { ...row, until: world.at + CHEER_SECONDS, more: 0 })
    return
  }
  if (row.more === 0) {
    setTimer(world, raffle.id, 'cheer', row.until)
  }
  world.put(cheers, { ...row, more: row.more + 1 })
}

/** Shows and sounds that people are in. */
export function playCheer(world: World, { settings }: RaffleRow, who: string): void {
  const { entryAlert, entrySound, title } = settings
  if (entryAlert !== null)
    showSaved(world, entryAlert, { viewer: { name: who }, reward: { name: title }, order: { text: '', cost: '' } })
  if (entrySound !== 'none') showSound(world, entrySound)
}
