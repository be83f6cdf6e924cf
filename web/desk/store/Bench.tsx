import { useQuery } from '@tanstack/react-query'
import { PanelRightClose, PanelRightOpen } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import type { OrderRow } from '#core/store'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { ageText, useNow } from '../../parts/time.ts'
import { useToast } from '../../parts/toasts.tsx'
import { useStatus } from '../status.ts'
import { Redemptions, redemptionsQuery } from '../triggers/Redemptions.tsx'
import { OrderCard } from './OrderCard.tsx'
import { ordersQuery, useOrderAction } from './orders.ts'

const OPEN_KEY = 'ricompensa-bench-open'

/** On every page: what waits to be done. */
export function Bench() {
  const [open, setOpen] = useState(() => localStorage.getItem(OPEN_KEY) !== 'no')
  const orders = useQuery(ordersQuery)
  const redemptions = useQuery(redemptionsQuery).data?.redemptions ?? []
  const waiting = orders.data?.orders ?? []
  const count = waiting.length + redemptions.length
  useEffect(() => {
    document.title = count > 0 ? `(${count}) Ricompensa` : 'Ricompensa'
  }, [count])
  const turn = () => {
    localStorage.setItem(OPEN_KEY, open ? 'no' : 'yes')
    setOpen(!open)
  }
  if (!open) return <BenchRail waiting={count} onOpen={turn} />
  return (
    <aside aria-label="Bench" className="flex w-[19rem] shrink-0 flex-col border-l border-line bg-panel">
      <BenchHead waiting={waiting} onClose={turn} />
      <div className="min-h-0 flex-1 overflow-y-auto">
        {orders.isPending && <Loading what="orders" />}
        {orders.isError && <Problem error={orders.error} retry={() => void orders.refetch()} />}
        {orders.data && count === 0 && (
          <p className="px-4 py-3 text-muted">
            Nothing waits for you. An order rings and lies here until you have done it.
          </p>
        )}
        <Waiting orders={waiting} />
        <Redemptions />
      </div>
    </aside>
  )
}

function BenchHead({ waiting, onClose }: { waiting: readonly OrderRow[]; onClose: () => void }) {
  const { ahead } = useStatus()
  const now = useNow(ahead)
  const oldest = waiting[0]
  return (
    <header className="flex items-baseline gap-2 px-4 pt-4 pb-2">
      <h2 className="text-lg">Waiting</h2>
      {oldest && (
        <p className="ml-auto text-sm text-muted">
          {waiting.length} {waiting.length === 1 ? 'order' : 'orders'} · oldest {ageText(now - oldest.placedAt)}
        </p>
      )}
      <button
        type="button"
        onClick={onClose}
        aria-label="Fold the bench away"
        className={`self-center rounded p-1 text-muted hover:text-text ${oldest ? '' : 'ml-auto'}`}
      >
        <PanelRightClose aria-hidden="true" className="size-4" />
      </button>
    </header>
  )
}

function BenchRail({ waiting, onOpen }: { waiting: number; onOpen: () => void }) {
  return (
    <aside
      aria-label="Bench"
      className="flex w-16 shrink-0 flex-col items-center gap-4 border-l border-line bg-panel py-4"
    >
      <button
        type="button"
        onClick={onOpen}
        aria-label="Open the bench"
        className="rounded p-1 text-muted hover:text-text"
      >
        <PanelRightOpen aria-hidden="true" className="size-5" />
      </button>
      <p className="text-center text-sm text-muted">
        <span className="tabular block font-display text-xl font-semibold text-brass-text">{waiting}</span>
        waiting
      </p>
    </aside>
  )
}

/** The orders, oldest first. D and B act on the card that has the focus; after it the next one takes it. */
function Waiting({ orders }: { orders: readonly OrderRow[] }) {
  const act = useOrderAction()
  const toast = useToast()
  const list = useRef<HTMLUListElement>(null)
  const focusNext = (index: number) => {
    const cards = list.current?.querySelectorAll<HTMLElement>('[data-order]')
    cards?.[index + 1 < (cards.length ?? 0) ? index + 1 : index - 1]?.focus()
  }
  const done = (order: OrderRow, index: number) => {
    focusNext(index)
    act.mutate(
      { order, action: 'done' },
      {
        onSuccess: () =>
          toast({
            text: `Done: ${order.rewardName} for ${order.viewerName}.`,
            undo: () => act.mutate({ order, action: 'reopen' }),
          }),
      },
    )
  }
  const giveBack = (order: OrderRow, index: number) => {
    focusNext(index)
    act.mutate(
      { order, action: 'give-back' },
      { onSuccess: () => toast({ text: `Given back to ${order.viewerName}: ${order.rewardName}.` }) },
    )
  }
  return (
    <ul ref={list}>
      {orders.map((order, index) => (
        <OrderCard
          key={order.id}
          order={order}
          next={index === 0}
          onDone={() => done(order, index)}
          onGiveBack={() => giveBack(order, index)}
        />
      ))}
    </ul>
  )
}
