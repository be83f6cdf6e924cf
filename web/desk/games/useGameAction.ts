import { useMutation, useQueryClient } from '@tanstack/react-query'
import { change } from '../../parts/api.ts'
import { useToast } from '../../parts/toasts.tsx'

interface Wanted {
  readonly method?: 'POST' | 'PUT'
  readonly path: string
  readonly body?: unknown
  readonly said?: string
}

/** Changes something of the games at once, and says so, or why not. */
export function useGameAction() {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: ({ method = 'POST', path, body }: Wanted) => change(method, path, body),
    onSuccess: (_answer, { said }) => {
      if (said !== undefined) toast({ text: said })
    },
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
    onSettled: async () => {
      for (const name of ['games', 'rounds', 'commands']) await client.invalidateQueries({ queryKey: [name] })
    },
  })
}
