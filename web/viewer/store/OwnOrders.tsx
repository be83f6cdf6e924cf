import { clsx } from 'clsx'
import { useState } from 'react'
import { digits } from '#core/currency'
import { Button } from '../../parts/Button.tsx'
import { dayText } from '../../parts/time.ts'
import { type OwnOrder, useMe } from '../channel.ts'

/** So many of the latest are shown at first: what comes below them must not be far. */
const FIRST = 3

const WORDS = { waiting: 'waiting', done: 'done', refunded: 'money back' }

function stateText({ status, place }: OwnOrder): string {
  if (status !== 'waiting' || place === null) return WORDS[status]
  return place === 1 ? 'next on the bench' : `number ${place} on the bench`
}

/** What I have ordered and what became of it. */
export function OwnOrders({ only }: { only?: 'waiting' }) {
  const [all, setAll] = useState(false)
  const orders = (useMe()?.orders ?? []).filter(({ status }) => only === undefined || status === only)
  if (orders.length === 0) return null
  const shown = all || only === 'waiting' ? orders : orders.slice(0, FIRST)
  return (
    <section aria-labelledby="orders" className="mb-6">
      <h2 id="orders" className="text-xl">
        {only === 'waiting' ? 'On its way' : 'My orders'}
      </h2>
      <ul className="mt-1">
        {shown.map((order) => (
          <li key={order.id} className="flex items-baseline justify-between gap-4 border-b border-line py-2.5">
            <div className="min-w-0">
              <p className="font-semibold">{order.rewardName}</p>
              <p className="text-[0.93rem] break-words text-muted">
                {order.text ? `“${order.text}” · ` : ''}
                {digits(order.price)} · {dayText(order.placedAt)}
              </p>
            </div>
            <p
              className={clsx(
                'shrink-0 text-[0.93rem] font-medium',
                { waiting: 'text-brass-text', done: 'text-moss-text', refunded: 'text-steel-text' }[order.status],
              )}
            >
              {stateText(order)}
            </p>
          </li>
        ))}
      </ul>
      {shown.length < orders.length && (
        <Button className="mt-3" onClick={() => setAll(true)}>
          Show earlier ones
        </Button>
      )}
    </section>
  )
}
