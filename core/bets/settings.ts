import { readSetting, setting } from '../settings/index.ts'
import type { World } from '../world/index.ts'
import { BetDefaults, USUAL_TERMS } from './schema.ts'

export const betsSetting = setting('bets', 'set of usual terms of bets', BetDefaults, {
  word: { word: 'back', aliases: [] },
  terms: USUAL_TERMS,
})

/** The words by which people bet in chat, in lower case. */
export const betWords = ({ word: { word, aliases } }: Pick<BetDefaults, 'word'>): string[] =>
  [word, ...aliases].map((one) => one.toLowerCase())

export const betDefaults = (world: World): BetDefaults => readSetting(world, betsSetting)
