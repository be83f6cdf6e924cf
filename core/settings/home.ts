import { type Static, Type } from '@sinclair/typebox'
import { exactly, Id, orNull } from '../schema.ts'
import { type Handler, ok } from '../world/index.ts'
import { readSetting, setting, writeSetting } from './settings.ts'

/** Whose the channel is, and where its viewers find it. */
const Home = exactly({
  /** Account of the streamer at the provider they sign in with. */
  owner: Type.String(),
  /** Who issues the accounts of the chat network: '' is that provider, too. */
  chatIssuer: Type.String(),
  /** The person whom the streamer's account was linked to; null: it is its own. */
  viewer: orNull(Id),
  /** Address of the viewer page. */
  address: Type.String(),
})
export type Home = Readonly<Static<typeof Home>>

const UNKNOWN: Home = { owner: '', chatIssuer: '', viewer: null, address: '' }
export const homeSetting = setting('home', 'owner and address', Home, UNKNOWN)

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
