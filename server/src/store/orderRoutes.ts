import { Type } from '@sinclair/typebox'
import type { OrderId } from '#core/schema'
import { Count, closed, exactly, orNull, whole } from '#core/schema'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import {
  type Asked,
  answered,
  type Call,
  choice,
  csvFile,
  desk,
  figure,
  fileRoute,
  idOf,
  type Route,
  route,
  text,
} from '../http/index.ts'
import { OrderChanged, OrdersPage, WaitingOrders } from './answers.ts'
import { type OrdersAsked, ordersCsv, ordersPage, SHOWN } from './history.ts'
import { addressOf, waitingOrders } from './read.ts'

const MOST_WAITING = 200
const MOST_AT_ONCE = 200

const ASKS = {
  shown: choice('Which of them.', SHOWN),
  reward: figure('The orders of one reward, by its number.'),
  viewer: figure('The orders of one person, by their number.'),
  text: text('Words of the order, the reward or the name.', 100),
  order: choice('Which come first.', ['newest', 'oldest']),
}

const ordersAsked = ({ shown = 'open', order, ...asked }: Asked<typeof ASKS>): Omit<OrdersAsked, 'after'> => ({
  ...asked,
  shown,
  oldestFirst: order === 'oldest',
})

/** The orders: what waits on the bench, the history, and what is done with them. */
export function orderRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/orders',
      does: 'Orders that wait on the bench',
      answer: WaitingOrders,
      allowed: desk('look', 'waiting'),
      handle: async ({ channel }) => ({ orders: await waitingOrders(db, channel.id, MOST_WAITING) }),
    }),
    route({
      method: 'get',
      path: '/desk/orders/history',
      does: 'All orders, a page at a time',
      answer: OrdersPage,
      asks: { ...ASKS, after: figure('The page after the order of this number.') },
      allowed: desk('look', 'waiting'),
      handle: ({ channel, asked: { after, ...asked } }) => ordersPage(db, channel.id, { ...ordersAsked(asked), after }),
    }),
    ordersCsvRoute(db),
    route({
      method: 'get',
      path: '/desk/orders/:order/address',
      does: 'Where an order is sent',
      answer: exactly({ address: orNull(Type.String()) }),
      allowed: desk('act', 'waiting'),
      handle: async ({ channel, param }) => ({ address: await addressOf(db, channel.id, idOf(param('order'))) }),
    }),
    ...actions(channels),
    manyAtOnce(channels),
  ]
}

const ordersCsvRoute = (db: Reader): Route =>
  fileRoute({
    method: 'get',
    path: '/desk/orders.csv',
    fresh: true,
    limit: 'costly',
    does: 'The same orders as a file of comma-separated values',
    asks: ASKS,
    gives: 'text/csv',
    allowed: desk('look', 'waiting'),
    handle: async ({ channel, asked }) =>
      csvFile(`orders-${channel.slug}`, await ordersCsv(db, channel.id, { ...ordersAsked(asked), after: undefined })),
  })

const DOES = ['done', 'give-back', 'reopen', 'take', 'leave'] as const
type Does = (typeof DOES)[number]

function intentOf(does: Does, order: OrderId, by: string, message?: string) {
  switch (does) {
    case 'done':
      return { kind: 'store.done', order, by, ...(message !== undefined && { message }) } as const
    case 'give-back':
      return { kind: 'store.giveBack', order, by } as const
    case 'reopen':
      return { kind: 'store.reopen', order, by } as const
    case 'take':
    case 'leave':
      return { kind: 'store.take', order, by, take: does === 'take' } as const
  }
}

const WHAT: Readonly<Record<Does, string>> = {
  done: 'Mark an order as done; the buyer is told the message, or the reward’s own text',
  'give-back': 'Give an order’s price back',
  reopen: 'Take up an order again that was marked done',
  take: 'Say that one sees to an order',
  leave: 'Leave an order to others again',
}

function actions(channels: Channels): Route[] {
  const done = Type.Object({ message: Type.Optional(Type.String({ maxLength: 300 })) }, closed)
  return DOES.map((does) => {
    const common = {
      method: 'post',
      path: `/desk/orders/:order/${does}`,
      does: WHAT[does],
      answer: OrderChanged,
      allowed: desk('act', 'waiting'),
    } as const
    const act = async ({ channel, caller, key, param }: Call<unknown>, message?: string) =>
      answered(await channels.submit(channel.id, key, intentOf(does, idOf(param('order')), caller.account, message)))
    if (does !== 'done') return route({ ...common, handle: (call) => act(call) })
    return route({ ...common, body: done, handle: (call) => act(call, call.body.message) })
  })
}

function manyAtOnce(channels: Channels): Route {
  const orders = Type.Array(whole(1, Number.MAX_SAFE_INTEGER), {
    minItems: 1,
    maxItems: MOST_AT_ONCE,
  })
  return route({
    method: 'post',
    path: '/desk/orders/many',
    does: 'Do the same with many orders: mark them done, or give their price back',
    answer: exactly({ done: Count, refused: Type.Array(Type.String()) }),
    allowed: desk('act', 'waiting'),
    body: Type.Object({ orders, does: Type.Union([Type.Literal('done'), Type.Literal('give-back')]) }, closed),
    handle: async ({ channel, caller, key, body }) => {
      const results = await Promise.all(
        [...new Set(body.orders)].map((order) =>
          channels.submit(channel.id, `${key}/${order}`, intentOf(body.does, order, caller.account)),
        ),
      )
      const refused = results.flatMap((result) => (result.ok ? [] : [result.refusal.sentence]))
      return { done: results.length - refused.length, refused }
    },
  })
}
