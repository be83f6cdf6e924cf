import { Type } from '@sinclair/typebox'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'
import { AlertSettings, Piece } from '#core/screen'

export const DeskOverlay = exactly({
  connected: Type.Boolean(),
  id: Id,
  name: Type.String(),
  secret: Type.String(),
  width: Count,
  height: Count,
  pieces: Type.Array(Piece),
  background: orNull(Type.String()),
  seenAt: orNull(UnixSeconds),
})

export const DeskMedia = exactly({
  uses: Type.Array(Type.String()),
  file: Type.String(),
  name: Type.String(),
  kind: oneOf(['picture', 'sound', 'video']),
  bytes: Count,
  width: orNull(Count),
  height: orNull(Count),
  ms: orNull(Type.Number()),
  addedAt: UnixSeconds,
})

export const DeskScreenAnswer = exactly({
  overlays: Type.Array(DeskOverlay),
  paused: Type.Boolean(),
  alerts: Type.Array(exactly({ uses: Type.Array(Type.String()), id: Id, settings: AlertSettings })),
  media: Type.Array(DeskMedia),
  room: exactly({ used: Type.Number(), most: Type.Number(), each: Type.Number() }),
})
