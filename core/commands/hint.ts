import { cooldowns } from '../access/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { ViewerId } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { type Asker, answer, voiceSetting } from '../voice/index.ts'
import { type Need, needKey, type World } from '../world/index.ts'
import { gameOff, nearWord } from './match.ts'

/** Each viewer is hinted at once in this time (seconds): other programs in the room have words of their own. */
const SPELL_SECONDS = 60

const keyOf = (viewer: ViewerId): string => `hint/${viewer}`

function wanted(world: World, text: string): string | undefined {
  if (!readSetting(world, voiceSetting).hints) return undefined
  const word = nearWord(world, text)
  if (word !== undefined) return `did you mean !${word}?`
  const game = gameOff(world, text)
  return game && `${game} is off here.`
}

/** What a hint needs; nothing for a line that gets none. */
export const needHint = (world: World, text: string, viewer: ViewerId | undefined): Need[] =>
  viewer === undefined || wanted(world, text) === undefined ? [] : [needKey(cooldowns, keyOf(viewer))]

/** Tells who typed a word that is nearly one of ours what they may have meant, and whose game is off that it is. */
export function hint(world: World, viewer: ViewerRow, text: string, asker: Asker): { readonly answer?: string } {
  const said = wanted(world, text)
  if (said === undefined) return {}
  const key = keyOf(viewer.id)
  if ((world.get(cooldowns, key)?.until ?? 0) > world.at) return {}
  world.put(cooldowns, { key, until: world.at + SPELL_SECONDS, period: 0, used: 0 })
  const told = `${viewer.name}: ${said}`
  answer(world, asker, told)
  return { answer: told }
}
