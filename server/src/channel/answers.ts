import { Type } from '@sinclair/typebox'
import { exactly, orNull, UnixSeconds } from '#core/schema'

/** How the channel stands, for its owners. */
export const ChannelView = exactly({
  name: Type.String(),
  /** The word in its addresses, and those that it had before. */
  address: Type.String(),
  former: Type.Array(Type.String()),
  listed: Type.Boolean(),
  /** Who paused it; null: it goes on. */
  pausedBy: orNull(Type.Union([Type.Literal('owner'), Type.Literal('operator')])),
  closedAt: orNull(UnixSeconds),
  /** When it will be deleted, if it is closed. */
  deletedAt: orNull(UnixSeconds),
  viewerPage: Type.String(),
})
