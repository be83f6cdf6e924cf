import { QueryClient, useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { ALL_RIGHTS } from '#core/team'
import { type Status, StatusProvider, statusQuery } from '../../web/desk/status.ts'
import { type DeskOrder, ordersQuery } from '../../web/desk/store/orders.ts'
import { showPage } from './page.tsx'

export const RIVETS = { one: 'rivet', many: 'rivets', word: 'rivets' } as const

/** A tally. */
export const STAMPS = {
  ...{ id: 3, name: 'Stamps', one: 'stamp', many: 'stamps', key: 'stamps' },
  ...{ ceiling: 10, passing: true, goneAt: null },
}

/** What the desk knows while a show is on. */
export const STATUS: Status = {
  seq: 1,
  now: 10_000,
  ahead: 10_000 - Math.floor(Date.now() / 1000),
  channel: { slug: 'bench', name: 'Bench', pausedBy: null },
  caller: 'wanda',
  owner: true,
  rights: ALL_RIGHTS,
  economy: true,
  currency: RIVETS,
  chat: { status: 'connected', sentence: 'In #bench.', since: 1, room: '#bench', lacks: [] },
  overlays: [{ id: 1, connected: true }],
  voice: { muted: false, reply: 'plain', silent: [], hints: true },
  ownVoice: false,
  show: {
    id: 5,
    title: 'The tram clock',
    status: 'on',
    number: 12,
    startedAt: 9000,
    endedAt: null,
    countsFrom: 9000,
    pausedAt: null,
    guest: null,
    paid: 120,
    spent: 40,
    lines: 7,
  },
  present: 21,
  forgotten: null,
  resumable: null,
}

export const order = (patch: Partial<DeskOrder> & { readonly id: number }): DeskOrder => ({
  reward: 1,
  rewardName: 'Choose the next repair',
  viewer: 7,
  viewerName: 'pia_ohm',
  price: 900,
  text: 'the blue radio',
  status: 'waiting',
  placedAt: 9940,
  endedAt: null,
  endedBy: null,
  takenBy: null,
  endsAt: null,
  byHand: true,
  posted: false,
  ...patch,
})

/** As the desk does it: the status is that of its query. */
function AtDesk({ children }: { readonly children: ReactNode }) {
  return <StatusProvider value={useQuery(statusQuery).data}>{children}</StatusProvider>
}

interface DeskData {
  readonly orders?: readonly DeskOrder[]
  readonly status?: Partial<Status>
  /** The address of the page. */
  readonly at?: string
}

/** Shows a part of the desk with what it would have asked the server for. What else it asks for must be answered by the test. */
export function showDesk(page: ReactNode, { orders = [], status = {}, at = '/' }: DeskData = {}) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Number.POSITIVE_INFINITY } } })
  client.setQueryData(statusQuery.queryKey, { ...STATUS, ...status })
  client.setQueryData(ordersQuery.queryKey, { orders: [...orders] })
  client.setQueryData(['redemptions'], { redemptions: [] })
  client.setQueryData(['raffles'], { running: [], setups: [] })
  client.setQueryData(['rounds'], { rounds: [] })
  return showPage(<AtDesk>{page}</AtDesk>, { at, client })
}
