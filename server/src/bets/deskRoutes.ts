import { paidTo, paymentOf, stakedIn } from '#core/bets'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { before, type Call, desk, figure, idOf, problem, type Route, route, text } from '../http/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { alertsOf } from '../screen/index.ts'
import { currencyOf } from '../settings/index.ts'
import { openShowOf } from '../show/index.ts'
import { BetOutlook, DeskBets, EndedBets, OneBet } from './answers.ts'
import { betDefaultsOf } from './defaults.ts'
import { backersIn, betById, betTemplatesOf, endedBetsOf, runningBetsOf, sumsOf } from './read.ts'

const words = text('Words of the question, an outcome, or a note.', 60)

/** Bets as the desk sees them. */
export const deskBetRoutes = (db: Reader, channels: Channels): Route[] => [
  route({
    allowed: desk('look', 'bets'),
    method: 'get',
    path: '/desk/bets',
    does: 'The bets that are on, the templates, and the usual terms',
    answer: DeskBets,
    handle: async ({ channel }) => allBets(db, channels, channel.id),
  }),
  route({
    allowed: desk('look', 'bets'),
    method: 'get',
    path: '/desk/bets/ended',
    does: 'The bets that have ended, with what came true and who said so',
    answer: EndedBets,
    asks: { text: words, before },
    handle: async ({ channel, asked }) => ({ bets: await endedBetsOf(db, channel.id, asked) }),
  }),
  route({
    allowed: desk('look', 'bets'),
    method: 'get',
    path: '/desk/bets/:bet',
    does: 'One bet with who is in it',
    answer: OneBet,
    asks: { text: text('A part of a name.', 60), from: figure('How many to leave out: the page after this one.') },
    handle: (call) => oneBet(db, channels, call),
  }),
  outlookRoute(db),
]

async function allBets(db: Reader, channels: Channels, channel: number) {
  return {
    now: channels.clock(),
    running: await runningBetsOf(db, channel),
    templates: await betTemplatesOf(db, channel),
    defaults: await betDefaultsOf(db, channel),
    currency: await currencyOf(db, channel),
    circles: (await circlesOf(db, channel)).map(({ id, name }) => ({ id, name })),
    alerts: (await alertsOf(db, channel)).map(({ id, settings }) => ({ id, name: settings.name })),
    onAir: (await openShowOf(db, channel)) !== undefined,
  }
}

async function needBet(db: Reader, channel: number, id: number) {
  const found = await betById(db, channel, id)
  if (found === undefined) throw problem('not_found')
  return found
}

async function oneBet(db: Reader, channels: Channels, { channel, param, asked }: Call<unknown>) {
  const id = idOf(param('bet'))
  return {
    now: channels.clock(),
    bet: await needBet(db, channel.id, id),
    currency: await currencyOf(db, channel.id),
    backers: (await backersIn(db, channel.id, id, asked)).map(({ nr: _, ...row }) => row),
  }
}

const MOST_BACKERS = 1_000_000
const NAMED = 5

const outlookRoute = (db: Reader): Route =>
  route({
    allowed: desk('act', 'bets'),
    method: 'get',
    path: '/desk/bets/:bet/payment',
    does: 'What a bet would pay if an outcome came true; nothing is written',
    answer: BetOutlook,
    limit: 'costly',
    asks: {
      outcome: figure('The place of the outcome, from 0.'),
      knownFrom: figure('Stakes laid from then on go back (seconds since 1970); 0: all count.'),
    },
    handle: async ({ channel, param, asked }) => {
      const { outcome = 0, knownFrom = 0 } = asked
      const id = idOf(param('bet'))
      const { settings } = await needBet(db, channel.id, id)
      if (outcome >= settings.outcomes.length) throw problem('not_found')
      const backers = await backersIn(db, channel.id, id, { limit: MOST_BACKERS })
      const payment = paymentOf(backers, outcome, {
        rakeBp: settings.rakeBp,
        knownFrom: knownFrom === 0 ? null : knownFrom,
      })
      const most = backers
        .map((one) => ({ name: one.name, staked: stakedIn(one.laid), gets: paidTo(one, payment).won }))
        .filter(({ gets }) => gets > 0)
        .sort((a, b) => b.gets - a.gets)
        .slice(0, NAMED)
      return { ...sumsOf(payment), winningStakes: payment.winningStakes, most }
    },
  })
