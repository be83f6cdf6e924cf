import type { Answer } from '../../parts/api/called.ts'

/** The currency and what chat understands. */
export type Words = Answer<'/desk/words'>
