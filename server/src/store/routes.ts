import { Type } from '@sinclair/typebox'
import { wordsSetting } from '#core/commands'
import { earningSetting } from '#core/earning'
import { MAX_TEXT } from '#core/store'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { answered, type Call, problem, type Route, route } from '../http/index.ts'
import { trailOf } from '../ledger/index.ts'
import { viewerByAccount, viewerIdOf } from '../people/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { lastSeqOf, openShowOf } from '../show/index.ts'
import { ordersOfViewer, rewardsOf, waitingOrders } from './read.ts'

const MOST_WAITING = 200
const OWN_ORDERS = 20

/** The store: the viewer page's view of it, buying, and the orders on the bench. */
export function storeRoutes(db: Reader, channels: Channels): Route[] {
  return [...viewerRoutes(db, channels), ...benchRoutes(db, channels)]
}

function viewerRoutes(db: Reader, channels: Channels): Route[] {
  const PlaceOrder = Type.Object(
    { word: Type.String({ minLength: 1, maxLength: 30 }), text: Type.String({ maxLength: MAX_TEXT * 4 }) },
    { additionalProperties: false },
  )
  return [
    route({
      method: 'get',
      path: '/store',
      does: 'The store as viewers see it',
      allowed: 'anyone',
      handle: async ({ channel, caller }) => {
        const show = await openShowOf(db, channel.id)
        return {
          seq: await lastSeqOf(db, channel.id),
          name: channel.name,
          currency: await currencyOf(db, channel.id),
          plan: await settingOf(db, channel.id, earningSetting),
          circles: (await circlesOf(db, channel.id)).map(({ id, name }) => ({ id, name })),
          words: { here: (await settingOf(db, channel.id, wordsSetting)).here.word },
          show: show?.status === 'on' ? { title: show.title, startedAt: show.startedAt } : null,
          rewards: (await rewardsOf(db, channel.id)).filter(({ open }) => open),
          signedIn: caller.account === '' ? null : caller.name,
        }
      },
    }),
    route({
      method: 'get',
      path: '/me',
      does: 'The caller’s own balance and orders',
      allowed: 'viewer',
      handle: (call) => ownView(db, call),
    }),
    route({
      method: 'get',
      path: '/me/trail',
      does: 'Why the caller’s balance is what it is',
      asks: ['before'],
      allowed: 'viewer',
      handle: async ({ channel, caller, query }) => {
        const id = await viewerIdOf(channels.pool, channel.id, caller.account)
        return id === undefined
          ? { entries: [], before: null }
          : trailOf(db, channel.id, id, { before: Number(query('before')) || undefined })
      },
    }),
    route({
      method: 'post',
      path: '/orders',
      does: 'Buy a reward',
      allowed: 'viewer',
      body: PlaceOrder,
      handle: async ({ channel, caller, key, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'store.buy', who: caller, ...body })),
    }),
  ]
}

async function ownView(db: Reader, { channel, caller }: Call<unknown>): Promise<object> {
  const viewer = await viewerByAccount(db, channel.id, caller.account)
  if (viewer === undefined) return { name: caller.name, balance: 0, present: false, watchedSeconds: 0, orders: [] }
  const { id, name, balance, present, watchedSeconds } = viewer
  return { name, balance, present, watchedSeconds, orders: await ordersOfViewer(db, channel.id, id, OWN_ORDERS) }
}

const WHAT = {
  done: 'Mark an order as done',
  'give-back': 'Give an order’s price back',
  reopen: 'Take up an order again that was marked done',
} as const
const ACTIONS = { done: 'store.done', 'give-back': 'store.giveBack', reopen: 'store.reopen' } as const

function benchRoutes(db: Reader, channels: Channels): Route[] {
  const act = (path: keyof typeof ACTIONS) =>
    route({
      method: 'post',
      path: `/desk/orders/:order/${path}`,
      does: WHAT[path],
      allowed: 'streamer',
      handle: async ({ channel, caller, key, param }) => {
        const order = Number(param('order'))
        if (!Number.isSafeInteger(order)) throw problem('not_found')
        return answered(await channels.submit(channel.id, key, { kind: ACTIONS[path], order, by: caller.account }))
      },
    })
  return [
    route({
      method: 'get',
      path: '/desk/orders',
      does: 'Orders that wait on the bench',
      allowed: 'streamer',
      handle: async ({ channel }) => ({ orders: await waitingOrders(db, channel.id, MOST_WAITING) }),
    }),
    act('done'),
    act('give-back'),
    act('reopen'),
  ]
}
