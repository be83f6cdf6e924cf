import { aroundIn, checkSteps, faultInWords } from '../runs/index.ts'
import type { TriggerId } from '../schema.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import type { TriggerSettings } from './schema.ts'
import { startTimer } from './setOff.ts'
import { figuresOf, hasViewer } from './sources.ts'
import { openTriggers, outsideRewards, triggerOf, triggers } from './table.ts'

const MOST_TRIGGERS = 200
const GONE = 'This trigger is not there any more. Load the page again.'

export interface SaveTrigger {
  readonly kind: 'trigger.save'
  /** Null: a new one. */
  readonly trigger: TriggerId | null
  readonly settings: TriggerSettings
}

/** Makes or changes a trigger. What is answered is what is live from that moment. */
export const saveTrigger = {
  decide(world, { trigger: id, settings }) {
    const known = id === null ? undefined : triggerOf(world, id)
    if (id !== null && known === undefined) return refuse('trigger_not_found', GONE)
    if (id === null && openTriggers(world).length >= MOST_TRIGGERS)
      return refuse('trigger_invalid', `${MOST_TRIGGERS} triggers are the most. Take one away first.`)
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
    : refuse('trigger_invalid', `"${other.settings.name}" answers this reward already. One reward has one answer.`)
}

export interface SwitchTrigger {
  readonly kind: 'trigger.switch'
  readonly trigger: TriggerId
  readonly on: boolean
}

export const switchTrigger = {
  decide(world, { trigger: id, on }) {
    const row = triggerOf(world, id)
    if (row === undefined) return refuse('trigger_not_found', GONE)
    const switched = world.put(triggers, { ...row, settings: { ...row.settings, on }, dueAt: null })
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
    const row = triggerOf(world, id)
    if (row === undefined) return refuse('trigger_not_found', GONE)
    world.put(triggers, { ...row, goneAt: world.at, dueAt: null })
    world.fact('commands.changed', 'everyone', { trigger: id })
    return ok({})
  },
} satisfies Handler<RemoveTrigger>
