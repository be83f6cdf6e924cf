import type { AnswerTo, Intent } from '#core/engine'
import type { Result } from '#core/world'

/** Hands in what happens at a time. */
export type Submit = <I extends Intent>(at: number, intent: I) => Promise<Result<AnswerTo<I>>>
