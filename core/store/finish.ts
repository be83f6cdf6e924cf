import { accounts, BOOKS, balanceOf, transfer } from '../ledger/index.ts'
import { type Handler, type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { type OrderRow, orders } from './orders.ts'

interface OnOrder {
  readonly order: number
  /** Account of who does it. */
  readonly by: string
}

export interface FinishOrder extends OnOrder {
  readonly kind: 'store.done'
}
export interface GiveBackOrder extends OnOrder {
  readonly kind: 'store.giveBack'
}
export interface ReopenOrder extends OnOrder {
  readonly kind: 'store.reopen'
}

function needOrder(world: World, intent: OnOrder): Need[] {
  const need = needKey(orders, intent.order)
  const order = world.rows.has(need) ? world.get(orders, intent.order) : undefined
  return order === undefined ? [need] : [need, needKey(accounts, order.id), needKey(accounts, order.viewer)]
}

function waitingOrder(world: World, id: number): Result<OrderRow> {
  const order = world.get(orders, id)
  if (order === undefined) return refuse('order_not_found', 'This order is not there. Load the page again.')
  if (order.status === 'waiting') return ok(order)
  const how = order.status === 'done' ? 'done' : 'given back'
  return refuse('order_not_waiting', `This order was already ${how}.`, { status: order.status })
}

/** Marks an order as done: what its pot held is spent. */
export const finishOrder: Handler<FinishOrder> = {
  needs: needOrder,
  decide(world, intent) {
    const found = waitingOrder(world, intent.order)
    if (!found.ok) return found
    move(world, found.value, { from: found.value.id, to: BOOKS.spent, reason: 'delivered' })
    return ok(end(world, found.value, 'done', intent.by))
  },
}

/** Gives the money back: from the order's pot to the wallet it came from. */
export const giveBackOrder: Handler<GiveBackOrder> = {
  needs: needOrder,
  decide(world, intent) {
    const found = waitingOrder(world, intent.order)
    if (!found.ok) return found
    const order = found.value
    move(world, order, { from: order.id, to: order.viewer, reason: 'gaveBack', returns: order.payment })
    return ok(end(world, order, 'refunded', intent.by))
  },
}

/** Undoes a "done" that was a slip: the order waits again, its pot holds the money again. */
export const reopenOrder: Handler<ReopenOrder> = {
  needs: needOrder,
  decide(world, intent) {
    const order = world.get(orders, intent.order)
    if (order === undefined) return refuse('order_not_found', 'This order is not there. Load the page again.')
    const byHand = order.price === 0 ? order.endedBy !== null : world.get(accounts, order.id) !== undefined
    if (order.status !== 'done' || !byHand) {
      return refuse('order_not_done', 'Only an order that was marked done by hand can be taken up again.')
    }
    move(world, order, { from: BOOKS.spent, to: order.id, reason: 'reopened' })
    world.put(orders, { ...order, status: 'waiting', endedAt: null, endedBy: null })
    tell(world, order, 'waiting', intent.by)
    return ok({ order: order.id, status: 'waiting' })
  },
}

type Move = Pick<Parameters<typeof transfer>[1], 'from' | 'to' | 'reason' | 'returns'>

function move(world: World, order: OrderRow, how: Move): void {
  if (order.price === 0) return
  const moved = transfer(world, { ...how, amount: order.price, about: order.id, detail: { name: order.rewardName } })
  if (!moved.ok) throw new Error(`The pot of order ${order.id} does not hold its price: ${moved.refusal.sentence}`)
}

function end(
  world: World,
  order: OrderRow,
  status: 'done' | 'refunded',
  by: string,
): { order: number; status: string } {
  world.put(orders, { ...order, status, endedAt: world.at, endedBy: by })
  tell(world, order, status, by)
  return { order: order.id, status }
}

function tell(world: World, order: OrderRow, status: OrderRow['status'], by: string): void {
  world.fact('order.ended', 'desk', { order: order.id, status, by, viewer: order.viewer, rewardName: order.rewardName })
  world.fact('order.changed', `viewer:${order.viewer}`, {
    order: order.id,
    status,
    balance: balanceOf(world, order.viewer),
  })
}
