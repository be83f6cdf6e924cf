import { usesOfAlert, usesOfMedia } from '#core/library'
import type { Channels } from '../channels.ts'
import { commandsOf, triggersOf } from '../commands/index.ts'
import type { Reader } from '../database/index.ts'
import { alertsOf, alertsPaused, mediaOf, overlaysOf } from '../screen/index.ts'
import { rewardsOf } from '../store/index.ts'
import { ROOM_BYTES, usedRoom } from './keep.ts'
import { MOST_BYTES } from './read.ts'

/** Overlays, alerts and the library's files, each with where it is used. */
export async function screenView(db: Reader, channels: Channels, channel: number) {
  const overlays = await overlaysOf(db, channel, channels.clock())
  const alerts = await alertsOf(db, channel)
  const rewards = await rewardsOf(db, channel)
  const users = {
    rewards,
    alerts,
    overlays,
    commands: await commandsOf(db, channel),
    triggers: await triggersOf(db, channel),
  }
  const files = await mediaOf(db, channel)
  return {
    overlays,
    paused: await alertsPaused(db, channel),
    alerts: alerts.map((row) => ({ ...row, uses: usesOfAlert(users, row.id) })),
    media: files.map((file) => ({ ...file, uses: usesOfMedia(users, `media/${file.file}`) })),
    room: { used: await usedRoom(channels.pool, channel), most: ROOM_BYTES, each: MOST_BYTES },
  }
}
