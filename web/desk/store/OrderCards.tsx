import { useState } from 'react'
import { digits } from '#core/currency'
import { ageText, dayText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { OrderActions, StateWords } from './OrderActions.tsx'
import { type DeskOrder, isOpen, LONG_WAIT_SECONDS } from './orders.ts'

interface OrderCardsProps {
  readonly orders: readonly DeskOrder[]
  readonly chosen: ReadonlySet<number>
  readonly choose: (id: number) => void
  readonly openPerson: (id: number) => void
}

/** The orders for a thumb: one card each, with what can be done about it. */
export function OrderCards({ orders, chosen, choose, openPerson }: OrderCardsProps) {
  return (
    <ul aria-label="Orders" className="flex flex-col gap-2">
      {orders.map((order) => (
        <Card
          key={order.id}
          order={order}
          chosen={chosen.has(order.id)}
          choose={() => choose(order.id)}
          openPerson={() => openPerson(order.viewer)}
        />
      ))}
    </ul>
  )
}

interface CardProps {
  readonly order: DeskOrder
  readonly chosen: boolean
  readonly choose: () => void
  readonly openPerson: () => void
}

function Card({ order, chosen, choose, openPerson }: CardProps) {
  const { ahead, currency } = useStatus()
  const now = useNow(ahead)
  const [asking, setAsking] = useState(false)
  const waited = now - order.placedAt
  const late = isOpen(order) && waited > LONG_WAIT_SECONDS
  return (
    <li className="flex flex-col gap-1.5 rounded-md border border-line bg-panel px-3 py-2.5">
      <div className="flex items-start justify-between gap-3">
        <h2 className="min-w-0 font-sans font-semibold break-words">{order.rewardName}</h2>
        <input
          type="checkbox"
          aria-label={`Choose ${order.rewardName} for ${order.viewerName}`}
          checked={chosen}
          onChange={choose}
          className="size-6 shrink-0 accent-brass"
        />
      </div>
      <p className="flex flex-wrap items-baseline justify-between gap-x-3">
        <button type="button" onClick={openPerson} className="min-w-0 truncate text-left underline underline-offset-2">
          {order.viewerName}
        </button>
        <span className="tabular">
          {digits(order.price)} {currency.many}
          <span className={late ? 'text-brick-text' : 'text-muted'}>
            {' · '}
            {isOpen(order) ? ageText(waited) : dayText(order.placedAt)}
          </span>
        </span>
      </p>
      {order.text !== null && <p className="rounded-md bg-surface px-2.5 py-1.5 break-words">{order.text}</p>}
      <StateWords order={order} now={now} />
      <OrderActions order={order} asking={asking} setAsking={setAsking} />
    </li>
  )
}
