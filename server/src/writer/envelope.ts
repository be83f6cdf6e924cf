import { createHash, randomBytes } from 'node:crypto'
import type { Envelope } from '#core/world'

/**
 * What goes with an intent that has come now. Its key is kept as a hash: however long it was and whatever it named, it
 * takes 43 letters in the database and tells nobody's name. Its entropy is new for each. @param at - Unix seconds.
 */
export const envelope = (key: string, at: number): Envelope => ({
  key: createHash('sha256').update(key).digest('base64url'),
  at,
  entropy: randomBytes(32).toString('hex'),
})
