import { useQueryClient } from '@tanstack/react-query'
import type { Act } from '#core/games'
import { answerOf, api } from '../../parts/api.ts'
import { useChange } from '../../parts/useChange.ts'
import { meQuery } from '../channel.ts'

/** Plays: the same as in chat. What comes of it is said in passing. */
export function usePlay() {
  const client = useQueryClient()
  return useChange({
    ask: (act: Act) => answerOf(api.POST('/games/play', { body: act })),
    invalidates: ['games', 'ownGames', 'rounds'],
    said: ({ told }) => told,
    onDone: ({ balance }) => {
      client.setQueryData(meQuery.queryKey, (me) => me && { ...me, balance })
    },
    inPlace: true,
  })
}
