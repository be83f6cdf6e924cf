import type { UnixSeconds } from '../schema.ts'
import { defineTable, type World } from '../world/index.ts'
import { type Content, loggedOf } from './logged.ts'
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

/** Writes down what an intent that came from the desk has changed of the settings: each thing once, from before it to now. */
export function logChanges(world: World): void {
  const by = world.atDesk
  if (by === undefined) return
  const seen = new Set<string>()
  for (const [table, key, before] of world.touched) {
    if (seen.has(`${table}/${key}`)) continue
    seen.add(`${table}/${key}`)
    const found = loggedOf(world, table, key, before)
    if (found === undefined || sameContent(found.before, found.after)) continue
    world.append(changes, { id: world.nextId(), at: world.at, by, ...found })
  }
}
