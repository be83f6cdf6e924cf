import type { UnixSeconds } from '../schema.ts'
import { defineTable, ok, type Refusal, type Result, type World } from '../world/index.ts'
import { type Content, loggedOf, wholeOf } from './logged.ts'
import { markOf } from './mark.ts'
import { sameContent } from './sameContent.ts'

/** What somebody changed at the desk: a setting as it was and as it is; null: there was, or is, none. */
export interface ChangeRow {
  readonly id: number
  readonly at: UnixSeconds
  /** Account of who did it; a token's begins with `token:`. */
  readonly by: string
  /** What was changed: `reward`, `currency`. */
  readonly of: string
  /** Which one of many; empty where there is one of it. */
  readonly which: string
  /** What it is called, for the list. */
  readonly name: string
  readonly before: Content | null
  readonly after: Content | null
}

export const changes = defineTable<ChangeRow>('change', 'append', (row) => row.id)

/** What the intent at hand has changed of the settings: each thing once, from before it to now. */
function* changed(world: World): Generator<Omit<ChangeRow, 'id' | 'at' | 'by'>> {
  const seen = new Set<string>()
  for (const [table, key, before] of world.touched) {
    if (seen.has(`${table}/${key}`)) continue
    seen.add(`${table}/${key}`)
    const found = loggedOf(world, table, key, before)
    if (found !== undefined && !sameContent(found.before, found.after)) yield found
  }
}

/** Writes down what an intent that came from the desk has changed of the settings. */
export function logChanges(world: World): void {
  const by = world.atDesk
  if (by === undefined) return
  for (const found of changed(world)) world.append(changes, { id: world.nextId(), at: world.at, by, ...found })
}

/**
 * Whether what the intent at hand changed is what its sender had before them: where somebody else saved it meanwhile, both are
 * to be looked at first. What is there now comes with the refusal, as JSON.
 */
export function checkChangedFrom(world: World): Result<true> {
  const mark = world.changedFrom
  // What is there now is told to who sits at the desk, and to nobody else.
  if (mark === undefined || world.atDesk === undefined) return ok(true)
  const before = [...changed(world)].filter((one) => one.before !== null)
  const [first] = before
  if (first === undefined || before.some((one) => markOf(wholeOf(one.of, one.before)) === mark)) return ok(true)
  return { ok: false, refusal: changedMeanwhile(first.name, wholeOf(first.of, first.before)) }
}

/** Refuses what was changed from something that is there no more, with what is there now. */
export const changedMeanwhile = (name: string, now: object | null): Refusal => ({
  code: 'changed_meanwhile',
  sentence: `${name} was saved by somebody else meanwhile. Look at both first.`,
  data: { now: JSON.stringify(now) },
})
