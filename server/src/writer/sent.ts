import type { Intent } from '#core/engine'
import type { Envelope } from '#core/world'

interface InEnvelope extends Envelope {
  readonly sentWith?: string
}

/** An intent in its envelope, as it is handed in. */
export type IntentEnvelope<I extends Intent = Intent> = I & InEnvelope
