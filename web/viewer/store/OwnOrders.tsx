import { clsx } from 'clsx'
import { useState } from 'react'
import { digits, durationInWords } from '#core/currency'
import type { OrderStatus } from '#core/store'
import { Button } from '../../parts/Button.tsx'
import { dayText, useNow } from '../../parts/time.ts'
import { type OwnOrder, useMe } from '../channel.ts'

/** So many of the latest are shown at first: what comes below them must not be far. */
const FIRST = 3

const COLOURS: Readonly<Record<OrderStatus, string>> = {
  waiting: 'text-brass-text',
  running: 'text-brass-text',
  back: 'text-brass-text',
  done: 'text-moss-text',
  refunded: 'text-steel-text',
}

function stateText({ status, place, endsAt }: OwnOrder, now: number): string {
  switch (status) {
    case 'waiting':
      if (place === null) return 'waiting'
      return place === 1 ? 'next in the queue' : `number ${place} in the queue`
    case 'running':
      return endsAt === null ? 'on' : `on for ${durationInWords(Math.max(60, endsAt - now))}`
    case 'back':
      return 'its time is over'
    case 'done':
      return 'done'
    case 'refunded':
      return 'refunded'
  }
}

/** What I have ordered and what became of it. */
export function OwnOrders({ only }: { only?: 'waiting' }) {
  const [all, setAll] = useState(false)
  const now = useNow(0)
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
          <li key={order.id} className="border-b border-line py-2.5">
            <div className="flex items-baseline justify-between gap-4">
              <div className="min-w-0">
                <p className="font-semibold">{order.rewardName}</p>
                <p className="text-note break-words text-muted">
                  {order.text ? `“${order.text}” · ` : ''}
                  {digits(order.price)} · {dayText(order.placedAt)}
                </p>
              </div>
              <p className={clsx('shrink-0 text-note font-medium', COLOURS[order.status])}>{stateText(order, now)}</p>
            </div>
            {order.code !== null && <Code code={order.code} />}
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

/** A code, hidden until it is asked for: a phone may lie on a table. */
export function Code({ code }: { code: string }) {
  const [open, setOpen] = useState(false)
  if (!open)
    return (
      <Button className="mt-2" onClick={() => setOpen(true)}>
        Show my code
      </Button>
    )
  return (
    <p className="mt-2 flex flex-wrap items-center gap-3">
      <code className="rounded-md bg-surface px-2.5 py-1.5 text-lg break-all select-all">{code}</code>
      <Button onClick={() => void navigator.clipboard.writeText(code).catch(() => {})}>Copy</Button>
    </p>
  )
}
