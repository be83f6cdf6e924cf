import { queryOptions, useQueryClient } from '@tanstack/react-query'
import type { FactBody } from '#core/engine'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'
import { useChange } from '../../parts/useChange.ts'
import { meQuery } from '../channel.ts'

/** A raffle as a list shows it. */
export type Listed = Answer<'/raffles'>['running'][number]

export type RafflesView = Answer<'/raffles'>

export const rafflesQuery = queryOptions({
  queryKey: keyOf('raffles'),
  queryFn: ({ signal }) => answerOf(api.GET('/raffles', { signal })),
})

export type Winner = Answer<'/raffles/{raffle}'>['winners'][number]

/** What the one who looks has in a raffle, and may have. */
export type OwnPart = NonNullable<Answer<'/raffles/{raffle}'>['own']>

export type RaffleShown = Answer<'/raffles/{raffle}'>['raffle']

export type RaffleView = Answer<'/raffles/{raffle}'> & {
  /** By how many seconds the server's clock is ahead of this one. */
  readonly ahead: number
}

export const raffleQuery = (id: number) =>
  queryOptions({
    queryKey: keyOf('raffle', id),
    queryFn: async ({ signal }): Promise<RaffleView> => {
      const view = await answerOf(api.GET('/raffles/{raffle}', { params: { path: { raffle: id } }, signal }))
      return { ...view, ahead: view.now - Date.now() / 1000 }
    },
  })

export const checkQuery = (id: number) =>
  queryOptions({
    queryKey: keyOf('raffleCheck', id),
    queryFn: ({ signal }) => answerOf(api.GET('/raffles/{raffle}/check', { params: { path: { raffle: id } }, signal })),
  })

/** A raffle with what a fact tells of who came in: thousands who look on ask for nothing. */
export function withCount(view: RaffleView, body: FactBody<'raffle.counted'>): RaffleView {
  if (view.raffle.id !== body.raffle) return view
  const { people, tickets, weight, paid } = body
  return { ...view, raffle: { ...view.raffle, people, tickets, weight, paid } }
}

/** A raffle with the draw that has just begun. */
export function withDraw(view: RaffleView, body: FactBody<'raffle.drawn'>): RaffleView {
  if (view.raffle.id !== body.raffle) return view
  return { ...view, raffle: { ...view.raffle, status: 'closed', drawing: body } }
}

/** A raffle whose draw has just been revealed; who won is asked for after that. */
export function withReveal(view: RaffleView, body: FactBody<'raffle.revealed'>): RaffleView {
  if (view.raffle.id !== body.raffle) return view
  return { ...view, raffle: { ...view.raffle, drawing: null, revealed: body } }
}

/** Enters, adds tickets or leaves: the same as in chat. What comes of it is said in passing. */
export function useEnter(id: number) {
  const client = useQueryClient()
  return useChange({
    ask: (wanted: 'some' | 'max' | 'leave' | number) =>
      answerOf(api.POST('/raffles/{raffle}/enter', { params: { path: { raffle: id } }, body: { wanted } })),
    invalidates: ['raffle'],
    said: ({ told }) => told,
    onDone: ({ balance }) => {
      client.setQueryData(meQuery.queryKey, (me) => me && { ...me, balance })
    },
    inPlace: true,
  })
}

/** Speaks up for what one was drawn for. */
export function useClaim() {
  return useChange({
    ask: () => answerOf(api.POST('/raffles/claim')),
    invalidates: ['raffle'],
    said: 'It is yours.',
    inPlace: true,
  })
}
