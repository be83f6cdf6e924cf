import { type Static, Type } from '@sinclair/typebox'
import { exactly, Id, orNull, UnixSeconds } from '#core/schema'
import type { Unchangeable } from '#core/world'

/** A secret as the desk may see it: never the secret itself. */
export const SecretHead = exactly({
  id: Id,
  name: Type.String(),
  createdAt: UnixSeconds,
  usedAt: orNull(UnixSeconds),
  /** The kinds it may send; null: any. */
  kinds: orNull(Type.Array(Type.String())),
})

export type SecretHead = Unchangeable<Static<typeof SecretHead>>
