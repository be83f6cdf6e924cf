import { decide } from '#core/engine'
import { lists } from '#core/lists'
import { type Answer, type Changes, type Need, needName, type Result, RowNotLoaded, type World } from '#core/world'
import { type Bugs, KeyUsed } from './bug.ts'
import type { Answered, Remembered } from './persist.ts'
import type { IntentEnvelope } from './sent.ts'

export interface Waiting {
  readonly intent: IntentEnvelope
  readonly resolve: (result: Result<Answer>) => void
  readonly reject: (fault: unknown) => void
  /** Whose it is, where it came from outside (chat, HTTP, events); undefined for what the server itself hands in. */
  readonly from: string | undefined
  /** The rows that deciding it met without having them. They are loaded before it is decided again. */
  readonly met: Need[]
}

/** A batch decided but not yet durable. */
export interface Decided {
  /** The rows it was decided on; they hold its changes already. */
  readonly world: World
  /** The channel's revision that those rows must still be of when it is written. */
  readonly revision: number
  readonly changes: Changes
  readonly seq: number
  readonly lastId: number
  readonly answered: readonly Answered[]
  /** Tells the senders, to be called once it is durable. */
  readonly settle: () => void
  /**
   * Those at the end of the batch that could not be decided yet: the first of them met rows that are not in memory. They are
   * to be prepared anew.
   */
  readonly rest: readonly Waiting[]
}

export type Answers = Map<string, Remembered>

/**
 * Decides a batch in order. An intent whose key has been answered before hears that answer again.
 * @param seen - Answers given so far; those of this batch are added.
 * @param bugs - What tells of an intent that fails; undefined where the rows may be outdated, or not of one moment, as they
 * are outside the channel's lock: a failure says nothing there, and the batch ends before it.
 */
export function decideBatch(
  world: World,
  revision: number,
  batch: readonly Waiting[],
  seen: Answers,
  bugs: Bugs | undefined,
): Decided {
  const outcomes: (() => void)[] = []
  const answered: Answered[] = []
  let rest: readonly Waiting[] = []
  for (const [i, waiting] of batch.entries()) {
    const { intent, resolve, reject } = waiting
    const before = seen.get(intent.key)
    if (before !== undefined) {
      outcomes.push(() => repeat(waiting, before))
      continue
    }
    try {
      const result = decide(world, intent)
      const remembered = asRemembered(intent, result)
      seen.set(intent.key, remembered)
      answered.push({ key: intent.key, at: intent.at, result: remembered })
      outcomes.push(() => resolve(result))
    } catch (fault) {
      if (metNew(waiting, fault) || bugs === undefined) {
        rest = batch.slice(i)
        break
      }
      // A bug in one intent must not cost the others theirs.
      outcomes.push(() => reject(bugs.of(intent, fault)))
    }
  }
  const settle = () => {
    for (const outcome of outcomes) outcome()
  }
  // What was asked of everybody is true for this batch only.
  world.rows.drop(lists)
  const { seq, lastId } = world
  return { world, revision, changes: world.takeChanges(), seq, lastId, answered, settle, rest }
}

/** Notes a row that an intent met. What was loaded and is not there all the same is not new: it would be asked for without end. */
function metNew({ met }: Waiting, fault: unknown): boolean {
  if (!(fault instanceof RowNotLoaded) || met.some((one) => needName(one) === needName(fault.need))) return false
  met.push(fault.need)
  return true
}

const asRemembered = ({ sentWith }: IntentEnvelope, result: Result<Answer>): Remembered =>
  sentWith === undefined ? result : { ...result, sentWith }

/** Tells who asks again what was answered before. */
const repeat = ({ intent, resolve, reject }: Waiting, before: Remembered): void =>
  isAnother(intent, before) ? reject(new KeyUsed()) : resolve(before)

/** Whether a question under a known key is another one than was answered: it was sent with another body. */
const isAnother = ({ sentWith }: IntentEnvelope, before: Remembered): boolean =>
  sentWith !== undefined && before.sentWith !== undefined && sentWith !== before.sentWith
