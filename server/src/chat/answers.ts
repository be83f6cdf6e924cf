import { type Static, Type } from '@sinclair/typebox'
import { exactly, oneOf, orNull, UnixSeconds } from '#core/schema'
import type { Unchangeable } from '#core/world'

/** How a channel's chat stands; `out`: the team sent the bot out of the room. `since` in seconds; `sentence` says it in plain words. */
export const ChatState = exactly({
  status: oneOf(['off', 'out', 'refused', 'connecting', 'connected']),
  sentence: Type.String(),
  since: UnixSeconds,
  room: orNull(Type.String()),
})

export type ChatState = Unchangeable<Static<typeof ChatState>>
