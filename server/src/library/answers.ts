import { Type } from '@sinclair/typebox'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'
import { AlertSettings, OverlaySettings, Piece } from '#core/screen'

export const Overlay = exactly({
  connected: Type.Boolean(),
  id: Id,
  name: Type.String(),
  secret: Type.String(),
  width: Count,
  height: Count,
  pieces: Type.Array(Piece),
  background: OverlaySettings.properties.background,
  seenAt: orNull(UnixSeconds),
})

export const MediaFile = exactly({
  uses: Type.Array(Type.String()),
  file: Type.String(),
  name: Type.String(),
  kind: oneOf(['picture', 'sound', 'video']),
  bytes: Count,
  width: orNull(Count),
  height: orNull(Count),
  ms: orNull(Count),
  addedAt: UnixSeconds,
})

export const ScreenView = exactly({
  overlays: Type.Array(Overlay),
  paused: Type.Boolean(),
  alerts: Type.Array(exactly({ uses: Type.Array(Type.String()), id: Id, settings: AlertSettings })),
  media: Type.Array(MediaFile),
  room: exactly({ used: Count, most: Count, each: Count }),
})
