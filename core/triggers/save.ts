import { aroundIn, checkSteps, faultInWords } from '../runs/index.ts'
import type { TriggerId } from '../schema.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import type { TriggerSettings } from './schema.ts'
import { startTimer } from './setOff.ts'
import { figuresOf, hasViewer } from './sources.ts'
import { openTriggers, outsideRewards, savedTriggers, triggers } from './table.ts'

export interface SaveTrigger {
  readonly kind: 'trigger.save'
  /** Null: a new one. */
  readonly trigger: TriggerId | null
  readonly settings: TriggerSettings
}

/** Makes or changes a trigger. What is answered is what is live from that moment. */
export const saveTrigger = {
  decide(world, { trigger: id, settings }) {
    const before = savedTriggers.before(world, id)
    if (!before.ok) return before
    const checked = checkTrigger(world, id, settings)
    if (!checked.ok) return checked
    const tidy = { ...settings, name: settings.name.trim(), group: settings.group.trim() }
    const fresh = { dueAt: null, linesAt: 0, showId: 0 }
    const row = world.put(triggers, { ...fresh, id: id ?? world.nextId(), settings: tidy, goneAt: null })
    startTimer(world, row)
    world.fact('commands.changed', 'everyone', { trigger: row.id })
    return ok({ trigger: row.id, settings: row.settings })
  },
} satisfies Handler<SaveTrigger>

/** What steps of a trigger find around them. */
export const aroundTrigger = (world: World, { source }: Pick<TriggerSettings, 'source'>) =>
  aroundIn(world, { arguments: [], figures: figuresOf(source.of), viewer: hasViewer(source.of) })

export function checkTrigger(world: World, id: number | null, settings: TriggerSettings): Result<true> {
  const { source, steps } = settings
  const fault = checkSteps(steps, aroundTrigger(world, settings)).find(({ hint }) => !hint)
  if (fault !== undefined) return refuse('trigger_invalid', faultInWords(fault))
  if ('to' in source && source.to !== null && source.to < source.from)
    return refuse('trigger_invalid', `Nothing is from ${source.from} to ${source.to}. Swap the two.`)
  if (source.of !== 'outside') return ok(true)
  if (world.get(outsideRewards, source.reward) === undefined)
    return refuse('trigger_invalid', 'The platform has not reported this reward. Choose one from the list.')
  const other = openTriggers(world).find(
    (one) => one.id !== id && one.settings.source.of === 'outside' && one.settings.source.reward === source.reward,
  )
  return other === undefined
    ? ok(true)
    : refuse('trigger_invalid', `"${other.settings.name}" already answers this reward. A reward can have one trigger.`)
}

export interface SwitchTrigger {
  readonly kind: 'trigger.switch'
  readonly trigger: TriggerId
  readonly on: boolean
}

export const switchTrigger = {
  decide(world, { trigger: id, on }) {
    const found = savedTriggers.need(world, id)
    if (!found.ok) return found
    const settings = { ...found.value.settings, on }
    const switched = world.put(triggers, { ...found.value, settings, dueAt: null })
    startTimer(world, switched)
    world.fact('commands.changed', 'everyone', { trigger: id })
    return ok({ trigger: id, on })
  },
} satisfies Handler<SwitchTrigger>

export interface RemoveTrigger {
  readonly kind: 'trigger.remove'
  readonly trigger: TriggerId
}

export const removeTrigger = {
  decide(world, { trigger: id }) {
    const found = savedTriggers.need(world, id)
    if (!found.ok) return found
    world.put(triggers, { ...found.value, goneAt: world.at, dueAt: null })
    world.fact('commands.changed', 'everyone', { trigger: id })
    return ok({})
  },
} satisfies Handler<RemoveTrigger>
