import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

/** A round that is on. */
export type OpenRound = Answer<'/desk/games'>['rounds'][number]

/** What a game took and paid in 30 days. */
export type Lately = Answer<'/desk/games'>['lately']['games'][number]

export type DeskGames = Answer<'/desk/games'>

export const gamesQuery = queryOptions({
  queryKey: keyOf('games'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/games', { signal })),
})

/** The rounds that are on, for the bench. */
export const openRoundsQuery = queryOptions({
  queryKey: keyOf('rounds'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/rounds', { signal })),
})
