import { cooldowns } from '../access/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { ViewerId } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { type Asker, answer, voiceSetting } from '../voice/index.ts'
import { type Need, needKey, type World } from '../world/index.ts'
import { nearWord } from './match.ts'

/** Each viewer is hinted at once in this time (seconds): other programs in the room have words of their own. */
const SPELL_SECONDS = 60

const keyOf = (viewer: ViewerId): string => `hint/${viewer}`

const wanted = (world: World, text: string): string | undefined =>
  readSetting(world, voiceSetting).hints ? nearWord(world, text) : undefined

/** What a hint needs; nothing for a line that is no slip. */
export const needHint = (world: World, text: string, viewer: ViewerId | undefined): Need[] =>
  viewer === undefined || wanted(world, text) === undefined ? [] : [needKey(cooldowns, keyOf(viewer))]

/** Tells who typed a word that is nearly one of ours what they may have meant. */
export function hint(world: World, viewer: ViewerRow, text: string, asker: Asker): { readonly answer?: string } {
  const word = wanted(world, text)
  if (word === undefined) return {}
  const key = keyOf(viewer.id)
  if ((world.get(cooldowns, key)?.until ?? 0) > world.at) return {}
  world.put(cooldowns, { key, until: world.at + SPELL_SECONDS, period: 0, used: 0 })
  const told = `${viewer.name}: did you mean !${word}?`
  answer(world, asker, told)
  return { answer: told }
}
