import { queryOptions } from '@tanstack/react-query'
import type { FactBody } from '#core/engine'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

/** Somebody's part in a round. */
export type Seat = Answer<'/rounds/{round}'>['seats'][number]

/** A round as everybody sees it. */
export type Round = Answer<'/rounds'>['rounds'][number]

/** A round that is on, with those who are named of it. */
export type OpenRound = Answer<'/games'>['rounds'][number]

export type GamesView = Omit<Answer<'/games'>, 'now'> & {
  /** By how many seconds the server's clock is ahead of this one. */
  readonly ahead: number
}

export const gamesQuery = queryOptions({
  queryKey: keyOf('games'),
  queryFn: async ({ signal }): Promise<GamesView> => {
    const { now, ...view } = await answerOf(api.GET('/games', { signal }))
    return { ...view, ahead: now - Date.now() / 1000 }
  },
})

export type OwnSeat = Answer<'/me/games'>['seats'][number]

export type OwnGames = Answer<'/me/games'>

export const ownGamesQuery = queryOptions({
  queryKey: keyOf('ownGames'),
  queryFn: ({ signal }) => answerOf(api.GET('/me/games', { signal })),
})

export const roundsQuery = queryOptions({
  queryKey: keyOf('rounds'),
  queryFn: ({ signal }) => answerOf(api.GET('/rounds', { signal })),
})

/** A round with everybody in it; its seed once it has ended. */
export type WholeRound = Answer<'/rounds/{round}'>

export const roundQuery = (round: number) =>
  queryOptions({
    queryKey: keyOf('round', round),
    queryFn: ({ signal }) => answerOf(api.GET('/rounds/{round}', { params: { path: { round } }, signal })),
  })

/** The games with what a fact tells of a round that somebody came into: a crowd that joins makes no page ask anew each time. */
export function withJoined(view: GamesView, { round: id, seats, staked }: FactBody<'round.joined'>): GamesView {
  const rounds = view.rounds.map((round) => (round.id === id ? { ...round, seats, staked } : round))
  return { ...view, rounds }
}
