import { createHash, randomBytes } from 'node:crypto'
import type { UnixSeconds } from '#core/schema'
import type { Envelope } from '#core/world'

/** Where a key says what was sent with it; a key that is made of it for a part of the work goes on behind. */
const SENT_WITH = /^(http\/[^#]*)#([\w-]{16})/

/**
 * A key of a request that says what body was sent with it: with another one it is not the same action. Hashed together with
 * the key, which is kept nowhere: whoever reads the database cannot try what an address or a text may have been.
 */
export const keyWithBody = (key: string, body: unknown): string =>
  `${key}#${createHash('sha256')
    .update(`${key}\0${JSON.stringify(body)}`)
    .digest('base64url')
    .slice(0, 16)}`

/** Where a key says who did it at a desk: `http/<account>/PUT /api/channels/<channel>/desk/...`. */
const AT_DESK = /^http\/([^/]+)\/\w+ \/api\/channels\/[^/]+\/desk\//

/**
 * What goes with an intent that has come now. Its key is kept as a hash: however long it was and whatever it named, it
 * takes 43 letters in the database and tells nobody's name. Its entropy is new for each. @param at - Unix seconds.
 */
export function envelope(key: string, at: UnixSeconds): Envelope & { readonly sentWith?: string } {
  const sentWith = SENT_WITH.exec(key)?.[2]
  const hash = createHash('sha256').update(key.replace(SENT_WITH, '$1')).digest('base64url')
  const atDesk = AT_DESK.exec(key)?.[1]
  return {
    key: hash,
    at,
    entropy: randomBytes(32).toString('hex'),
    ...(sentWith !== undefined && { sentWith }),
    ...(atDesk !== undefined && { atDesk: decodeURIComponent(atDesk) }),
  }
}
