import { defineTable, type Need, needKey, type World } from '../world/index.ts'
import type { ChatWord, WordKind } from './schema.ts'

/** When a word may be used again (seconds since 1970): by anybody (`kind`), or by one viewer (`kind/viewer`). */
export interface CooldownRow {
  readonly key: string
  readonly until: number
}

export const cooldowns = defineTable<CooldownRow>('cooldown', 'keyed', (row) => row.key, [], false)

const eachKey = (kind: WordKind, viewer: number): string => `${kind}/${viewer}`

/** The cooldowns that a word looks at. `viewer`: undefined for who is new, who has none. */
export function needCooldowns(kind: WordKind, word: ChatWord, viewer: number | undefined): Need[] {
  const needed: Need[] = []
  if (word.everyoneSeconds > 0) needed.push(needKey(cooldowns, kind))
  if (word.eachSeconds > 0 && viewer !== undefined) needed.push(needKey(cooldowns, eachKey(kind, viewer)))
  return needed
}

/** Who became known by an earlier line of the same batch was not known when rows were asked for; they have no cooldowns yet. */
const untilOf = (world: World, key: string): number =>
  world.rows.has(needKey(cooldowns, key)) ? (world.get(cooldowns, key)?.until ?? 0) : 0

/** Whether a word may be used now; if so, its cooldowns start. */
export function cooledDown(world: World, kind: WordKind, word: ChatWord, viewer: number): boolean {
  const rests: [string, number][] = []
  if (word.everyoneSeconds > 0) rests.push([kind, word.everyoneSeconds])
  if (word.eachSeconds > 0) rests.push([eachKey(kind, viewer), word.eachSeconds])
  if (rests.some(([key]) => untilOf(world, key) > world.at)) return false
  for (const [key, seconds] of rests) world.put(cooldowns, { key, until: world.at + seconds })
  return true
}
