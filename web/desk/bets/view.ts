import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { type ActionOptions, useAction } from '../../parts/form/useAction.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type BetsView = Answer<'/desk/bets'>

/** A bet as the desk is told of it. */
export type DeskBet = BetsView['running'][number]

export type BetTemplate = BetsView['templates'][number]

export const betsQuery = queryOptions({
  queryKey: keyOf('bets'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/bets', { signal })),
})

/** Does something to bets at once, and says so, or why not. */
export const useBetAction = <T = unknown>(options?: ActionOptions) => useAction<T>(['bets', 'commands'], options)

/** What stands after a bet's question in a list: "open", "locked", "paid in 12 s". */
export const STATES: Readonly<Record<DeskBet['status'], string>> = {
  open: 'Open',
  locked: 'Locked: pick what came true',
  announced: 'Winner picked',
  paying: 'Being paid',
  returning: 'Being refunded',
  settled: 'Paid',
  off: 'Called off',
}

/** When something happens with a bet by itself: it locks, or it is paid. */
export const betDeadline = ({ status, locksAt, paysAt }: DeskBet): number | null =>
  status === 'open' ? locksAt : status === 'announced' ? paysAt : null

export const potOf = ({ lanes }: Pick<DeskBet, 'lanes'>): number => lanes.reduce((sum, { staked }) => sum + staked, 0)
