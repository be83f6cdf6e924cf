import { RaffleSettings } from '#core/raffles'
import { zoneSetting } from '#core/settings'
import type { Channels } from '../channels.ts'
import type { ChatState } from '../chat/index.ts'
import type { Reader } from '../database/index.ts'
import {
  before,
  type Call,
  choice,
  csvFile,
  desk,
  figure,
  fileRoute,
  idOf,
  problem,
  type Route,
  route,
  text,
} from '../http/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { alertsOf } from '../screen/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { DeskEntries, DeskRaffle, DeskRaffles, EndedRaffles, RaffleForm, RaffleOutlook } from './answers.ts'
import { entriesCsv, rafflesCsv } from './csv.ts'
import { arrivalsOf, entriesOf, sharesIn } from './entries.ts'
import { outlookNow } from './outlook.ts'
import { codeRewards, endedRaffles, raffleById, runningRafflesOf, setupsOf, winnersOf } from './read.ts'

const STATES = ['in', 'left', 'removed'] as const
const ORDERS = ['nr', 'late', 'chance'] as const

const words = text('Words of the title, or of a name.', 60)

/** Raffles as the desk sees them. */
export function deskRaffleRoutes(
  db: Reader,
  channels: Channels,
  chat: (channel: number) => Promise<ChatState>,
): Route[] {
  return [...allRoutes(db, channels), ...oneRoutes(db, channels), outlookRoute(channels, chat), ...fileRoutes(db)]
}

function allRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      allowed: desk('look', 'raffles'),
      method: 'get',
      path: '/desk/raffles',
      does: 'The raffles that are on, and the set-ups that are kept',
      answer: DeskRaffles,
      handle: async ({ channel }) => ({
        now: channels.clock(),
        running: await runningRafflesOf(db, channel.id),
        setups: await setupsOf(db, channel.id),
        currency: await currencyOf(db, channel.id),
      }),
    }),
    route({
      allowed: desk('look', 'raffles'),
      method: 'get',
      path: '/desk/raffles/form',
      does: 'What a raffle’s form can choose from',
      answer: RaffleForm,
      handle: ({ channel }) => formOf(db, channels, channel.id),
    }),
    route({
      allowed: desk('look', 'raffles'),
      method: 'get',
      path: '/desk/raffles/ended',
      does: 'The raffles that have ended, with who won',
      answer: EndedRaffles,
      asks: { text: words, before },
      handle: async ({ channel, asked }) => ({ raffles: await endedRaffles(db, channel.id, asked) }),
    }),
  ]
}

function oneRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      allowed: desk('look', 'raffles'),
      method: 'get',
      path: '/desk/raffles/:raffle',
      does: 'One raffle with its winners, and how people came in',
      answer: DeskRaffle,
      handle: (call) => wholeRaffle(db, channels, call),
    }),
    route({
      allowed: desk('look', 'raffles'),
      method: 'get',
      path: '/desk/raffles/:raffle/entries',
      does: 'Who is, or was, in a raffle',
      answer: DeskEntries,
      asks: {
        text: words,
        state: choice('One state alone.', STATES),
        order: choice('What they are in the order of.', ORDERS),
        from: figure('How many to leave out: the page after this one.'),
      },
      handle: async ({ channel, param, asked }) => ({
        entries: await entriesOf(db, channel.id, idOf(param('raffle')), asked),
      }),
    }),
  ]
}

function outlookRoute(channels: Channels, chat: (channel: number) => Promise<ChatState>): Route {
  return route({
    allowed: desk('look', 'raffles'),
    method: 'post',
    path: '/desk/raffles/outlook',
    does: 'What a raffle with such settings would mean now; nothing is written',
    answer: RaffleOutlook,
    body: RaffleSettings,
    handle: async ({ channel, body }) => outlookNow(channels, channel.id, await chat(channel.id), body),
  })
}

/** What a raffle’s form can choose from. */
async function formOf(db: Reader, channels: Channels, channel: number) {
  return {
    now: channels.clock(),
    currency: await currencyOf(db, channel),
    circles: (await circlesOf(db, channel)).map(({ id, name }) => ({ id, name })),
    alerts: (await alertsOf(db, channel)).map(({ id, settings }) => ({ id, name: settings.name })),
    codes: await codeRewards(db, channel),
    setups: await setupsOf(db, channel),
    timeZone: (await settingOf(db, channel, zoneSetting)).timeZone,
  }
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

function fileRoutes(db: Reader): Route[] {
  return [
    fileRoute({
      allowed: desk('look', 'raffles'),
      method: 'get',
      path: '/desk/raffles.csv',
      fresh: true,
      limit: 'costly',
      does: 'The raffles that have ended as a file of comma-separated values',
      asks: { text: words },
      gives: 'text/csv',
      handle: async ({ channel, asked }) =>
        csvFile(`raffles-${channel.slug}`, await rafflesCsv(db, channel.id, asked.text)),
    }),
    fileRoute({
      allowed: desk('look', 'raffles'),
      method: 'get',
      path: '/desk/raffles/:raffle/entries.csv',
      gives: 'text/csv',
      fresh: true,
      limit: 'costly',
      does: 'Everybody who is or was in a raffle, as a file of comma-separated values',
      handle: async ({ channel, param }) => {
        const id = idOf(param('raffle'))
        return csvFile(`raffle-${channel.slug}-${id}`, await entriesCsv(db, channel.id, id))
      },
    }),
  ]
}
