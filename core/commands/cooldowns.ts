import { cooldowns } from '../access/index.ts'
import type { ViewerId } from '../schema.ts'
import type { ChatWord, WordKind } from '../words/index.ts'
import { type Need, needKey, type World } from '../world/index.ts'

const eachKey = (kind: WordKind, viewer: ViewerId): string => `${kind}/${viewer}`

/** The cooldowns that a word looks at. `viewer`: undefined for who is new, who has none. */
export function needCooldowns(kind: WordKind, word: ChatWord, viewer: ViewerId | undefined): Need[] {
  const needed: Need[] = []
  if (word.everyoneSeconds > 0) needed.push(needKey(cooldowns, kind))
  if (word.eachSeconds > 0 && viewer !== undefined) needed.push(needKey(cooldowns, eachKey(kind, viewer)))
  return needed
}

const untilOf = (world: World, key: string): number => world.get(cooldowns, key)?.until ?? 0

/** Whether a word may be used now; if so, its cooldowns start. */
export function cooledDown(world: World, kind: WordKind, word: ChatWord, viewer: ViewerId): boolean {
  const rests: [string, number][] = []
  if (word.everyoneSeconds > 0) rests.push([kind, word.everyoneSeconds])
  if (word.eachSeconds > 0) rests.push([eachKey(kind, viewer), word.eachSeconds])
  if (rests.some(([key]) => untilOf(world, key) > world.at)) return false
  for (const [key, seconds] of rests) world.put(cooldowns, { key, until: world.at + seconds, period: 0, used: 0 })
  return true
}
