import { useQueryClient } from '@tanstack/react-query'
import { answerOf, api } from '../../parts/api.ts'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { useStatus } from '../status.ts'
import { undoneInWords } from './correction.ts'

/** Takes corrections back, and says how far that went. */
export function useUndo(): (adjustments: readonly number[]) => void {
  const { currency } = useStatus()
  const client = useQueryClient()
  const toast = useToast()
  return (adjustments) =>
    void answerOf(api.POST('/desk/people/undo', { body: { adjustments } })).then(
      (undone) => {
        toast({ text: undoneInWords(undone, currency) })
        for (const name of ['people', 'corrections', 'viewer']) void client.invalidateQueries({ queryKey: [name] })
      },
      (fault: Error) => toast({ text: fault.message, look: 'problem' }),
    )
}
