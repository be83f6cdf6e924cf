import { answerOf, api } from '../../parts/api.ts'
import { useStatus } from '../status.ts'
import { undoneInWords } from './correction.ts'

/** Takes corrections back. @returns how far that went, in words. */
export function useUndo(): (adjustments: readonly number[]) => Promise<string> {
  const { currency } = useStatus()
  return async (adjustments) =>
    undoneInWords(await answerOf(api.POST('/desk/people/undo', { body: { adjustments } })), currency)
}
