import { clsx } from 'clsx'
import { type KeyboardEvent, useState } from 'react'
import { inWords } from '#core/currency'
import { Button } from '../../parts/Button.tsx'
import { IfMay, useAreaRights } from '../../parts/page/areaRights.tsx'
import { ageText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { AddressButton } from './AddressButton.tsx'
import { orderKey } from './keys.ts'
import { type DeskOrder, LONG_WAIT_SECONDS } from './orders.ts'

export interface OrderCardProps {
  readonly order: DeskOrder
  /** The one that has waited longest: the next to be done. */
  readonly next: boolean
  readonly onDone: () => void
  readonly onGiveBack: () => void
  /** Takes it on, or leaves it to others again. */
  readonly onTake: () => void
  /** Goes so many cards on. */
  readonly onMove: (by: number) => void
}

/** One order that waits. With the focus on it: D done, B refund (after asking), T assign to me, J and K on and back. */
export function OrderCard({ order, next, onDone, onGiveBack, onTake, onMove }: OrderCardProps) {
  const { ahead } = useStatus()
  const now = useNow(ahead)
  const [asking, setAsking] = useState(false)
  const keys: Readonly<Record<string, () => void>> = {
    Escape: () => setAsking(false),
    d: onDone,
    b: () => setAsking(true),
    t: onTake,
    j: () => onMove(1),
    k: () => onMove(-1),
  }
  const mayAct = useAreaRights().act
  const keyed = (event: KeyboardEvent) => {
    const key = orderKey(event)
    if (key !== undefined && (mayAct || key === 'j' || key === 'k')) keys[key]?.()
  }
  const since = order.status === 'back' ? (order.endsAt ?? order.placedAt) : order.placedAt
  const late = now - since > LONG_WAIT_SECONDS
  return (
    <li
      data-order={order.id}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: cards are gone through by keyboard; keys act on the focused one
      tabIndex={0}
      aria-label={`${order.rewardName}, ordered by ${order.viewerName}`}
      onKeyDown={keyed}
      className={clsx(
        'border-b border-line px-4 py-3 first:border-t focus-visible:bg-brass-wash focus-visible:-outline-offset-2',
        late && 'border-l-3 border-l-brick',
      )}
    >
      <CardHead order={order} waited={now - since} late={late} onTake={onTake} />
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <CardButtons {...{ order, next, onDone, onGiveBack, asking, setAsking }} />
      </div>
    </li>
  )
}

interface CardHeadProps extends Pick<OrderCardProps, 'order' | 'onTake'> {
  /** Seconds. */
  readonly waited: number
  readonly late: boolean
}

function CardHead({ order, waited, late, onTake }: CardHeadProps) {
  const { currency } = useStatus()
  return (
    <>
      <div className="flex items-baseline justify-between gap-2">
        <h3 className="min-w-0 font-sans font-semibold break-words">{order.rewardName}</h3>
        <span className={clsx('tabular shrink-0 text-sm', late ? 'text-brick-text' : 'text-muted')}>
          {ageText(waited)}
        </span>
      </div>
      <div className="flex items-baseline justify-between gap-2 text-note text-muted">
        <p className="min-w-0 break-words">
          {order.viewerName} · {order.price === 0 ? 'without a price' : inWords(order.price, currency)}
        </p>
        <IfMay level="act">
          <button type="button" onClick={onTake} className="shrink-0 rounded px-1 hover:bg-raised hover:text-text">
            {order.takenBy === null ? 'Assign to me' : 'Unassign'}
          </button>
        </IfMay>
      </div>
      {order.status === 'back' && <p className="mt-1 text-note text-brass-text">Its time is over: end it.</p>}
      {order.takenBy !== null && <p className="mt-1 text-note text-steel-text">Assigned to {order.takenBy}.</p>}
      {order.text && <p className="mt-1.5 rounded-md bg-surface px-2.5 py-1.5 break-words">{order.text}</p>}
      <IfMay level="act">{order.posted && <AddressButton order={order.id} />}</IfMay>
    </>
  )
}

interface CardButtonsProps extends Pick<OrderCardProps, 'order' | 'next' | 'onDone' | 'onGiveBack'> {
  readonly asking: boolean
  readonly setAsking: (asking: boolean) => void
}

function CardButtons({ order, next, onDone, onGiveBack, asking, setAsking }: CardButtonsProps) {
  const { currency } = useStatus()
  if (asking)
    return (
      <>
        <p className="w-full text-note">
          Refund {inWords(order.price, currency)} to {order.viewerName}?
        </p>
        <Button look="danger" ref={(button) => button?.focus()} onClick={onGiveBack}>
          Refund
        </Button>
        <Button onClick={() => setAsking(false)}>Keep the order</Button>
      </>
    )
  return (
    <>
      <Button needs="act" look={next ? 'main' : 'plain'} onClick={onDone} shortcut="D">
        {order.status === 'back' ? 'Ended' : 'Done'}
      </Button>
      <Button needs="act" onClick={() => setAsking(true)} shortcut="B">
        Refund
      </Button>
    </>
  )
}
