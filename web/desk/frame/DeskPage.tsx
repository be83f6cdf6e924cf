import { useQuery } from '@tanstack/react-query'
import { type ReactNode, startTransition, useEffect, useState } from 'react'
import { Outlet, useLocation } from 'react-router'
import { HeadedPage } from '../../parts/page/PageHead.tsx'
import { openRoundsQuery } from '../games/view.ts'
import { ordersQuery } from '../store/orders.ts'
import { headOf } from './pages.ts'

/** What a tab says of itself while it is not open, by its address. */
function useTabNotes(): Readonly<Record<string, string | undefined>> {
  const waiting = useQuery(ordersQuery).data?.orders.length ?? 0
  const cup = useQuery(openRoundsQuery).data?.rounds.some(({ game }) => game === 'cup')
  return {
    '/store/orders': waiting > 0 ? `${waiting} waiting` : undefined,
    '/games/cup': cup ? 'on' : undefined,
  }
}

/** The page at the address, under its head: the head is there at once, whatever the page still waits for. */
export function DeskPage() {
  const head = headOf(useLocation().pathname)
  const notes = useTabNotes()
  if (head === undefined) return <Outlet />
  return (
    <HeadedPage {...head} tabs={head.tabs?.map((tab) => ({ ...tab, note: notes[tab.to] }))}>
      <AfterHead key={head.title}>
        <Outlet />
      </AfterHead>
    </HeadedPage>
  )
}

/** A large page takes its time to draw: its head is seen before that begins. */
function AfterHead({ children }: { children: ReactNode }) {
  const [drawing, startDrawing] = useState(false)
  useEffect(() => startTransition(() => startDrawing(true)), [])
  return drawing && children
}
