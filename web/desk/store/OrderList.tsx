import { clsx } from 'clsx'
import { type KeyboardEvent, useRef, useState } from 'react'
import { digits } from '#core/currency'
import { ageText, dayText, useNow } from '../../parts/time.ts'
import { useWide } from '../../parts/useWide.ts'
import { useStatus } from '../status.ts'
import { orderKey } from './keys.ts'
import { OrderActions, StateWords } from './OrderActions.tsx'
import { OrderCards } from './OrderCards.tsx'
import { type DeskOrder, isOpen, LONG_WAIT_SECONDS, useEndOrder } from './orders.ts'

interface OrderListProps {
  readonly orders: readonly DeskOrder[]
  readonly chosen: ReadonlySet<number>
  readonly setChosen: (chosen: ReadonlySet<number>) => void
  readonly openPerson: (id: number) => void
}

/** Orders as rows, gone through by J and K; on the one with the focus D is done, B refunds, O opens, X chooses. */
export function OrderList({ orders, chosen, setChosen, openPerson }: OrderListProps) {
  const list = useRef<HTMLTableSectionElement>(null)
  const [open, setOpen] = useState<number>()
  const focusOn = (index: number) =>
    list.current
      ?.querySelectorAll<HTMLElement>('[data-order]')
      [Math.max(0, Math.min(index, orders.length - 1))]?.focus()
  const choose = (id: number) => {
    const next = new Set(chosen)
    if (!next.delete(id)) next.add(id)
    setChosen(next)
  }
  const wide = useWide()
  if (!wide) return <OrderCards {...{ orders, chosen, choose, openPerson }} />
  return (
    <>
      <p className="text-sm text-muted pointer-coarse:hidden">
        With a row in focus: J next, K previous, O open, D done, B refund, X select.
      </p>
      <table className="w-full table-fixed rounded-md border border-line bg-panel">
        <OrderHead />
        <tbody ref={list}>
          {orders.map((order, index) => (
            <OrderRow
              key={order.id}
              order={order}
              chosen={chosen.has(order.id)}
              choose={() => choose(order.id)}
              open={open === order.id}
              setOpen={(on) => setOpen(on ? order.id : undefined)}
              openPerson={openPerson}
              move={(by) => focusOn(index + by)}
            />
          ))}
        </tbody>
      </table>
    </>
  )
}

const OrderHead = () => (
  <thead className="text-left text-sm text-muted">
    <tr className="border-b border-line">
      <th scope="col" className="w-10 px-3 py-2">
        <span className="sr-only">Chosen</span>
      </th>
      <th scope="col" className="w-6/25 px-2 py-2 font-medium">
        Reward
      </th>
      <th scope="col" className="w-4/25 px-2 py-2 font-medium">
        Buyer
      </th>
      <th scope="col" className="px-2 py-2 font-medium">
        Text
      </th>
      <th scope="col" className="w-20 px-2 py-2 text-right font-medium">
        Price
      </th>
      <th scope="col" className="w-28 px-3 py-2 text-right font-medium">
        When
      </th>
    </tr>
  </thead>
)

interface OrderRowProps {
  readonly order: DeskOrder
  readonly chosen: boolean
  readonly choose: () => void
  readonly open: boolean
  readonly setOpen: (open: boolean) => void
  readonly openPerson: (id: number) => void
  readonly move: (by: number) => void
}

/** What the keys do on an order that has the focus. */
function useOrderKeys({ order, choose, open, setOpen, move }: OrderRowProps, refund: () => void) {
  const { act, done } = useEndOrder()
  const keys: Readonly<Record<string, () => void>> = {
    j: () => move(1),
    k: () => move(-1),
    o: () => setOpen(!open),
    x: choose,
    t: () => isOpen(order) && act.mutate({ order, action: order.takenBy === null ? 'take' : 'leave' }),
    d: () => {
      if (!isOpen(order)) return
      move(1)
      done(order)
    },
    b: () => order.status !== 'refunded' && refund(),
  }
  return (event: KeyboardEvent) => {
    const key = orderKey(event)
    if (key !== undefined) keys[key]?.()
  }
}

function OrderRow(props: OrderRowProps) {
  const { order, open, setOpen } = props
  const { ahead } = useStatus()
  const now = useNow(ahead)
  const [asking, setAsking] = useState(false)
  const keyed = useOrderKeys(props, () => {
    setOpen(true)
    setAsking(true)
  })
  return (
    <>
      <tr
        data-order={order.id}
        tabIndex={0}
        onKeyDown={keyed}
        className={clsx(
          'border-t border-line align-top hover:bg-raised focus-visible:bg-brass-wash focus-visible:-outline-offset-2',
          open && 'bg-raised',
        )}
      >
        <OrderCells {...props} now={now} />
      </tr>
      {open && (
        <tr className="bg-raised">
          <td />
          <td colSpan={5} className="px-2 pb-3">
            <OrderActions order={order} asking={asking} setAsking={setAsking} />
          </td>
        </tr>
      )}
    </>
  )
}

type OrderCellsProps = Omit<OrderRowProps, 'move'> & { readonly now: number }

function OrderCells({ order, chosen, choose, open, setOpen, openPerson, now }: OrderCellsProps) {
  const late = isOpen(order) && now - order.placedAt > LONG_WAIT_SECONDS
  return (
    <>
      <td className="px-3 py-2">
        <input
          type="checkbox"
          aria-label={`Choose ${order.rewardName} for ${order.viewerName}`}
          checked={chosen}
          onChange={choose}
          className="size-4 accent-brass"
        />
      </td>
      <td className="px-2 py-2">
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="text-left font-semibold break-words hover:underline"
        >
          {order.rewardName}
        </button>
        <StateWords order={order} now={now} />
      </td>
      <td className="px-2 py-2">
        <button type="button" onClick={() => openPerson(order.viewer)} className="max-w-full truncate hover:underline">
          {order.viewerName}
        </button>
      </td>
      <td className="px-2 py-2 break-words">{order.text ?? <span className="text-muted">–</span>}</td>
      <td className="tabular px-2 py-2 text-right">{digits(order.price)}</td>
      <td className={clsx('tabular px-3 py-2 text-right', late ? 'text-brick-text' : 'text-muted')}>
        {isOpen(order) ? ageText(now - order.placedAt) : dayText(order.placedAt)}
      </td>
    </>
  )
}
