import { Type } from '@sinclair/typebox'
import type { Intent } from '#core/engine'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { answered, type Call, idOf, type Route, route } from '../http/index.ts'
import { type OrdersAsked, ordersCsv, ordersPage, SHOWN } from './history.ts'
import { addressOf, waitingOrders } from './read.ts'

const MOST_WAITING = 200
const MOST_AT_ONCE = 200
const closed = { additionalProperties: false }
const FILTERS = ['shown', 'reward', 'viewer', 'text', 'order'] as const

function askedIn({ query, figure, choice }: Call<unknown>): OrdersAsked {
  const shown = choice('shown', SHOWN) ?? 'open'
  const text = query('text')?.trim().slice(0, 100)
  return {
    shown,
    reward: figure('reward'),
    viewer: figure('viewer'),
    text: text === '' ? undefined : text,
    oldestFirst: query('order') === 'oldest',
    after: figure('after'),
  }
}

/** The orders: what waits on the bench, the history, and what is done with them. */
export function orderRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/orders',
      does: 'Orders that wait on the bench',
      allowed: 'streamer',
      handle: async ({ channel }) => ({ orders: await waitingOrders(db, channel.id, MOST_WAITING) }),
    }),
    route({
      method: 'get',
      path: '/desk/orders/history',
      does: 'All orders, a page at a time',
      asks: [...FILTERS, 'after'],
      allowed: 'streamer',
      handle: (call) => ordersPage(db, call.channel.id, askedIn(call)),
    }),
    route({
      method: 'get',
      path: '/desk/orders.csv',
      fresh: true,
      limit: 'costly',
      does: 'The same orders as a file of comma-separated values',
      asks: FILTERS,
      allowed: 'streamer',
      handle: async (call) => {
        const { channel } = call
        const headers = {
          'content-type': 'text/csv; charset=utf-8',
          'content-disposition': `attachment; filename="orders-${channel.slug}.csv"`,
        }
        return new Response(await ordersCsv(db, channel.id, askedIn(call)), { headers })
      },
    }),
    route({
      method: 'get',
      path: '/desk/orders/:order/address',
      does: 'Where an order is sent',
      allowed: 'streamer',
      handle: async ({ channel, param }) => ({ address: await addressOf(db, channel.id, idOf(param('order'))) }),
    }),
    ...actions(channels),
    manyAtOnce(channels),
  ]
}

const DOES = ['done', 'give-back', 'reopen', 'take', 'leave'] as const
type Does = (typeof DOES)[number]

function intentOf(does: Does, order: number, by: string, message?: string): Intent {
  switch (does) {
    case 'done':
      return { kind: 'store.done', order, by, ...(message !== undefined && { message }) }
    case 'give-back':
      return { kind: 'store.giveBack', order, by }
    case 'reopen':
      return { kind: 'store.reopen', order, by }
    case 'take':
    case 'leave':
      return { kind: 'store.take', order, by, take: does === 'take' }
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
      allowed: 'streamer',
    } as const
    const act = async ({ channel, caller, key, param }: Call<unknown>, message?: string) =>
      answered(await channels.submit(channel.id, key, intentOf(does, idOf(param('order')), caller.account, message)))
    if (does !== 'done') return route({ ...common, handle: (call) => act(call) })
    return route({ ...common, body: done, handle: (call) => act(call, call.body.message) })
  })
}

function manyAtOnce(channels: Channels): Route {
  const orders = Type.Array(Type.Integer({ minimum: 1, maximum: Number.MAX_SAFE_INTEGER }), {
    minItems: 1,
    maxItems: MOST_AT_ONCE,
  })
  return route({
    method: 'post',
    path: '/desk/orders/many',
    does: 'Do the same with many orders: mark them done, or give their price back',
    allowed: 'streamer',
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
