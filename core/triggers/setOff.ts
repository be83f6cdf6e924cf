import type { TriggerId, UnixSeconds, ViewerId } from '../schema.ts'
import { openShow, showOnAir, shows } from '../show/index.ts'
import type { Moment, World } from '../world/index.ts'
import { setsOff } from './sources.ts'
import { openTriggers, type TriggerRow, triggers } from './table.ts'

/** So many triggers may set one another off. */
const DEEPEST = 3

/** Whom a run is about, and what its steps can tell. */
interface Occasion {
  readonly viewer: ViewerId | null
  readonly figures: Readonly<Record<string, string | number>>
}

/**
 * Sets off what waits for what has happened. The runs are intents of their own, in the order in which they were set off, so
 * that what happened is durable before anything follows from it.
 * @param depth - How many triggers led here: one that sets itself off comes to an end.
 */
export function setOffTriggers(world: World, moments: readonly Moment[], depth: number): void {
  if (moments.length === 0) return
  const all = openTriggers(world).filter(({ settings }) => settings.on)
  if (all.length === 0) return
  for (const moment of moments) {
    if (moment.kind === 'said') countLine(world, all)
    if (moment.kind === 'showStarted') for (const trigger of all) startTimer(world, trigger)
    if (depth >= DEEPEST) continue
    for (const { id, settings } of all) if (setsOff(settings.source, moment)) runLater(world, id, moment, depth)
  }
}

function runLater(world: World, trigger: TriggerId, { viewer, figures }: Occasion, depth: number): void {
  // A number of its own makes each run one, however often a timer is delivered.
  const run = world.nextId()
  const intent = { kind: 'trigger.run', trigger, viewer, figures, depth: depth + 1 } as const
  world.timer({ key: `trigger/${run}`, at: world.at, intent, queue: 'triggers' })
}

/** Lines are counted only while a timer waits for some: counting costs a row in every batch. */
function countLine(world: World, all: readonly TriggerRow[]): void {
  const show = showOnAir(world)
  const waits = all.some(({ settings: { source } }) => source.of === 'timer' && source.lines > 0)
  if (show !== undefined && waits) world.put(shows, { ...show, lines: show.lines + 1 })
}

/** Starts the clock of a timer, if there is a show on air. */
export function startTimer(world: World, trigger: TriggerRow): void {
  const { source, on } = trigger.settings
  const show = openShow(world)
  if (source.of !== 'timer' || !on || show?.status !== 'on') return
  setDue(world, { ...trigger, linesAt: show.lines, showId: show.id }, world.at + source.minutes * 60)
}

function setDue(world: World, trigger: TriggerRow, dueAt: UnixSeconds): void {
  world.put(triggers, { ...trigger, dueAt })
  const intent = { kind: 'trigger.tick', trigger: trigger.id, due: dueAt } as const
  world.timer({ key: `trigger.tick/${trigger.id}/${dueAt}`, at: dueAt, intent })
}

/** How soon a timer looks again whether chat has said enough (seconds). */
const LOOK_AGAIN_SECONDS = 10

/** Looks at a timer whose time has come: it runs if chat has said enough since, or looks again soon. @returns Whether it runs. */
export function lookAtTimer(world: World, trigger: TriggerRow): boolean {
  const { source } = trigger.settings
  const show = showOnAir(world)
  if (source.of !== 'timer' || show === undefined || !trigger.settings.on) {
    world.put(triggers, { ...trigger, dueAt: null })
    return false
  }
  const since = trigger.showId === show.id ? show.lines - trigger.linesAt : show.lines
  if (since < source.lines) {
    setDue(world, trigger, world.at + LOOK_AGAIN_SECONDS)
    return false
  }
  runLater(world, trigger.id, { viewer: null, figures: {} }, 0)
  setDue(world, { ...trigger, linesAt: show.lines, showId: show.id }, world.at + source.minutes * 60)
  return true
}
