import { useState } from 'react'
import { inWords } from '#core/currency'
import { Button } from '../../parts/Button.tsx'
import { TextInput } from '../../parts/form/inputs.tsx'
import { useAreaRights } from '../../parts/page/areaRights.tsx'
import { ageText } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { AddressButton } from './AddressButton.tsx'
import { type DeskOrder, isOpen, useEndOrder } from './orders.ts'

/** How an order is doing, where its list does not say it. */
export function StateWords({ order, now }: { order: DeskOrder; now: number }) {
  const { status, endedBy, takenBy, endsAt } = order
  const words = {
    waiting: takenBy === null ? '' : `assigned to ${takenBy}`,
    back: 'its time is over: end it',
    running:
      endsAt === null
        ? 'active'
        : `active for ${endsAt - now < 60 ? 'less than a minute' : ageText(endsAt - now)} more`,
    done: endedBy === null || endedBy === '' ? 'done automatically' : `done by ${endedBy}`,
    refunded: endedBy ? `refunded by ${endedBy}` : 'refunded',
  }[status]
  return words === '' ? null : <span className="block text-sm text-muted">{words}</span>
}

interface OrderActionsProps {
  readonly order: DeskOrder
  readonly asking: boolean
  readonly setAsking: (asking: boolean) => void
}

/** What can be done with an order, with a message to the buyer. */
export function OrderActions({ order, asking, setAsking }: OrderActionsProps) {
  const { act } = useEndOrder()
  const mayAct = useAreaRights().act
  const undoable = order.byHand && (order.status === 'done' || order.status === 'running')
  return (
    <div className="flex flex-col items-start gap-2">
      {mayAct && order.posted && <AddressButton order={order.id} />}
      <div className="flex flex-wrap items-center gap-2 empty:hidden">
        {mayAct && isOpen(order) && <OpenActions order={order} />}
        {undoable && (
          <Button needs="act" onClick={() => act.mutate({ order, action: 'reopen' })}>
            Reopen
          </Button>
        )}
        {mayAct && order.status !== 'refunded' && <RefundActions order={order} asking={asking} setAsking={setAsking} />}
      </div>
    </div>
  )
}

/** Ending an order that waits, or taking it on. */
function OpenActions({ order }: Pick<OrderActionsProps, 'order'>) {
  const { act, done } = useEndOrder()
  const [message, setMessage] = useState('')
  return (
    <>
      {order.status === 'waiting' && (
        <TextInput
          aria-label="Message to the buyer"
          placeholder="Your own message to the buyer"
          value={message}
          most={300}
          onValue={setMessage}
          className="w-80 max-w-full"
        />
      )}
      <Button look="main" onClick={() => done(order, message)} shortcut="D">
        {order.status === 'back' ? 'Ended' : 'Done'}
      </Button>
      <Button onClick={() => act.mutate({ order, action: order.takenBy === null ? 'take' : 'leave' })} shortcut="T">
        {order.takenBy === null ? 'Assign to me' : 'Unassign'}
      </Button>
    </>
  )
}

function RefundActions({ order, asking, setAsking }: OrderActionsProps) {
  const { currency } = useStatus()
  const { giveBack } = useEndOrder()
  if (!asking)
    return (
      <Button onClick={() => setAsking(true)} shortcut="B">
        Refund
      </Button>
    )
  return (
    <>
      <span>
        Refund {inWords(order.price, currency)} to {order.viewerName}?
      </span>
      <Button look="danger" ref={(button) => button?.focus()} onClick={() => giveBack(order)}>
        Refund
      </Button>
      <Button onClick={() => setAsking(false)}>Keep the order</Button>
    </>
  )
}
