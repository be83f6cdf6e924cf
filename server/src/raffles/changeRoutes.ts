import { Type } from '@sinclair/typebox'
import { Opens, RaffleSettings } from '#core/raffles'
import { Count, closed, exactly, Id, orNull, RaffleId, ViewerId, whole } from '#core/schema'
import { keysOf } from '#core/world'
import type { Channels } from '../channels.ts'
import { type Call, desk, hand, idOf, type Route, route } from '../http/index.ts'
import { RaffleStatus } from './answers.ts'

const Why = Type.String({ minLength: 1, maxLength: 200, pattern: '\\S' })

/** Raffles as the desk runs them. */
export const changeRaffleRoutes = (channels: Channels): Route[] => [
  ...actRoutes(channels),
  ...winnerRoutes(channels),
  ...setupRoutes(channels),
]

const DOES = { open: 'open', close: 'close', draw: 'draw', 'call-off': 'callOff', finish: 'finish' } as const

function actRoutes(channels: Channels): Route[] {
  const acts = keysOf(DOES).map((does) =>
    route({
      allowed: desk('act', 'raffles'),
      method: 'post',
      path: `/desk/raffles/:raffle/${does}`,
      does: `Have a raffle ${does.replace('-', ' ')}${does === 'draw' ? ': the draw with this number is made once' : ''}`,
      answer: exactly({ raffle: RaffleId, status: RaffleStatus, draws: Count }),
      body: Type.Object({ draw: Type.Optional(Id), why: Type.Optional(Type.String({ maxLength: 200 })) }, closed),
      handle: async ({ channel, caller, key, header, param, body }) => {
        const intent = {
          kind: 'raffle.act',
          raffle: idOf(param('raffle')),
          does: DOES[does],
          by: caller.name,
          ...body,
        } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
  )
  return [
    ...acts,
    route({
      allowed: desk('act', 'raffles'),
      method: 'post',
      path: '/desk/raffles',
      does: 'Start a raffle: it opens at once, at a time, or waits for a hand',
      answer: exactly({ raffle: RaffleId, status: RaffleStatus }),
      body: Type.Object(
        { settings: RaffleSettings, opens: Opens, setup: orNull(Id), answer: Type.Optional(whole(0, 1_000_000_000)) },
        closed,
      ),
      handle: (call) => hand(channels, call, { kind: 'raffle.start', by: call.caller.name, ...call.body }),
    }),
    changeRafflesRoute(channels),
  ]
}

const changeRafflesRoute = (channels: Channels): Route =>
  route({
    allowed: desk('act', 'raffles'),
    method: 'put',
    path: '/desk/raffles/:raffle',
    does: 'Change a raffle that has not ended',
    answer: exactly({ raffle: RaffleId }),
    body: RaffleSettings,
    handle: async ({ channel, key, header, param, body }) => {
      const intent = {
        kind: 'raffle.change',
        raffle: idOf(param('raffle')),
        settings: body,
      } as const
      return hand(channels, { channel, key, header }, intent)
    },
  })

function winnerRoutes(channels: Channels): Route[] {
  return [
    route({
      allowed: desk('act', 'raffles'),
      method: 'post',
      path: '/desk/raffles/:raffle/remove',
      does: 'Take somebody out of a raffle: the money goes back',
      answer: exactly({ raffle: RaffleId, viewer: ViewerId, back: Count }),
      body: Type.Object({ viewer: ViewerId, why: Why }, closed),
      handle: async ({ channel, caller, key, header, param, body }) => {
        const intent = { kind: 'raffle.remove', raffle: idOf(param('raffle')), by: caller.name, ...body } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
    route({
      allowed: desk('act', 'raffles'),
      method: 'post',
      path: '/desk/raffles/:raffle/pass-over',
      does: 'Pass over somebody who was drawn',
      answer: exactly({ raffle: RaffleId, draw: Id }),
      body: Type.Object({ draw: Id, why: Why }, closed),
      handle: async ({ channel, caller, key, header, param, body }) => {
        const intent = { kind: 'raffle.pass', raffle: idOf(param('raffle')), by: caller.name, ...body } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
    route({
      allowed: desk('act', 'raffles'),
      method: 'post',
      path: '/desk/raffles/:raffle/record',
      does: 'Note whether a winner has the prize, and what else there is to say',
      answer: exactly({ raffle: RaffleId, draw: Id }),
      body: Type.Object({ draw: Id, delivered: Type.Boolean(), note: Type.String({ maxLength: 300 }) }, closed),
      handle: async ({ channel, key, header, param, body }) => {
        const intent = { kind: 'raffle.record', raffle: idOf(param('raffle')), ...body } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
  ]
}

const Setup = Type.Object({ settings: RaffleSettings, digit: orNull(whole(1, 9)) }, closed)

function setupRoutes(channels: Channels): Route[] {
  const save = (setup: number | null, call: Call<unknown>) => {
    const { settings, digit } = call.body as { settings: RaffleSettings; digit: number | null }
    return hand(channels, call, { kind: 'raffle.saveSetup', setup, settings, digit })
  }
  return [
    route({
      allowed: desk('change', 'raffles'),
      method: 'post',
      path: '/desk/raffle-setups',
      does: 'Keep a set-up to start raffles from',
      answer: exactly({ setup: Id }),
      body: Setup,
      handle: (call) => save(null, call),
    }),
    route({
      allowed: desk('change', 'raffles'),
      method: 'put',
      path: '/desk/raffle-setups/:id',
      does: 'Change a set-up',
      answer: exactly({ setup: Id }),
      body: Setup,
      handle: (call) => save(idOf(call.param('id')), call),
    }),
    route({
      allowed: desk('change', 'raffles'),
      method: 'post',
      path: '/desk/raffle-setups/:id/remove',
      does: 'Take a set-up away',
      answer: exactly({ setup: Id }),
      handle: (call) => hand(channels, call, { kind: 'raffle.removeSetup', setup: idOf(call.param('id')) }),
    }),
  ]
}
