import { CREWS } from './crews.ts'
import { TABLES } from './tables.ts'
import { TOGETHER } from './together.ts'

/** Every text that the games say, by its key. */
export const GAME_TEXTS = { ...CREWS, ...TABLES, ...TOGETHER } as const

export type GameTextKey = keyof typeof GAME_TEXTS
