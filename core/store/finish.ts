import { accounts, BOOKS, balanceOf, openAccount, payUpTo, transfer } from '../ledger/index.ts'
import { isTestViewer, needPerson, viewers, watches } from '../people/index.ts'
import type { OrderId, UnixSeconds } from '../schema.ts'
import { payWith, tallyOf } from '../tallies/index.ts'
import { type Handler, type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { addresses, type OrderRow, orders } from './orders.ts'
import { leavePerk, startPerk, takeBackPerk } from './perk.ts'
import { tellStock } from './place.ts'
import { needSales, rewardOf, rewardSales, salesKey } from './rewards.ts'
import { tellBuyer } from './tellBuyer.ts'
import { uncounted } from './windows.ts'

interface OnOrder {
  readonly order: OrderId
  /** Account of who does it. */
  readonly by: string
}

export interface FinishOrder extends OnOrder {
  readonly kind: 'store.done'
  /** What the buyer is told in place of the reward's own text; left out or empty: that one. */
  readonly message?: string
}
export interface GiveBackOrder extends OnOrder {
  readonly kind: 'store.giveBack'
}
export interface ReopenOrder extends OnOrder {
  readonly kind: 'store.reopen'
}
export interface TakeOrder extends OnOrder {
  readonly kind: 'store.take'
  readonly take: boolean
}
export interface EndPerk {
  readonly kind: 'store.perk'
  readonly order: OrderId
  readonly due: UnixSeconds
}
export interface EraseAddress {
  readonly kind: 'store.erase'
  readonly order: OrderId
  readonly due: UnixSeconds
}

/** What must be loaded to do anything with an order. */
export function needOrder(world: World, intent: { readonly order: OrderId }): Need[] {
  const needed = [needKey(orders, intent.order), needKey(addresses, intent.order)]
  const order = needed.every((need) => world.rows.has(need)) ? world.get(orders, intent.order) : undefined
  if (order === undefined) return needed
  const person = [...needPerson(order.viewer), needKey(watches, order.viewer)]
  return [...needed, needKey(accounts, order.id), ...person, ...needSales(order.reward, order.viewer)]
}

const MISSING = 'This order is not there. Reload the page.'
const WAS = { running: 'done', done: 'done', refunded: 'refunded', waiting: 'reopened', back: 'reopened' }

function openOrder(world: World, id: number): Result<OrderRow> {
  const order = world.get(orders, id)
  if (order === undefined) return refuse('order_not_found', MISSING)
  if (order.status === 'waiting' || order.status === 'back') return ok(order)
  return refuse('order_not_waiting', `This order was already ${WAS[order.status]}.`, { status: order.status })
}

/** Says who sees to an order, so that two of a team do not do the same; anybody may still finish it. */
export const takeOrder = {
  needs: needOrder,
  decide(world, { order: id, by, take }) {
    const found = openOrder(world, id)
    if (!found.ok) return found
    world.put(orders, { ...found.value, takenBy: take ? by : null })
    world.fact('order.taken', 'desk', { order: id, by: take ? by : null })
    return ok({ order: id })
  },
} satisfies Handler<TakeOrder>

/** Marks an order as done: what its pot held is spent, what was bought for a time begins to run, the buyer is told. */
export const finishOrder = {
  needs: needOrder,
  decide(world, { order: id, by, message = '' }) {
    const found = openOrder(world, id)
    if (!found.ok) return found
    const order = found.value
    if (order.status === 'back') return ok(end(world, order, 'done', by))
    move(world, order, { from: order.id, to: BOOKS.spent, reason: 'delivered' })
    eraseLater(world, order)
    tellBuyer(world, order, message)
    const perk = rewardOf(world, order.reward)?.settings.perk ?? null
    return ok(end(world, perk === null ? order : startPerk(world, order, perk), perk === null ? 'done' : 'running', by))
  },
} satisfies Handler<FinishOrder>

const DAY_SECONDS = 86_400

function eraseLater(world: World, order: OrderRow): void {
  const row = world.get(addresses, order.id)
  if (row?.address == null) return
  const days = rewardOf(world, order.reward)?.settings.post?.days ?? 1
  const at = world.at + days * DAY_SECONDS
  world.put(addresses, { ...row, eraseAt: at })
  world.timer({ key: `erase/${order.id}/${at}`, at, intent: { kind: 'store.erase', order: order.id, due: at } })
}

/**
 * Gives the money of an order back, from its pot or from what was spent, and with it the stock and the viewer's limits. A code that
 * was given out stays given out.
 */
export function giveBack(world: World, { order: id, by }: Omit<GiveBackOrder, 'kind'>): Result<Ended> {
  const order = world.get(orders, id)
  if (order === undefined) return refuse('order_not_found', MISSING)
  if (order.status === 'refunded')
    return refuse('order_not_waiting', 'This order was already refunded.', { status: order.status })
  const from = order.status === 'waiting' ? order.id : BOOKS.spent
  refund(world, order, from)
  takeBackPerk(world, order)
  uncount(world, order)
  giveTallyBack(world, order)
  eraseLater(world, order)
  const reward = rewardOf(world, order.reward)
  if (reward !== undefined) tellStock(world, reward)
  return ok(end(world, { ...order, beginsAt: null, endsAt: null }, 'refunded', by))
}

/** What it cost of a tally, if that is kept still. */
function giveTallyBack(world: World, { tally, tallyCount, viewer }: OrderRow): void {
  const row = tally === null ? undefined : tallyOf(world, tally)
  if (row !== undefined) payWith(world, row.id, viewer, tallyCount)
}

function uncount(world: World, order: OrderRow): void {
  const buyer = world.get(viewers, order.viewer)
  if (buyer !== undefined && isTestViewer(buyer)) return
  for (const who of [null, order.viewer]) {
    const row = world.get(rewardSales, salesKey(order.reward, who))
    if (row !== undefined) world.put(rewardSales, { ...row, ...uncounted(row, order) })
  }
}

export const giveBackOrder = {
  needs: needOrder,
  decide: (world, intent) => giveBack(world, intent),
} satisfies Handler<GiveBackOrder>

/** Undoes a "done" that was a slip: the order waits again, its pot holds the money again. */
export const reopenOrder = {
  needs: needOrder,
  decide(world, { order: id, by }) {
    const order = world.get(orders, id)
    if (order === undefined) return refuse('order_not_found', MISSING)
    const done = order.status === 'done' || order.status === 'running'
    if (!done || !order.byHand || (order.status === 'done' && order.circle !== null))
      return refuse('order_not_done', 'Only an order you marked done can be reopened.')
    if (order.status === 'done' && order.endsAt !== null) return ok(again(world, order, 'back', by))
    takeBackPerk(world, order)
    openPot(world, order)
    move(world, order, { from: BOOKS.spent, to: order.id, reason: 'reopened' })
    const address = world.get(addresses, order.id)
    if (address !== undefined) world.put(addresses, { ...address, eraseAt: null })
    return ok(again(world, { ...order, beginsAt: null, endsAt: null, circle: null }, 'waiting', by))
  },
} satisfies Handler<ReopenOrder>

function openPot(world: World, order: OrderRow): void {
  if (order.price > 0 && world.get(accounts, order.id) === undefined) openAccount(world, order.id, 'pot')
}

function again(
  world: World,
  order: OrderRow,
  status: 'waiting' | 'back',
  by: string,
): { order: OrderId; status: 'waiting' | 'back' } {
  world.put(orders, { ...order, status, endedAt: null, endedBy: null })
  tell(world, order, status, by)
  return { order: order.id, status }
}

/** The time of what was bought is over: a circle is left, and whatever was done by hand comes back to be taken back. */
export const endPerk = {
  needs: needOrder,
  decide(world, { order: id, due }) {
    const order = world.get(orders, id)
    if (order?.status !== 'running' || order.endsAt !== due) return ok({ ended: false })
    if (order.circle !== null) {
      leavePerk(world, order)
      return ok(end(world, order, 'done', order.endedBy))
    }
    world.put(orders, { ...order, status: 'back', takenBy: null })
    const { viewer, viewerName, rewardName, price, text } = order
    world.fact('order.back', 'desk', { order: id, viewer, viewerName, rewardName, price, text, status: 'back' })
    world.fact('order.changed', `viewer:${viewer}`, { order: id, status: 'back', balance: balanceOf(world, viewer) })
    return ok({ order: id, status: 'back' })
  },
} satisfies Handler<EndPerk>

/** Erases an address some days after its order was done. */
export const eraseAddress = {
  decide(world, { order, due }) {
    const row = world.get(addresses, order)
    if (row?.eraseAt !== due) return ok({ erased: false })
    world.put(addresses, { ...row, address: null, eraseAt: null })
    return ok({ erased: true })
  },
} satisfies Handler<EraseAddress>

type Move = Pick<Parameters<typeof transfer>[1], 'from' | 'to' | 'reason' | 'returns'>

function move(world: World, order: OrderRow, how: Move): void {
  if (order.price === 0) return
  const moved = transfer(world, { ...how, amount: order.price, about: order.id, detail: { name: order.rewardName } })
  if (!moved.ok) throw new Error(`The pot of order ${order.id} does not hold its price: ${moved.refusal.sentence}`)
}

/** A refund that the wallet has no room for must not keep the order open: the rest stays with what was spent. */
function refund(world: World, order: OrderRow, from: number): void {
  if (order.price === 0) return
  const [about, detail] = [order.id, { name: order.rewardName }]
  const request = { to: order.viewer, amount: order.price, about, detail, returns: order.payment }
  payUpTo(world, { ...request, from, reason: 'gaveBack' })
  const left = from === BOOKS.spent ? 0 : balanceOf(world, from)
  if (left > 0) transfer(world, { from, to: BOOKS.spent, amount: left, reason: 'delivered', about, detail })
}

/** How an order stands now. */
type Ended = { readonly order: OrderId; readonly status: OrderRow['status'] }

function end(world: World, order: OrderRow, status: 'running' | 'done' | 'refunded', by: string | null): Ended {
  world.put(orders, { ...order, status, endedAt: status === 'running' ? null : world.at, endedBy: by })
  tell(world, order, status, by)
  return { order: order.id, status }
}

function tell(world: World, order: OrderRow, status: OrderRow['status'], by: string | null): void {
  world.fact('order.ended', 'desk', { order: order.id, status, by, viewer: order.viewer, rewardName: order.rewardName })
  world.fact('order.changed', `viewer:${order.viewer}`, {
    order: order.id,
    status,
    balance: balanceOf(world, order.viewer),
  })
}

declare module '../world/timers.ts' {
  interface TimedIntents {
    'store.perk': EndPerk
    'store.erase': EraseAddress
  }
}
