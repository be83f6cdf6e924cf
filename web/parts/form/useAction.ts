import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answerOf, type Sent } from '../api.ts'
import { useToast } from '../feedback/toasts.tsx'

interface Wanted<T> {
  readonly send: () => Sent<T>
  /** What is said once it has happened. */
  readonly said?: string
}

export interface ActionOptions {
  /** A dialog or form shows a refusal itself, beside what was typed: it is not said in passing, too. */
  readonly inPlace?: boolean
}

/** Changes something at once, and says so, or why not. @param names - The queries that are outdated by it. */
export function useAction<T = unknown>(names: readonly string[], { inPlace = false }: ActionOptions = {}) {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: ({ send }: Wanted<T>) => answerOf(send()),
    onSuccess: (_answer, { said }) => {
      if (said !== undefined) toast({ text: said })
    },
    onError: (fault) => {
      if (!inPlace) toast({ text: fault.message, look: 'problem' })
    },
    onSettled: async () => {
      for (const name of names) await client.invalidateQueries({ queryKey: [name] })
    },
  })
}
