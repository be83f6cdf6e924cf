import { queryOptions } from '@tanstack/react-query'
import type { Currency } from '#core/currency'
import type { EntryRow, Outlook, RaffleRow, SetupRow, Share, TotalsRow, WinnerRow } from '#core/raffles'
import { read } from '../../parts/api.ts'
import { useAction } from '../useAction.ts'

/** A raffle as the desk is told of it. */
export interface DeskRaffle
  extends Omit<RaffleRow, 'seed' | 'picked' | 'remindAt' | 'returned' | 'drawnAt' | 'show'>,
    Pick<TotalsRow, 'people' | 'tickets' | 'weight' | 'paid'> {
  /** Told once it has ended. */
  readonly seed: string | null
}

export interface DeskWinner extends Omit<WinnerRow, 'key'> {
  readonly present: boolean | null
  readonly lastSeenAt: number | null
}

interface RafflesView {
  readonly now: number
  readonly running: readonly DeskRaffle[]
  readonly setups: readonly SetupRow[]
  readonly currency: Currency
}

export const rafflesQuery = queryOptions({
  queryKey: ['raffles'],
  queryFn: ({ signal }) => read<RafflesView>('/desk/raffles', signal),
})

interface Named {
  readonly id: number
  readonly name: string
}

/** What a raffle's form chooses from. */
export interface RaffleForm {
  readonly now: number
  readonly currency: Currency
  readonly circles: readonly Named[]
  readonly alerts: readonly Named[]
  readonly codes: readonly (Named & { readonly left: number })[]
  readonly setups: readonly SetupRow[]
  readonly timeZone: string
}

export const formQuery = queryOptions({
  queryKey: ['raffleForm'],
  queryFn: ({ signal }) => read<RaffleForm>('/desk/raffles/form', signal),
})

export interface RaffleView {
  readonly now: number
  readonly raffle: DeskRaffle
  readonly winners: readonly DeskWinner[]
  readonly shares: readonly Share[]
  readonly arrivals: readonly { readonly at: number; readonly people: number; readonly tickets: number }[]
  readonly currency: Currency
  readonly circles: readonly Named[]
  readonly codes: readonly (Named & { readonly left: number })[]
}

export const raffleQuery = (id: number) =>
  queryOptions({
    queryKey: ['raffles', 'one', id],
    queryFn: ({ signal }) => read<RaffleView>(`/desk/raffles/${id}`, signal),
  })

export type DeskEntry = Omit<EntryRow, 'key' | 'raffle'>

export type Ended = DeskRaffle & { readonly winners: readonly DeskWinner[] }

/** What a raffle with some settings would mean now. */
export interface OutlookView extends Omit<Outlook, 'shares' | 'least'> {
  readonly fault: string | null
  readonly hints: readonly string[]
  readonly shares: readonly string[]
  readonly priciest: { readonly cost: number; readonly watching: readonly { name: string; seconds: number | null }[] }
  readonly checks: readonly {
    readonly ok: boolean
    readonly sentence: string
    readonly mend?: { readonly page: string; readonly label: string }
  }[]
}

/** Does something to raffles at once, and says so, or why not. */
export const useRaffleAction = () => useAction<{ readonly raffle?: number }>(['raffles', 'raffleForm', 'commands'])

/** The form with some settings to begin with: a kept set-up, a raffle to run again, or one to change. */
export const formAddress = (from: {
  readonly setup?: number
  readonly again?: number
  readonly change?: number
}): string => `/raffles/new?${new URLSearchParams(Object.entries(from).map(([name, id]) => [name, String(id)]))}`
