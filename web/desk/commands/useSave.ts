import { useMutation, useQueryClient } from '@tanstack/react-query'
import { change } from '../../parts/api.ts'
import { useToast } from '../../parts/toasts.tsx'

/** Saves a form of this page, and says so. */
export function useSave(path: string, said: string) {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: (body: unknown) => change('PUT', path, body),
    onSuccess: async () => {
      toast({ text: said })
      await client.invalidateQueries()
    },
  })
}
