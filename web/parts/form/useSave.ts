import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answerOf, type Sent } from '../api.ts'
import { useToast } from '../feedback/toasts.tsx'

/** Saves a form of this page, and says so. */
export function useSave<B>(send: (body: B) => Sent<unknown>, said: string) {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: (body: B) => answerOf(send(body)),
    onSuccess: async () => {
      toast({ text: said })
      await client.invalidateQueries()
    },
  })
}
