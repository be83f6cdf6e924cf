import { type KeyboardEvent, useState } from 'react'
import { inWords } from '#core/currency'
import type { OrderRow } from '#core/store'
import { Button } from '../../parts/Button.tsx'
import { ageText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'

export interface OrderCardProps {
  readonly order: OrderRow
  /** The one that has waited longest: the next to be done. */
  readonly next: boolean
  readonly onDone: () => void
  readonly onGiveBack: () => void
}

/** One order that waits. With the focus on it, D marks it done and B gives the money back (after asking). */
export function OrderCard({ order, next, onDone, onGiveBack }: OrderCardProps) {
  const { currency, ahead } = useStatus()
  const now = useNow(ahead)
  const [asking, setAsking] = useState(false)
  const keyed = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    if (event.key === 'Escape') setAsking(false)
    else if (event.key === 'd') onDone()
    else if (event.key === 'b') setAsking(true)
  }
  return (
    <li
      data-order={order.id}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: cards are gone through by keyboard; keys act on the focused one
      tabIndex={0}
      aria-label={`${order.rewardName}, ordered by ${order.viewerName}`}
      onKeyDown={keyed}
      className="border-b border-line px-4 py-3 first:border-t focus-visible:bg-brass-wash focus-visible:-outline-offset-2"
    >
      <div className="flex items-baseline justify-between gap-2">
        <h3 className="min-w-0 font-sans font-semibold break-words">{order.rewardName}</h3>
        <span className="tabular shrink-0 text-sm text-muted">{ageText(now - order.placedAt)}</span>
      </div>
      <p className="text-[0.93rem] text-muted">
        {order.viewerName} · {inWords(order.price, currency)}
      </p>
      {order.text && <p className="mt-1.5 rounded-md bg-surface px-2.5 py-1.5 break-words">{order.text}</p>}
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {asking ? (
          <>
            <p className="w-full text-[0.93rem]">
              Give {inWords(order.price, currency)} back to {order.viewerName}?
            </p>
            <Button look="danger" ref={(button) => button?.focus()} onClick={onGiveBack}>
              Give back
            </Button>
            <Button onClick={() => setAsking(false)}>Keep the order</Button>
          </>
        ) : (
          <>
            <Button look={next ? 'main' : 'plain'} onClick={onDone} shortcut="D">
              Done
            </Button>
            <Button onClick={() => setAsking(true)} shortcut="B">
              Give back
            </Button>
          </>
        )}
      </div>
    </li>
  )
}
