import { checkLimits, countUse, type LimitKey, needLimits, uncountUse, whyNotFor } from '../access/index.ts'
import { type ViewerRow, viewers } from '../people/index.ts'
import { finishRun, needAbout, needSteps, newRun, queued, refusedRun, runs } from '../runs/index.ts'
import type { TriggerId, UnixSeconds, ViewerId } from '../schema.ts'
import { checkGoesOn } from '../settings/index.ts'
import { limitPeriod, showOnAir } from '../show/index.ts'
import { type Handler, needKey, ok, type Refusal, type Result, refuse, type World } from '../world/index.ts'
import { lookAtTimer } from './setOff.ts'
import { hasViewer } from './sources.ts'
import { type RedemptionRow, redemptions, type TriggerRow, triggerOf } from './table.ts'

const GONE = 'This trigger no longer exists. Reload the page.'

/** What the limits of a trigger are counted by. */
export const triggerKey = (id: number): LimitKey => `t${id}`

type Figures = Readonly<Record<string, string | number>>

export interface RunTrigger {
  readonly kind: 'trigger.run'
  readonly trigger: TriggerId
  /** Who set it off; null: nobody. */
  readonly viewer: ViewerId | null
  readonly figures: Figures
  /** How many triggers led here, this one included. */
  readonly depth: number
}

/** Runs a trigger for what set it off, if it may; a redemption that asks for approval waits on the bench. */
export const runTrigger = {
  needs(world, { trigger, viewer, at }) {
    const row = triggerOf(world, trigger)
    const about = viewer === null ? [] : needAbout(viewer)
    if (row === undefined) return about
    const caller = viewer ?? undefined
    const needed = [...about, ...needLimits(triggerKey(trigger), caller)]
    if (!needed.every((need) => world.rows.has(need))) return needed
    const { limits, steps } = row.settings
    if (!checkLimits(world, triggerKey(trigger), limits, viewer, at).ok) return needed
    return [...needed, ...needSteps(world, steps, { caller, named: {} })]
  },
  decide(world, { trigger, viewer: id, figures, depth }) {
    const row = triggerOf(world, trigger)
    if (row === undefined) return refuse('trigger_not_found', GONE)
    const viewer = id === null ? undefined : world.get(viewers, id)
    const redeemed = typeof figures.redemption === 'string' && viewer !== undefined
    const allowed = mayNow(world, row, viewer)
    if (!allowed.ok) {
      if (redeemed) answerAt(world, redemption(world, row, viewer, figures), 'refused', allowed.refusal.sentence, null)
      return ok({ ...refused(world, row, viewer, allowed.refusal) })
    }
    if (redeemed && row.settings.source.of === 'outside' && row.settings.source.approval === 'hand') {
      countUse(world, triggerKey(row.id), row.settings.limits, viewer.id)
      const waiting = world.put(redemptions, redemption(world, row, viewer, figures))
      world.fact('redemption.waits', 'desk', { redemption: waiting.id, name: waiting.viewerName })
      return ok({ redemption: waiting.id })
    }
    const done = runSteps(world, row, viewer, { figures, depth, counts: true })
    if (redeemed) {
      const outcome = done.refusal === undefined ? 'approved' : 'refused'
      answerAt(world, redemption(world, row, viewer, figures), outcome, done.refusal?.sentence ?? null, null)
    }
    return ok({ ...done })
  },
} satisfies Handler<RunTrigger>

function mayNow(world: World, { id, settings }: TriggerRow, viewer: ViewerRow | undefined): Result<true> {
  const { on, onAir, who, limits, source } = settings
  const goesOn = checkGoesOn(world)
  if (!goesOn.ok) return goesOn
  if (!on) return refuse('command_off', `${settings.name} is switched off.`)
  if (hasViewer(source.of) && viewer === undefined)
    return refuse('person_missing', 'Whoever set it off is no longer known.')
  if (viewer?.ignored) return refuse('viewer_ignored', 'This account is ignored in this channel.')
  const why = viewer && whyNotFor(world, who, viewer, settings.name)
  if (why !== undefined) return refuse('command_not_allowed', why)
  if (onAir && showOnAir(world) === undefined)
    return refuse('command_off_air', `${settings.name} works only while the show is on air.`)
  return checkLimits(world, triggerKey(id), limits, viewer?.id ?? null)
}

interface Done {
  readonly run: number
  readonly outcome: string
  readonly refusal?: Refusal
}

interface Set {
  readonly figures: Figures
  readonly depth: number
  /** Whether it counts towards the limits now; a redemption that waited has counted when it came. */
  readonly counts: boolean
}

/** Does a trigger's steps, all or none: what fails has not been used either. */
function runSteps(world: World, row: TriggerRow, viewer: ViewerRow | undefined, { figures, depth, counts }: Set): Done {
  const before = world.mark()
  if (counts) countUse(world, triggerKey(row.id), row.settings.limits, viewer?.id ?? null)
  const id = world.nextId()
  const run = newRun({
    world,
    id,
    source: { source: 'trigger', of: row.id, name: row.settings.name },
    limitKey: triggerKey(row.id),
    caller: viewer,
    wanted: [],
    given: {},
    figures,
    depth,
    asker: null,
    reply: null,
    paid: 0,
    taken: 0,
  })
  const finished = finishRun(run, queued(row.settings.steps), null)
  if (finished.ok) return { run: id, outcome: finished.value }
  world.undo(before)
  return refused(world, row, viewer, finished.refusal)
}

function refused(world: World, row: TriggerRow, viewer: ViewerRow | undefined, refusal: Refusal): Done {
  const base = { id: world.nextId(), at: world.at, source: 'trigger', of: row.id, name: row.settings.name } as const
  world.append(runs, refusedRun({ ...base, viewer: viewer?.id ?? null, viewerName: viewer?.name ?? null }, refusal))
  world.fact('run.ended', 'desk', { run: base.id, outcome: 'refused' })
  return { run: base.id, outcome: 'refused', refusal }
}

const redemption = (world: World, row: TriggerRow, viewer: ViewerRow, figures: Figures): RedemptionRow => ({
  id: world.nextId(),
  outside: String(figures.redemption),
  trigger: row.id,
  rewardName: String(figures.name ?? row.settings.name),
  viewer: viewer.id,
  viewerName: viewer.name,
  text: figures.text === undefined || figures.text === '' ? null : String(figures.text),
  status: 'waiting',
  why: null,
  at: world.at,
  period: limitPeriod(world),
  endedAt: null,
  by: null,
})

/** Ends a redemption, and has the platform told: it gives its points back for what was refused. */
function answerAt(
  world: World,
  row: RedemptionRow,
  status: 'approved' | 'refused',
  why: string | null,
  by: string | null,
): RedemptionRow {
  const ended = world.put(redemptions, { ...row, status, why, endedAt: world.at, by })
  const data = { redemption: row.outside, status, why: why ?? '', at: world.at }
  world.timer({ job: 'platform.report', key: `report/${row.id}`, at: world.at, data })
  world.fact('redemption.ended', 'desk', { redemption: row.id, status, name: row.viewerName })
  return ended
}

export interface DecideRedemption {
  readonly kind: 'redemption.decide'
  readonly redemption: number
  readonly approve: boolean
  /** Account of who decides. */
  readonly by: string
}

/** Approves a redemption that waits, which runs the steps, or refuses it. Steps that fail refuse it, too. */
export const decideRedemption = {
  needs(world, intent) {
    const need = needKey(redemptions, intent.redemption)
    const row = world.rows.has(need) ? world.get(redemptions, intent.redemption) : undefined
    if (row === undefined) return [need]
    const steps = triggerOf(world, row.trigger)?.settings.steps ?? []
    const limits = needLimits(triggerKey(row.trigger), row.viewer)
    return [need, ...needAbout(row.viewer), ...limits, ...needSteps(world, steps, { caller: row.viewer, named: {} })]
  },
  decide(world, { redemption: id, approve, by }): Result<{ readonly status: string; readonly why?: string }> {
    const row = world.get(redemptions, id)
    if (row?.status !== 'waiting')
      return refuse('redemption_not_waiting', 'This has been decided already. Reload the page.')
    const trigger = triggerOf(world, row.trigger)
    const viewer = world.get(viewers, row.viewer)
    if (!approve || trigger === undefined || viewer === undefined) {
      uncountUse(world, triggerKey(row.trigger), row.viewer, row.period)
      answerAt(world, row, 'refused', approve ? 'Its trigger was removed.' : 'The streamer rejected it.', by)
      return ok({ status: 'refused' })
    }
    const figures = { name: row.rewardName, text: row.text ?? '', redemption: row.outside }
    const done = runSteps(world, trigger, viewer, { figures, depth: 1, counts: false })
    if (done.refusal !== undefined) uncountUse(world, triggerKey(row.trigger), row.viewer, row.period)
    const status = done.refusal === undefined ? 'approved' : 'refused'
    answerAt(world, row, status, done.refusal?.sentence ?? null, by)
    return ok({ status, ...(done.refusal && { why: done.refusal.sentence }) })
  },
} satisfies Handler<DecideRedemption>

export interface TickTrigger {
  readonly kind: 'trigger.tick'
  readonly trigger: TriggerId
  readonly due: UnixSeconds
}

/** The time of a timer has come. */
export const tickTrigger = {
  decide(world, { trigger, due }) {
    const row = triggerOf(world, trigger)
    // It was changed meanwhile, or has been looked at.
    if (row === undefined || row.dueAt !== due) return ok({ runs: false })
    return ok({ runs: lookAtTimer(world, row) })
  },
} satisfies Handler<TickTrigger>

/** What the platform is told of a redemption. */
export interface RedemptionReport {
  /** The platform's id of it. */
  readonly redemption: string
  readonly status: 'approved' | 'refused'
  readonly why: string
  /** When it was decided (seconds since 1970). */
  readonly at: UnixSeconds
}

declare module '../world/timers.ts' {
  interface Jobs {
    'platform.report': RedemptionReport
  }
  interface TimedIntents {
    'trigger.run': RunTrigger
    'trigger.tick': TickTrigger
  }
}
