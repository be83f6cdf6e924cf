import { clsx } from 'clsx'
import { digits } from '#core/currency'
import { dayText } from '../../parts/time.ts'
import { type OwnOrder, useMe } from '../channel.ts'

const WORDS = { waiting: 'waiting', done: 'done', refunded: 'money back' }

function stateText({ status, place }: OwnOrder): string {
  if (status !== 'waiting' || place === null) return WORDS[status]
  return place === 1 ? 'next on the bench' : `number ${place} on the bench`
}

/** What I have ordered and what became of it. */
export function OwnOrders({ only }: { only?: 'waiting' }) {
  const orders = (useMe()?.orders ?? []).filter(({ status }) => only === undefined || status === only)
  if (orders.length === 0) return null
  return (
    <section aria-labelledby="orders" className="mb-6">
      <h2 id="orders" className="text-xl">
        {only === 'waiting' ? 'On its way' : 'My orders'}
      </h2>
      <ul className="mt-1">
        {orders.map((order) => (
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
    </section>
  )
}
