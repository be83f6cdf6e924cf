import { addFlow, flowOf, flows, minuteOf, transfers } from '../ledger/index.ts'
import { addToShow } from '../show/index.ts'
import {
  type Answer,
  type Envelope,
  type Handler,
  type Need,
  needKey,
  type Result,
  type World,
} from '../world/index.ts'
import { handlers, type Intent } from './intents.ts'

type Sent = Intent & Envelope

const handlerOf = (intent: Sent): Handler<Intent> => handlers[intent.kind] as unknown as Handler<Intent>

/** The rows that must be loaded before `decide`. To be asked again after each load until all are there. */
export function needs(world: World, intent: Sent): readonly Need[] {
  const own = handlerOf(intent).needs?.(world, intent) ?? []
  return [...own, needKey(flows, minuteOf(intent.at))]
}

/**
 * Decides one intent on the world: pure, no I/O; time comes in the intent. A refused intent leaves no trace.
 * @returns The answer for the sender, or the refusal.
 */
export function decide(world: World, intent: Sent): Result<Answer> {
  const savepoint = world.begin(intent)
  const moved = world.appended(transfers).length
  try {
    const result = handlerOf(intent).decide(world, intent)
    if (result.ok) countFlow(world, moved)
    else world.undo(savepoint)
    return result
  } catch (fault) {
    world.undo(savepoint)
    throw fault
  }
}

function countFlow(world: World, from: number): void {
  const list = world.appended(transfers)
  if (list.length === from) return
  const flow = flowOf(world, list.slice(from))
  if (flow.paid === 0 && flow.spent === 0) return
  addFlow(world, flow)
  addToShow(world, flow)
}
