import { randomBytes } from 'node:crypto'
import type { Envelope } from '#core/world'

/** What goes with an intent that has come now: its entropy is new for each. @param at - Unix seconds. */
export const envelope = (key: string, at: number): Envelope => ({ key, at, entropy: randomBytes(32).toString('hex') })
