import { useMutation, useQueryClient } from '@tanstack/react-query'
import { change } from '../../parts/api.ts'
import { useToast } from '../../parts/toasts.tsx'

/** Changes something of the store at once, and says so. */
export function useStoreAction() {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: ({ path, body }: { path: string; body?: unknown; said?: string }) => change('POST', path, body),
    onSuccess: (_answer, { said }) => {
      if (said !== undefined) toast({ text: said })
      return client.invalidateQueries({ queryKey: ['store'] })
    },
    onError: (fault) => {
      toast({ text: fault.message, look: 'problem' })
      return client.invalidateQueries({ queryKey: ['store'] })
    },
  })
}
