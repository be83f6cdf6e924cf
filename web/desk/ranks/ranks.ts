import type { Answer } from '../../parts/api/called.ts'

/** Ranks and circles, and how many people hold each. */
export type Ranks = Answer<'/desk/ranks'>
