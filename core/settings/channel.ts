import { type Static, Type } from '@sinclair/typebox'
import { exactly } from '../schema.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import { readSetting, setting, writeSetting } from './settings.ts'

/** What the channel is called, where it is found, and whether it goes on: as the installation has it. */
export const ChannelState = exactly({
  name: Type.String(),
  /** The word in its addresses. */
  address: Type.String(),
  listed: Type.Boolean(),
  paused: Type.Boolean(),
  closed: Type.Boolean(),
})
export type ChannelState = Readonly<Static<typeof ChannelState>>

const UNKNOWN: ChannelState = { name: '', address: '', listed: true, paused: false, closed: false }
export const channelSetting = setting('channel', 'channel’s name and state', ChannelState, UNKNOWN)

/** Refuses while the channel is paused or closed. */
export function checkGoesOn(world: World): Result<true> {
  const { paused, closed } = readSetting(world, channelSetting)
  if (closed) return refuse('channel_paused', 'This channel is closed.')
  return paused ? refuse('channel_paused', 'This channel is paused. Resume it first.') : ok(true)
}

export interface ChangeChannel {
  readonly kind: 'channel.change'
  readonly channel: ChannelState
}

/** Notes how the channel stands, and tells everybody. */
export const changeChannel = {
  decide(world, { channel }) {
    writeSetting(world, channelSetting, channel)
    world.fact('channel.changed', 'everyone', { paused: channel.paused, closed: channel.closed })
    return ok({})
  },
} satisfies Handler<ChangeChannel>
