import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import type { Currency } from '#core/currency'
import type { FactBody } from '#core/engine'
import type { SeedOrigin } from '#core/fairness'
import type { Drawing, RaffleFile, RaffleStatus, RevealedDraw, WinnerState } from '#core/raffles'
import type { StillRef } from '#core/screen'
import { change, read } from '../../parts/api.ts'
import { useToast } from '../../parts/toasts.tsx'
import { meQuery } from '../channel.ts'

/** A raffle as a list shows it. */
export interface Listed {
  readonly id: number
  readonly title: string
  readonly picture: StillRef
  readonly word: string
  readonly byWord: boolean
  readonly winners: number
  readonly price: number
  readonly status: RaffleStatus
  readonly opensAt: number | null
  readonly closesAt: number | null
  readonly endedAt: number | null
  readonly people: number
  readonly won: number
}

export interface RafflesView {
  readonly now: number
  readonly currency: Currency
  readonly running: readonly Listed[]
  readonly ended: readonly (Omit<Listed, 'winners'> & { readonly winners: readonly string[] })[]
}

export const rafflesQuery = queryOptions({
  queryKey: ['raffles'],
  queryFn: ({ signal }) => read<RafflesView>('/raffles', signal),
})

export interface Winner {
  readonly draw: number
  readonly name: string
  readonly chance: string
  readonly state: WinnerState
  readonly drawnAt: number
  readonly claimUntil: number | null
  readonly line: string | null
  readonly claimedAt: number | null
  readonly why: string | null
  readonly amount: number
}

/** What the one who looks has in a raffle, and may have. */
export interface OwnPart {
  readonly balance: number
  readonly tickets: number
  readonly paid: number
  readonly freeLeft: number
  readonly couldAdd: number
  readonly couldCost: number
  readonly chance: string | null
  /** What each of their tickets counts, in hundredths. */
  readonly counts: number | null
  readonly why: string | null
  readonly won: {
    readonly draw: number
    readonly state: WinnerState
    readonly claimUntil: number | null
    readonly code: string | null
    readonly amount: number
  } | null
}

export interface RaffleShown extends Omit<Listed, 'winners'> {
  readonly description: string
  readonly winners: number
  readonly byPage: boolean
  readonly mostTickets: number
  readonly claimSeconds: number
  readonly openedAt: number | null
  readonly closedAt: number | null
  readonly commitment: string
  readonly seed: string | null
  readonly draws: number
  readonly drawing: Drawing | null
  readonly revealed: RevealedDraw | null
  readonly seedOrigin: SeedOrigin
  readonly tickets: number
  readonly weight: number
  readonly paid: number
  readonly why: string | null
}

export interface RaffleView {
  readonly now: number
  readonly raffle: RaffleShown
  readonly prize: string
  readonly rules: readonly string[]
  readonly shares: readonly string[]
  readonly entrants: readonly {
    readonly name: string
    readonly tickets: number
    readonly chance: string
    readonly at: number
  }[]
  readonly removed: readonly { readonly name: string; readonly why: string | null }[]
  readonly winners: readonly Winner[]
  readonly own: OwnPart | null
  readonly currency: Currency
  /** By how many seconds the server's clock is ahead of this one. */
  readonly ahead: number
}

export const raffleQuery = (id: number) =>
  queryOptions({
    queryKey: ['raffle', id],
    queryFn: async ({ signal }): Promise<RaffleView> => {
      const view = await read<Omit<RaffleView, 'ahead'>>(`/raffles/${id}`, signal)
      return { ...view, ahead: view.now - Date.now() / 1000 }
    },
  })

export const checkQuery = (id: number) =>
  queryOptions({
    queryKey: ['raffleCheck', id],
    queryFn: ({ signal }) => read<RaffleFile>(`/raffles/${id}/check`, signal),
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

interface Entered {
  readonly told: string
  readonly balance: number
}

/** Enters, adds tickets or leaves: the same as in chat. What came of it is said in passing. */
export function useEnter(id: number) {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: (wanted: 'some' | 'max' | 'leave' | number) =>
      change<Entered>('POST', `/raffles/${id}/enter`, { wanted }),
    onSuccess: async ({ told, balance }) => {
      toast({ text: told })
      client.setQueryData(meQuery.queryKey, (me) => me && { ...me, balance })
      await client.invalidateQueries({ queryKey: ['raffle', id] })
    },
  })
}

/** Speaks up for what one was drawn for. */
export function useClaim(id: number) {
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: () => change('POST', '/raffles/claim'),
    onSuccess: () => {
      toast({ text: 'It is yours.' })
    },
    onSettled: () => client.invalidateQueries({ queryKey: ['raffle', id] }),
  })
}
