import type { TriggerId } from '../schema.ts'
import { type Handler, refuse } from '../world/index.ts'
import { runTrigger } from './run.ts'
import { triggerOf } from './table.ts'

export interface PressButton {
  readonly kind: 'button.press'
  readonly trigger: TriggerId
}

const run = (trigger: TriggerId) => ({ kind: 'trigger.run', trigger, viewer: null, figures: {}, depth: 1 }) as const

/** Sets off what a button of the desk is for. Whoever may press buttons sets off nothing else by it. */
export const pressButton = {
  needs(world, intent) {
    return runTrigger.needs(world, { ...intent, ...run(intent.trigger) })
  },
  decide(world, intent) {
    if (triggerOf(world, intent.trigger)?.settings.source.of !== 'button')
      return refuse('trigger_not_found', 'This button no longer exists. Reload the page.')
    return runTrigger.decide(world, { ...intent, ...run(intent.trigger) })
  },
} satisfies Handler<PressButton>
