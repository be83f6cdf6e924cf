import { Type } from '@sinclair/typebox'
import { refOf, TEST } from '#core/people'
import { Count, closed, exactly, orNull } from '#core/schema'
import { MAX_TEXT } from '#core/store'
import type { Channels } from '../channels.ts'
import { codeIn } from '../codes/index.ts'
import type { Reader } from '../database/index.ts'
import { answered, before, type Call, hand, type Route, route, whoOf } from '../http/index.ts'
import { TrailEntry, trailOf } from '../ledger/index.ts'
import { viewerByAccount, viewerIdOf } from '../people/index.ts'
import { Bought, OpenNow, OwnView, Shelf } from './answers.ts'
import { openNow } from './openNow.ts'
import { ordersOfViewer } from './read.ts'
import { shelfFor } from './shelf.ts'

const OWN_ORDERS = 30

const PlaceOrder = Type.Object(
  {
    word: Type.String({ minLength: 1, maxLength: 30 }),
    text: Type.String({ maxLength: MAX_TEXT * 4 }),
    address: Type.Optional(orNull(Type.String({ maxLength: 2000 }))),
    confirmed: Type.Optional(Type.Boolean()),
    again: Type.Optional(Type.Boolean()),
  },
  closed,
)

/** The store as viewers see it, what is theirs, and buying. */
export function viewerRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/store',
      does: 'The store as viewers see it',
      answer: Shelf,
      allowed: 'anyone',
      handle: (call) => shelfFor(db, channels, call),
    }),
    route({
      method: 'get',
      path: '/open',
      does: 'The raffles, bets and goals that can be joined now, by name',
      answer: OpenNow,
      allowed: 'anyone',
      handle: ({ channel }) => openNow(db, channel.id),
    }),
    route({
      method: 'get',
      path: '/me',
      does: 'The caller’s own balance and orders',
      answer: OwnView,
      allowed: 'viewer',
      handle: (call) => ownView(db, call),
    }),
    ownTrailRoute(db, channels),
    ordersRoute(db, channels),
    route({
      method: 'post',
      path: '/unlock',
      does: 'Say a secret word',
      answer: exactly({ unlocked: Type.Array(Type.String()) }),
      allowed: 'viewer',
      body: Type.Object({ word: Type.String({ minLength: 1, maxLength: 60 }) }, closed),
      handle: (call) =>
        hand(channels, call, { kind: 'store.unlock', who: whoOf(call.caller), word: call.body.word.trim() }),
    }),
  ]
}

const ordersRoute = (db: Reader, channels: Channels): Route =>
  route({
    method: 'post',
    path: '/orders',
    does: 'Buy a reward',
    answer: Bought,
    allowed: 'viewer',
    body: PlaceOrder,
    handle: async ({ channel, caller, key, body }) => {
      const intent = { kind: 'store.buy', who: whoOf(caller), ...body } as const
      const { coded, ...bought } = answered(await channels.submit(channel.id, key, intent))
      // The answer is kept to answer a repeat; the code is read where it is sealed.
      return {
        ...bought,
        code: coded ? await codeIn(db, channel.id, { of: 'order', id: Number(bought.order) }) : null,
      }
    },
  })

const ownTrailRoute = (db: Reader, channels: Channels): Route =>
  route({
    method: 'get',
    path: '/me/trail',
    does: 'Why the caller’s balance is what it is',
    answer: exactly({ entries: Type.Array(TrailEntry), before: orNull(Count) }),
    asks: { before },
    allowed: 'viewer',
    handle: async ({ channel, caller, asked }) => {
      const id = await viewerIdOf(channels.pool, channel.id, caller.account)
      return id === undefined ? { entries: [], before: null } : trailOf(db, channel.id, id, asked)
    },
  })

async function ownView(db: Reader, { channel, caller }: Call<unknown>) {
  const viewer = await viewerByAccount(db, channel.id, caller.account)
  const test = refOf(caller.account).issuer === TEST
  if (viewer === undefined)
    return { name: caller.name, test, balance: 0, present: false, watchedSeconds: 0, orders: [] }
  const { id, name, balance, present, watchedSeconds } = viewer
  return { name, test, balance, present, watchedSeconds, orders: await ordersOfViewer(db, channel.id, id, OWN_ORDERS) }
}
