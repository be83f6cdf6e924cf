import { type Static, Type } from '@sinclair/typebox'
import { exactly, oneOf, orNull, UnixSeconds } from '#core/schema'
import type { Unchangeable } from '#core/world'

/**
 * What a room cannot tell: who is there without speaking (`silent`), or who moderates it (`moderators`). Known while the bot is there.
 */
export const LACKS = ['silent', 'moderators'] as const
export type Lack = (typeof LACKS)[number]

/** How a channel's chat stands; `out`: the team sent the bot out of the room. `since` in seconds; `sentence` says it in plain words. */
export const ChatState = exactly({
  status: oneOf(['off', 'out', 'refused', 'connecting', 'connected']),
  sentence: Type.String(),
  since: UnixSeconds,
  room: orNull(Type.String()),
  lacks: Type.Array(oneOf(LACKS)),
})

export type ChatState = Unchangeable<Static<typeof ChatState>>
