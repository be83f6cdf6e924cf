import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answerOf, api } from '../../parts/api.ts'

interface Guest {
  readonly guest: string | null
  readonly earning: 'going' | 'paused'
}

/** Marks the show as showing somebody else's channel, or not any more. */
export function useGuest(done: () => void) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (body: Guest) => answerOf(api.PUT('/desk/show/guest', { body })),
    onSuccess: async () => {
      done()
      await client.invalidateQueries({ queryKey: ['status'] })
    },
  })
}
