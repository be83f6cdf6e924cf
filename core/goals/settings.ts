import { readSetting, setting } from '../settings/index.ts'
import type { World } from '../world/index.ts'
import { GoalWords } from './schema.ts'

export const goalsSetting = setting('goals', 'set of words of goals', GoalWords, {
  chip: { word: 'chip', aliases: [] },
  goal: { word: 'goal', aliases: [] },
})

export const goalWords = (world: World): GoalWords => readSetting(world, goalsSetting)

/** The words of one kind, in lower case. */
export const wordsFor = (words: GoalWords, kind: keyof GoalWords): string[] =>
  [words[kind].word, ...words[kind].aliases].map((one) => one.toLowerCase())
