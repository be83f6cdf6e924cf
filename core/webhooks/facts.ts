import { fact } from '../world/index.ts'

/** What is told of webhooks. */
export const webhookFacts = {
  'webhooks.changed': fact(
    ['desk'],
    'A webhook was added, changed, paused or removed, or began or ceased to fail.',
    {},
  ),
}

type Declared = typeof webhookFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
