import { type Handler, ok } from '../world/index.ts'
import { readSetting, type Setting, writeSetting } from './settings.ts'

/** Whose the channel is, and where its viewers find it. */
export interface Home {
  /** Account of the streamer. */
  readonly owner: string
  /** Address of the viewer page. */
  readonly address: string
}

export const homeSetting: Setting<Home> = { name: 'home', initial: { owner: '', address: '' } }

export interface ChangeHome {
  readonly kind: 'channel.home'
  readonly home: Home
}

/** Notes whose the channel is and where it is found, as the installation has it. */
export const changeHome: Handler<ChangeHome> = {
  decide(world, { home }) {
    const known = readSetting(world, homeSetting)
    if (known.owner !== home.owner || known.address !== home.address) writeSetting(world, homeSetting, home)
    return ok({})
  },
}
