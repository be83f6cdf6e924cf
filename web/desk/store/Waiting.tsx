import { ChevronDown, ChevronUp } from 'lucide-react'
import { useRef, useState } from 'react'
import { OrderCard } from './OrderCard.tsx'
import { type DeskOrder, useEndOrder } from './orders.ts'
import { type WaitingGroup, waitingGroups } from './waitingGroups.ts'

/** The orders, oldest first. D, B and T act on the card that has the focus; J and K go on and back. */
export function Waiting({ orders }: { orders: readonly DeskOrder[] }) {
  const { act, done, giveBack } = useEndOrder()
  const [unfolded, setUnfolded] = useState<ReadonlySet<string>>(new Set())
  const list = useRef<HTMLUListElement>(null)
  const cards = () => [...(list.current?.querySelectorAll<HTMLElement>('[data-order]') ?? [])]
  const focusBy = (id: number, by: number) => {
    const all = cards()
    const at = all.findIndex((card) => card.dataset.order === String(id))
    all[Math.max(0, Math.min(at + by, all.length - 1))]?.focus()
  }
  const focusNext = (id: number) => focusBy(id, cards().at(-1)?.dataset.order === String(id) ? -1 : 1)
  const turn = (reward: string) =>
    setUnfolded((before) => (before.has(reward) ? without(before, reward) : new Set([...before, reward])))
  const card = (order: DeskOrder) => (
    <OrderCard
      key={order.id}
      order={order}
      next={order === orders[0]}
      onDone={() => {
        focusNext(order.id)
        done(order)
      }}
      onGiveBack={() => {
        focusNext(order.id)
        giveBack(order)
      }}
      onTake={() => act.mutate({ order, action: order.takenBy === null ? 'take' : 'leave' })}
      onMove={(by) => focusBy(order.id, by)}
    />
  )
  return (
    <ul ref={list}>
      {waitingGroups(orders).map((group) => (
        <Group key={group.orders[0]?.id} group={group} open={unfolded.has(group.reward)} turn={turn} card={card} />
      ))}
    </ul>
  )
}

const without = (all: ReadonlySet<string>, one: string): ReadonlySet<string> =>
  new Set([...all].filter((each) => each !== one))

interface GroupProps {
  readonly group: WaitingGroup<DeskOrder>
  readonly open: boolean
  readonly turn: (reward: string) => void
  readonly card: (order: DeskOrder) => React.ReactNode
}

/** The oldest of a group, and the others behind a press. */
function Group({ group: { reward, orders }, open, turn, card }: GroupProps) {
  const [oldest, ...others] = orders
  if (oldest === undefined) return null
  if (others.length === 0) return card(oldest)
  return (
    <>
      {card(oldest)}
      <li className="border-b border-line">
        <button
          type="button"
          aria-expanded={open}
          onClick={() => turn(reward)}
          className="flex min-h-11 w-full items-center justify-between gap-2 px-4 py-2 text-left text-note hover:bg-raised"
        >
          <span className="min-w-0 break-words">
            {reward} · {orders.length} waiting
          </span>
          {open ? (
            <ChevronUp aria-hidden="true" className="size-4" />
          ) : (
            <ChevronDown aria-hidden="true" className="size-4" />
          )}
        </button>
      </li>
      {open && others.map(card)}
    </>
  )
}
