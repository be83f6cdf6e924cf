import { currencySetting, inWords } from '../currency/index.ts'
import { BOOKS, balanceOf, payUpTo } from '../ledger/index.ts'
import { type ViewerRow, viewers } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import { giveBack as giveOrder, needOrder } from '../store/index.ts'
import { answer } from '../voice/index.ts'
import { type Argument, commandOf } from '../words/index.ts'
import { type Handler, needKey, ok, type Refusal, type Result, refuse, type World } from '../world/index.ts'
import { needAbout } from './about.ts'
import { doSteps } from './doSteps.ts'
import { needSteps } from './needs.ts'
import type { Queued } from './queue.ts'
import { newRun, type Run } from './run.ts'
import { type RunRow, type RunState, runs } from './runs.ts'

/** What was paid for a run before its first step. */
export type Price = NonNullable<RunState['price']>

/**
 * Does the steps of a run and notes what came of it.
 * @returns How it ended. A refusal: nothing is noted, and the caller undoes what was done.
 */
export function finishRun(
  run: Run,
  queue: readonly Queued[],
  price: Price | null,
  before: RunRow | undefined = undefined,
): Result<'done' | 'waiting'> {
  const { world } = run
  const ended = doSteps(run, queue)
  if (ended.status === 'failed') return { ok: false, refusal: ended.refusal }
  const log = [...(before?.log ?? []), ...run.log]
  const row: RunRow = {
    ...baseOf(run),
    at: before?.at ?? world.at,
    endedAt: ended.status === 'done' ? world.at : null,
    outcome: ended.status,
    code: null,
    why: null,
    log,
    seed: run.seed ?? before?.seed ?? null,
    state: ended.status === 'done' ? null : stateOf(run, ended.queue, price),
  }
  if (ended.status === 'waiting') {
    const at = world.at + ended.seconds
    world.timer({
      key: `run/${run.id}/${at}`,
      at,
      intent: { kind: 'run.continue', run: run.id, depth: run.depth },
    })
  }
  // Only a run that goes on is looked at again.
  if (before !== undefined || ended.status === 'waiting') world.put(runs, row)
  else world.append(runs, row)
  world.fact('run.ended', 'desk', { run: run.id, outcome: ended.status })
  return ok(ended.status)
}

const baseOf = ({ id, source, caller }: Run) => ({
  id,
  ...source,
  viewer: caller?.id ?? null,
  viewerName: caller?.name ?? null,
})

const stateOf = (run: Run, queue: readonly Queued[], price: Price | null): RunState => ({
  queue,
  given: run.given,
  figures: run.figures,
  asker: run.asker,
  reply: run.reply,
  price,
  paid: run.paid,
  taken: run.taken,
})

export interface ContinueRun {
  readonly kind: 'run.continue'
  readonly run: number
  /** How many triggers led here. */
  readonly depth: number
}

const wantedOf = (world: World, { source, of }: RunRow): readonly Argument[] =>
  source === 'command' ? (commandOf(world, of)?.settings.arguments ?? []) : []

/** Goes on with a run that waited. What fails now undoes what was done since the wait, and gives the price back. */
export const continueRun = {
  needs(world, intent) {
    const need = needKey(runs, intent.run)
    const row = world.rows.has(need) ? world.get(runs, intent.run) : undefined
    if (row?.state == null) return [need]
    const { given, queue } = row.state
    const named = Object.fromEntries(
      wantedOf(world, row).flatMap(({ name, kind }) =>
        kind === 'viewer' && name in given ? [[name, Number(given[name])]] : [],
      ),
    )
    const caller = row.viewer ?? undefined
    const others = queue.flatMap(({ on }) => (on === undefined ? [] : [on.caller]))
    const people = [...Object.values(named), ...(caller === undefined ? [] : [caller]), ...others]
    const order = row.source === 'reward' ? needOrder(world, { order: orderIn(row.state) }) : []
    const steps = queue.flatMap(({ step, on }) => needSteps(world, [step], { caller: on?.caller ?? caller, named }))
    return [need, ...order, ...people.flatMap(needAbout), ...steps]
  },
  decide(world, intent) {
    const row = world.get(runs, intent.run)
    if (row?.state == null || row.outcome !== 'waiting')
      return refuse('run_not_waiting', 'This run has ended. Reload the page.')
    const { state } = row
    const before = world.mark()
    const run = newRun({
      world,
      id: row.id,
      source: { source: row.source, of: row.of, name: row.name },
      limitKey: `${KEYS[row.source]}${row.of}`,
      caller: row.viewer === null ? undefined : world.get(viewers, row.viewer),
      wanted: wantedOf(world, row),
      given: state.given,
      figures: state.figures,
      depth: intent.depth,
      asker: state.asker,
      reply: state.reply,
      paid: state.paid,
      taken: state.taken,
    })
    const finished = finishRun(run, state.queue, state.price, row)
    if (finished.ok) return ok({ run: row.id, outcome: finished.value })
    world.undo(before)
    return fail(world, row, state, finished.refusal)
  },
} satisfies Handler<ContinueRun>

const KEYS = { command: 'c', trigger: 't', reward: 'r', goal: 'o' } as const

function fail(
  world: World,
  row: RunRow,
  state: RunState,
  { code, sentence }: Refusal,
): Result<{ run: number; outcome: string }> {
  const viewer = row.viewer === null ? undefined : world.get(viewers, row.viewer)
  const back =
    row.source === 'reward'
      ? giveOrderBack(world, state)
      : viewer === undefined || state.price === null
        ? ''
        : giveBack(world, row, viewer, state.price)
  world.put(runs, { ...row, endedAt: world.at, outcome: 'failed', code, why: `${sentence}${back}`, state: null })
  if (state.asker !== null) answer(world, state.asker, `${state.asker.name}: ${sentence}${back}`)
  world.fact('run.ended', 'desk', { run: row.id, outcome: 'failed' })
  return ok({ run: row.id, outcome: 'failed' })
}

/** The order whose steps could not be done is given back whole. */
function giveOrderBack(world: World, state: RunState): string {
  const order = orderIn(state)
  return order > 0 && giveOrder(world, { order, by: '' }).ok ? ' What was paid is refunded.' : ''
}

const orderIn = ({ figures }: RunState): number => Number(figures.orderId ?? 0)

function giveBack(world: World, row: RunRow, viewer: ViewerRow, price: Price): string {
  const detail = { name: row.source === 'command' ? `!${row.name}` : row.name }
  const request = {
    from: BOOKS.spent,
    to: viewer.id,
    amount: price.amount,
    reason: 'chargeBack',
    about: row.id,
    detail,
  } as const
  const came = payUpTo(world, { ...request, returns: price.transfer })
  world.fact('balance.changed', `viewer:${viewer.id}`, { balance: balanceOf(world, viewer.id) })
  return ` ${inWords(came, readSetting(world, currencySetting))} refunded.`
}

declare module '../world/timers.ts' {
  interface TimedIntents {
    'run.continue': ContinueRun
  }
}
