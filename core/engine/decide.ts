import { lockWithShow } from '../bets/index.ts'
import { checkChangedFrom, logChanges } from '../changes/index.ts'
import { accounts, addFlow, flowOf, flows, minuteOf, transfers } from '../ledger/index.ts'
import { viewers, watches } from '../people/index.ts'
import { closeWithShow } from '../raffles/index.ts'
import { announce, type Promotion, review } from '../ranks/index.ts'
import { addToShow } from '../show/index.ts'
import { startBudget } from '../texts/index.ts'
import { setOffTriggers } from '../triggers/index.ts'
import { tellWebhooks } from '../webhooks/index.ts'
import { type Envelope, type Handler, type Key, type Need, needKey, type Result, type World } from '../world/index.ts'
import { type AnswerTo, handlers, type Intent } from './intents.ts'

type Sent = Intent & Envelope

const handlerOf = (intent: Sent): Handler<Intent> => handlers[intent.kind] as Handler<Intent>

/** The rows that must be loaded before `decide`. To be asked again after each load until all are there. */
export function needs(world: World, intent: Sent): readonly Need[] {
  const own = handlerOf(intent).needs?.(world, intent) ?? []
  return [...own, needKey(flows, minuteOf(intent.at))]
}

/**
 * Decides one intent on the world: pure, no I/O; time comes in the intent. A refused intent leaves no trace.
 * @returns The answer for the sender, or the refusal.
 */
export function decide<I extends Intent>(world: World, intent: I & Envelope): Result<AnswerTo<I>> {
  startBudget()
  const savepoint = world.begin(intent)
  const moved = world.appended(transfers).length
  try {
    const decided = handlerOf(intent).decide(world, intent) as Result<AnswerTo<I>>
    const kept = decided.ok ? checkChangedFrom(world) : decided
    const result = kept.ok ? decided : kept
    if (result.ok) {
      const done = { moved, facts: savepoint.facts, depth: 'depth' in intent ? intent.depth : 0 }
      for (const follow of AFTER_EACH) follow(world, done)
    } else world.undo(savepoint)
    return result
  } catch (fault) {
    world.undo(savepoint)
    throw fault
  }
}

interface Done {
  /** How many transfers there were in the batch before this intent. */
  readonly moved: number
  /** How many facts. */
  readonly facts: number
  /** How many triggers led to it. */
  readonly depth: number
}

/** What follows every intent that was not refused, in this order: triggers hear of all that came of the others, webhooks of theirs, too. */
const AFTER_EACH: readonly ((world: World, done: Done) => void)[] = [
  (world, { moved }) => countFlow(world, moved),
  (world) => reviewTouched(world),
  (world) => closeWithShow(world),
  (world) => lockWithShow(world),
  (world) => logChanges(world),
  (world, { depth }) => setOffTriggers(world, [...world.moments], depth),
  (world, { facts }) => tellWebhooks(world, facts),
]

/** Rank and circles follow at once whatever changed somebody's hours, earnings or standing. */
function reviewTouched(world: World): void {
  const people = new Set<number>()
  for (const [table, key] of world.touched)
    if (REVIEWED.has(table) && !isPot(world, table, key)) people.add(Number(key))
  const promotions: Promotion[] = []
  for (const id of people) {
    const promotion = review(world, id)
    if (promotion !== undefined) promotions.push(promotion)
  }
  if (promotions.length > 0) announce(world, promotions)
}

const isPot = (world: World, table: string, key: Key): boolean =>
  table === accounts.name && world.get(accounts, key)?.kind === 'pot'

/** A change to any of these rows of somebody can change their rank or circles. */
const REVIEWED: ReadonlySet<string> = new Set([viewers.name, watches.name, accounts.name])

function countFlow(world: World, from: number): void {
  const list = world.appended(transfers)
  if (list.length === from) return
  const flow = flowOf(world, list.slice(from))
  if (flow.paid === 0 && flow.spent === 0) return
  addFlow(world, flow)
  addToShow(world, flow)
}
