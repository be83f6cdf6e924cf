import { type Handler, ok } from '../world/index.ts'
import { readSetting, type Setting, writeSetting } from './settings.ts'

/** Whose the channel is, and where its viewers find it. */
export interface Home {
  /** Account of the streamer at the provider they sign in with. */
  readonly owner: string
  /** Who issues the accounts of the chat network: '' is that provider, too. */
  readonly chatIssuer: string
  /** The person whom the streamer's account was linked to; null: it is its own. */
  readonly viewer: number | null
  /** Address of the viewer page. */
  readonly address: string
}

export const homeSetting: Setting<Home> = {
  name: 'home',
  initial: { owner: '', chatIssuer: '', viewer: null, address: '' },
}

export interface ChangeHome {
  readonly kind: 'channel.home'
  readonly home: Omit<Home, 'viewer'>
}

/** Notes whose the channel is and where it is found, as the installation has it. */
export const changeHome = {
  decide(world, { home }) {
    const known = readSetting(world, homeSetting)
    const same = known.owner === home.owner && known.address === home.address && known.chatIssuer === home.chatIssuer
    if (!same) writeSetting(world, homeSetting, { ...known, ...home })
    return ok({})
  },
} satisfies Handler<ChangeHome>
