import { ranksSetting } from '#core/ranks'
import type { UnixSeconds } from '#core/schema'
import { homeSetting, writeSetting } from '#core/settings'
import { World } from '#core/world'
import type { Reader } from '../database/index.ts'
import { settingOf } from '../settings/index.ts'

/** As much of a channel as it takes to tell who may use something (`mayUse`), without loading the channel. */
export async function accessWorld(db: Reader, channel: number, at: UnixSeconds): Promise<World> {
  const world = new World()
  world.begin({ key: '', at })
  writeSetting(world, ranksSetting, await settingOf(db, channel, ranksSetting))
  writeSetting(world, homeSetting, await settingOf(db, channel, homeSetting))
  return world
}
