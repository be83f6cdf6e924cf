import { queryOptions, useQueryClient } from '@tanstack/react-query'
import type { FactBody } from '#core/engine'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'
import { useChange } from '../../parts/useChange.ts'
import { meQuery } from '../channel.ts'

export type BetsView = Answer<'/bets'>

/** A bet with what the one who looks has in it. */
export type OwnBet = BetsView['running'][number]

export const betsQuery = queryOptions({
  queryKey: keyOf('bets'),
  queryFn: ({ signal }) => answerOf(api.GET('/bets', { signal })),
})

/** The bets with what a fact tells of one: thousands who look on ask for nothing. */
export function withStakes(view: BetsView, { bet, people, staked, backers }: FactBody<'bet.counted'>): BetsView {
  const counted = (one: OwnBet): OwnBet => ({
    ...one,
    backers,
    lanes: one.lanes.map((lane, i) => ({
      ...lane,
      people: people[i] ?? lane.people,
      staked: staked[i] ?? lane.staked,
    })),
  })
  return { ...view, running: view.running.map((one) => (one.id === bet ? counted(one) : one)) }
}

/** Bets, adds to it, or takes all of it back (no outcome): the same as in chat. What comes of it is said in passing. */
export function useLay(id: number) {
  const client = useQueryClient()
  return useChange({
    ask: (body: { readonly outcome: number | null; readonly stake: number }) =>
      answerOf(api.POST('/bets/{bet}/lay', { params: { path: { bet: id } }, body })),
    invalidates: ['bets'],
    said: ({ told }) => told,
    onDone: ({ balance }) => {
      client.setQueryData(meQuery.queryKey, (me) => me && { ...me, balance })
    },
    inPlace: true,
  })
}

/** The most that can be laid now, as far as the terms say it; what one may lose in a show is looked at when it is laid. */
export function mostNow({ stakes, own }: OwnBet, balance: number): number {
  const has = (own?.staked ?? []).reduce((sum, one) => sum + one, 0)
  const share = Math.max(0, Math.floor(((balance + has) * stakes.share) / 100) - has)
  const largest = stakes.largest === 0 ? share : Math.max(0, stakes.largest - has)
  return Math.min(balance, share, largest)
}

/** What is told of a bet's terms, one sentence each. */
export function termsInWords({ stakes, several, rakeBp, takeBack, lateSeconds, pauseSeconds }: OwnBet): string[] {
  return [
    several ? 'You may bet on several outcomes.' : 'Everybody has one outcome; you can add to it.',
    ...(stakes.largest > 0 ? [`One person may have ${stakes.largest} in it.`] : []),
    rakeBp === 0
      ? 'Whoever is right gets the stake back and shares all losing stakes, by stake.'
      : `Whoever is right gets the stake back and shares the losing stakes, by stake; the house keeps ${rakeBp / 100} % of them.`,
    'If nobody is right, or it is called off, every stake goes back.',
    takeBack ? 'You can take your bet back until the lock.' : 'A bet cannot be taken back.',
    ...(lateSeconds > 0
      ? [
          `Bets of the last ${lateSeconds} seconds before the lock go back unless the team says otherwise: what counts is the server’s clock.`,
        ]
      : []),
    ...(pauseSeconds > 0 ? [`It is paid ${pauseSeconds} seconds after the winner is told.`] : []),
  ]
}
