import { useMutation, useQueryClient } from '@tanstack/react-query'
import { change } from '../parts/api.ts'
import { useToast } from '../parts/toasts.tsx'

interface Wanted {
  readonly method?: 'POST' | 'PUT'
  readonly path: string
  readonly body?: unknown
  readonly said?: string
}

/** Changes something at once, and says so, or why not. @param names - The queries that are outdated by it. */
export function useAction<T = unknown>(names: readonly string[]) {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: ({ method = 'POST', path, body }: Wanted) => change<T>(method, path, body),
    onSuccess: (_answer, { said }) => {
      if (said !== undefined) toast({ text: said })
    },
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
    onSettled: async () => {
      for (const name of names) await client.invalidateQueries({ queryKey: [name] })
    },
  })
}
