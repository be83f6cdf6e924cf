import { Type } from '@sinclair/typebox'
import { Opens, RaffleSettings } from '#core/raffles'
import { zoneSetting } from '#core/settings'
import type { Channels } from '../channels.ts'
import type { ChatState } from '../chat/index.ts'
import type { Reader } from '../database/index.ts'
import { answered, type Call, idOf, numberIn, problem, type Route, route } from '../http/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { alertsOf } from '../screen/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { entriesCsv, rafflesCsv } from './csv.ts'
import { outlookNow } from './outlook.ts'
import {
  arrivalsOf,
  codeRewards,
  endedRaffles,
  entriesOf,
  raffleById,
  runningRafflesOf,
  setupsOf,
  sharesIn,
  winnersOf,
} from './read.ts'

const closed = { additionalProperties: false }
const desk = { allowed: 'streamer' } as const
const Id = Type.Integer({ minimum: 1, maximum: Number.MAX_SAFE_INTEGER })
const Why = Type.String({ minLength: 1, maxLength: 200, pattern: '\\S' })
const STATES = ['in', 'left', 'removed'] as const
const ORDERS = ['nr', 'late', 'chance'] as const

/** Raffles as the desk runs them. */
export function deskRaffleRoutes(
  db: Reader,
  channels: Channels,
  chat: (channel: number) => Promise<ChatState>,
): Route[] {
  return [...readRoutes(db, channels, chat), ...fileRoutes(db), ...changeRoutes(channels), ...setupRoutes(channels)]
}

function readRoutes(db: Reader, channels: Channels, chat: (channel: number) => Promise<ChatState>): Route[] {
  return [
    route({
      ...desk,
      method: 'get',
      path: '/desk/raffles',
      does: 'The raffles that are on, and the set-ups that are kept',
      handle: async ({ channel }) => ({
        now: channels.clock(),
        running: await runningRafflesOf(db, channel.id),
        setups: await setupsOf(db, channel.id),
        currency: await currencyOf(db, channel.id),
      }),
    }),
    route({
      ...desk,
      method: 'get',
      path: '/desk/raffles/form',
      does: 'What a raffle’s form can choose from',
      handle: async ({ channel }) => ({
        now: channels.clock(),
        currency: await currencyOf(db, channel.id),
        circles: (await circlesOf(db, channel.id)).map(({ id, name }) => ({ id, name })),
        alerts: (await alertsOf(db, channel.id)).map(({ id, settings }) => ({ id, name: settings.name })),
        codes: await codeRewards(db, channel.id),
        setups: await setupsOf(db, channel.id),
        timeZone: (await settingOf(db, channel.id, zoneSetting)).timeZone,
      }),
    }),
    route({
      ...desk,
      method: 'get',
      path: '/desk/raffles/ended',
      does: 'The raffles that have ended, with who won',
      asks: ['text', 'before'],
      handle: async ({ channel, query }) => ({
        raffles: await endedRaffles(db, channel.id, {
          text: query('text')?.slice(0, 60),
          before: numberIn(query('before')),
        }),
      }),
    }),
    route({
      ...desk,
      method: 'post',
      path: '/desk/raffles/outlook',
      does: 'What a raffle with such settings would mean now; nothing is written',
      body: RaffleSettings,
      handle: async ({ channel, body }) =>
        outlookNow(channels, channel.id, await chat(channel.id), body as RaffleSettings),
    }),
    route({
      ...desk,
      method: 'get',
      path: '/desk/raffles/:raffle',
      does: 'One raffle with its winners, and how people came in',
      handle: (call) => wholeRaffle(db, channels, call),
    }),
    route({
      ...desk,
      method: 'get',
      path: '/desk/raffles/:raffle/entries',
      does: 'Who is, or was, in a raffle',
      asks: ['text', 'state', 'order', 'from'],
      handle: async ({ channel, param, query }) => ({
        entries: await entriesOf(db, channel.id, idOf(param('raffle')), {
          text: query('text')?.slice(0, 60),
          state: STATES.find((one) => one === query('state')),
          order: ORDERS.find((one) => one === query('order')),
          from: numberIn(query('from')),
        }),
      }),
    }),
  ]
}

async function wholeRaffle(db: Reader, channels: Channels, { channel, param }: Call<unknown>) {
  const id = idOf(param('raffle'))
  const found = await raffleById(db, channel.id, id)
  if (found === undefined) throw problem('not_found')
  const now = channels.clock()
  const until = found.closedAt ?? found.endedAt ?? now
  return {
    now,
    raffle: found,
    winners: await winnersOf(db, channel.id, [id]),
    shares: await sharesIn(db, channel.id, id),
    arrivals: found.openedAt === null ? [] : await arrivalsOf(db, channel.id, id, found.openedAt, until),
    currency: await currencyOf(db, channel.id),
    circles: (await circlesOf(db, channel.id)).map((circle) => ({ id: circle.id, name: circle.name })),
    codes: await codeRewards(db, channel.id),
  }
}

const csv = (name: string, text: string): Response =>
  new Response(text, {
    headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': `attachment; filename="${name}.csv"` },
  })

function fileRoutes(db: Reader): Route[] {
  return [
    route({
      ...desk,
      method: 'get',
      path: '/desk/raffles.csv',
      does: 'The raffles that have ended as a file of comma-separated values',
      asks: ['text'],
      handle: async ({ channel, query }) =>
        csv(`raffles-${channel.slug}`, await rafflesCsv(db, channel.id, query('text')?.slice(0, 60))),
    }),
    route({
      ...desk,
      method: 'get',
      path: '/desk/raffles/:raffle/entries.csv',
      does: 'Everybody who is or was in a raffle, as a file of comma-separated values',
      handle: async ({ channel, param }) => {
        const id = idOf(param('raffle'))
        return csv(`raffle-${channel.slug}-${id}`, await entriesCsv(db, channel.id, id))
      },
    }),
  ]
}

const DOES = { open: 'open', close: 'close', draw: 'draw', 'call-off': 'callOff', finish: 'finish' } as const

function changeRoutes(channels: Channels): Route[] {
  const acts = (Object.keys(DOES) as (keyof typeof DOES)[]).map((does) =>
    route({
      ...desk,
      method: 'post',
      path: `/desk/raffles/:raffle/${does}`,
      does: `Have a raffle ${does.replace('-', ' ')}${does === 'draw' ? ': the draw with this number is made once' : ''}`,
      body: Type.Object({ draw: Type.Optional(Id), why: Type.Optional(Type.String({ maxLength: 200 })) }, closed),
      handle: async ({ channel, caller, key, param, body }) => {
        const intent = {
          kind: 'raffle.act',
          raffle: idOf(param('raffle')),
          does: DOES[does],
          by: caller.name,
          ...body,
        } as const
        return answered(await channels.submit(channel.id, key, intent))
      },
    }),
  )
  return [
    ...acts,
    route({
      ...desk,
      method: 'post',
      path: '/desk/raffles',
      does: 'Start a raffle: it opens at once, at a time, or waits for a hand',
      body: Type.Object({ settings: RaffleSettings, opens: Opens, setup: Type.Union([Id, Type.Null()]) }, closed),
      handle: async ({ channel, caller, key, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'raffle.start', by: caller.name, ...body })),
    }),
    route({
      ...desk,
      method: 'put',
      path: '/desk/raffles/:raffle',
      does: 'Change a raffle that has not ended',
      body: RaffleSettings,
      handle: async ({ channel, key, param, body }) => {
        const intent = {
          kind: 'raffle.change',
          raffle: idOf(param('raffle')),
          settings: body as RaffleSettings,
        } as const
        return answered(await channels.submit(channel.id, key, intent))
      },
    }),
    ...winnerRoutes(channels),
  ]
}

function winnerRoutes(channels: Channels): Route[] {
  return [
    route({
      ...desk,
      method: 'post',
      path: '/desk/raffles/:raffle/remove',
      does: 'Take somebody out of a raffle: the money goes back',
      body: Type.Object({ viewer: Id, why: Why }, closed),
      handle: async ({ channel, caller, key, param, body }) => {
        const intent = { kind: 'raffle.remove', raffle: idOf(param('raffle')), by: caller.name, ...body } as const
        return answered(await channels.submit(channel.id, key, intent))
      },
    }),
    route({
      ...desk,
      method: 'post',
      path: '/desk/raffles/:raffle/pass-over',
      does: 'Pass over somebody who was drawn',
      body: Type.Object({ draw: Id, why: Why }, closed),
      handle: async ({ channel, caller, key, param, body }) => {
        const intent = { kind: 'raffle.pass', raffle: idOf(param('raffle')), by: caller.name, ...body } as const
        return answered(await channels.submit(channel.id, key, intent))
      },
    }),
    route({
      ...desk,
      method: 'post',
      path: '/desk/raffles/:raffle/record',
      does: 'Note whether a winner has the prize, and what else there is to say',
      body: Type.Object({ draw: Id, delivered: Type.Boolean(), note: Type.String({ maxLength: 300 }) }, closed),
      handle: async ({ channel, key, param, body }) => {
        const intent = { kind: 'raffle.record', raffle: idOf(param('raffle')), ...body } as const
        return answered(await channels.submit(channel.id, key, intent))
      },
    }),
  ]
}

const Setup = Type.Object(
  { settings: RaffleSettings, digit: Type.Union([Type.Integer({ minimum: 1, maximum: 9 }), Type.Null()]) },
  closed,
)

function setupRoutes(channels: Channels): Route[] {
  const save = (setup: number | null, { channel, key, body }: Call<unknown>) => {
    const { settings, digit } = body as { settings: RaffleSettings; digit: number | null }
    return channels.submit(channel.id, key, { kind: 'raffle.saveSetup', setup, settings, digit })
  }
  return [
    route({
      ...desk,
      method: 'post',
      path: '/desk/raffle-setups',
      does: 'Keep a set-up to start raffles from',
      body: Setup,
      handle: async (call) => answered(await save(null, call)),
    }),
    route({
      ...desk,
      method: 'put',
      path: '/desk/raffle-setups/:id',
      does: 'Change a set-up',
      body: Setup,
      handle: async (call) => answered(await save(idOf(call.param('id')), call)),
    }),
    route({
      ...desk,
      method: 'post',
      path: '/desk/raffle-setups/:id/remove',
      does: 'Take a set-up away',
      handle: async ({ channel, key, param }) =>
        answered(await channels.submit(channel.id, key, { kind: 'raffle.removeSetup', setup: idOf(param('id')) })),
    }),
  ]
}
