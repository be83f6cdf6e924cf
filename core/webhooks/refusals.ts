import type { DeclaredRefusal } from '../world/index.ts'

/** For what reasons a webhook cannot be. */
export const webhookRefusals = {
  webhook_invalid: { kind: 'conflict', when: 'The webhook’s name is taken, or there are too many.' },
  webhook_not_found: { kind: 'missing', when: 'There is no longer a webhook with this number.' },
} as const satisfies Readonly<Record<string, DeclaredRefusal>>

type Declared = typeof webhookRefusals
declare module '../world/result.ts' {
  interface Refusals extends Declared {}
}
