import { type Static, Type } from '@sinclair/typebox'
import { exactly, oneOf } from '../schema.ts'
import { readSetting, setting, writeSetting } from '../settings/index.ts'
import { type Handler, ok } from '../world/index.ts'
import { tryAsViewer } from './testViewer.ts'

/** What there is to do before the first evening, in the order in which it is done. */
export const STEPS = ['chat', 'events', 'starter', 'overlay', 'people', 'tell', 'show', 'order'] as const
export const StepKey = oneOf(STEPS)
export type StepKey = Static<typeof StepKey>

/** The steps that somebody has said not to need. */
export const starterSetting = setting('starter', 'list of steps left out', exactly({ skipped: Type.Array(StepKey) }), {
  skipped: [],
})

export interface SkipStep {
  readonly kind: 'starter.skip'
  readonly step: StepKey
  readonly skip: boolean
}

/** Leaves a step out, or takes it up again. */
export const skipStep = {
  decide(world, { step, skip }) {
    const { skipped } = readSetting(world, starterSetting)
    const others = skipped.filter((one) => one !== step)
    writeSetting(world, starterSetting, { skipped: skip ? [...others, step] : others })
    world.fact('starter.changed', 'desk', { step, skip })
    return ok({ step, skip })
  },
} satisfies Handler<SkipStep>

/** How each intent of starting is decided, by its kind. */
export const starterHandlers = { 'starter.skip': skipStep, 'starter.tryAsViewer': tryAsViewer }
