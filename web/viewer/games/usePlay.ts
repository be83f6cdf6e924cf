import { useMutation, useQueryClient } from '@tanstack/react-query'
import type { Act } from '#core/games'
import { answerOf, api } from '../../parts/api.ts'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { meQuery } from '../channel.ts'

/** Plays: the same as in chat. What comes of it is said in passing. */
export function usePlay() {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: (act: Act) => answerOf(api.POST('/games/play', { body: act })),
    onSuccess: async ({ told, balance }) => {
      toast({ text: told })
      client.setQueryData(meQuery.queryKey, (me) => me && { ...me, balance })
      for (const name of ['games', 'ownGames', 'rounds']) await client.invalidateQueries({ queryKey: [name] })
    },
  })
}
