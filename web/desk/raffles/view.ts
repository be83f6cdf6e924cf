import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { type ActionOptions, useAction } from '../../parts/form/useAction.ts'
import { keyOf } from '../../parts/queryKey.ts'

/** A raffle as the desk is told of it. */
export type DeskRaffle = RafflesView['running'][number]

export type DeskWinner = Answer<'/desk/raffles/ended'>['raffles'][number]['winners'][number]

export type RafflesView = Answer<'/desk/raffles'>

export const rafflesQuery = queryOptions({
  queryKey: keyOf('raffles'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/raffles', { signal })),
})

/** What a raffle's form chooses from. */
export type RaffleForm = Answer<'/desk/raffles/form'>

export const formQuery = queryOptions({
  queryKey: keyOf('raffleForm'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/raffles/form', { signal })),
})

export type RaffleView = Answer<'/desk/raffles/{raffle}'>

export const raffleQuery = (id: number) =>
  queryOptions({
    queryKey: keyOf('raffles', 'one', id),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/raffles/{raffle}', { params: { path: { raffle: id } }, signal })),
  })

export type DeskEntry = Answer<'/desk/raffles/{raffle}/entries'>['entries'][number]

export type Ended = Answer<'/desk/raffles/ended'>['raffles'][number]

/** What a raffle with some settings would mean now. */
export type OutlookView = Answer<'/desk/raffles/outlook'>

/** Does something to raffles at once, and says so, or why not. */
export const useRaffleAction = <T = unknown>(options?: ActionOptions) =>
  useAction<T>(['raffles', 'raffleForm', 'commands'], options)

/** The form with some settings to begin with: a kept set-up, a raffle to run again, or one to change. */
export const formAddress = (from: {
  readonly setup?: number
  readonly again?: number
  readonly change?: number
}): string => `/raffles/new?${new URLSearchParams(Object.entries(from).map(([name, id]) => [name, String(id)]))}`
