import type { Intent } from '#core/engine'
import type { Envelope } from '#core/world'

/** An intent in its envelope, as it is handed in. */
export type Sent = Intent & Envelope & { readonly sentWith?: string }
