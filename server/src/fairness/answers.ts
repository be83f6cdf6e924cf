import { Type } from '@sinclair/typebox'
import { exactly, Id, orNull, UnixSeconds } from '#core/schema'

export const ClosedSeed = exactly({
  id: Id,
  seed: Type.String(),
  commitment: Type.String(),
  openedAt: UnixSeconds,
  closedAt: UnixSeconds,
})

export const Seeds = exactly({
  open: orNull(exactly({ id: Id, commitment: Type.String(), openedAt: UnixSeconds })),
  closed: Type.Array(ClosedSeed),
})
