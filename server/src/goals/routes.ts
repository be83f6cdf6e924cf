import { Type } from '@sinclair/typebox'
import { GoalSettings, GoalWords, goalsSetting } from '#core/goals'
import { exactly, GoalId, Nothing } from '#core/schema'
import { zoneSetting } from '#core/settings'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { before, desk, figure, hand, idOf, type Route, route, text } from '../http/index.ts'
import { alertsOf } from '../screen/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { DeskGoals, EndedGoals, GoalGivers, GoalStatus } from './answers.ts'
import { atDesk, endedGoalRows, giversOf, runningGoalRows } from './read.ts'

/** Goals as the desk sees and runs them. */
export const deskGoalRoutes = (db: Reader, channels: Channels): Route[] => [
  ...lookRoutes(db, channels),
  ...runRoutes(channels),
]

const lookRoutes = (db: Reader, channels: Channels): Route[] => [
  route({
    allowed: desk('look', 'bets'),
    method: 'get',
    path: '/desk/goals',
    does: 'The goals that are open or planned, and the words of goals',
    answer: DeskGoals,
    handle: async ({ channel }) => ({
      now: channels.clock(),
      running: (await runningGoalRows(db, channel.id)).map(atDesk),
      words: await settingOf(db, channel.id, goalsSetting),
      currency: await currencyOf(db, channel.id),
      alerts: (await alertsOf(db, channel.id)).map(({ id, settings }) => ({ id, name: settings.name })),
      timeZone: (await settingOf(db, channel.id, zoneSetting)).timeZone,
    }),
  }),
  route({
    allowed: desk('look', 'bets'),
    method: 'get',
    path: '/desk/goals/ended',
    does: 'The goals that have ended',
    answer: EndedGoals,
    asks: { text: text('Words of what was promised.', 60), before },
    handle: async ({ channel, asked }) => ({ goals: (await endedGoalRows(db, channel.id, asked)).map(atDesk) }),
  }),
  route({
    allowed: desk('look', 'bets'),
    method: 'get',
    path: '/desk/goals/:goal/givers',
    does: 'Who has chipped in for a goal, the most first',
    answer: GoalGivers,
    asks: { text: text('A part of a name.', 60), from: figure('How many to leave out: the page after this one.') },
    handle: async ({ channel, param, asked }) => ({
      givers: await giversOf(db, channel.id, idOf(param('goal')), asked),
    }),
  }),
]

const DOES = { open: 'open', end: 'end', 'call-off': 'callOff' } as const
const ENDS = {
  open: 'Open a goal that is planned',
  end: 'End a goal as its date would: the money goes back, or is spent, as was promised',
  'call-off': 'Call a goal off: everybody is refunded',
} as const

const Done = exactly({ goal: GoalId, status: GoalStatus })

function runRoutes(channels: Channels): Route[] {
  const acts = (['open', 'end', 'call-off'] as const).map((does) =>
    route({
      allowed: desk('act', 'bets'),
      method: 'post',
      path: `/desk/goals/:goal/${does}`,
      does: ENDS[does],
      answer: Done,
      body: exactly({ why: Type.String({ maxLength: 200 }) }),
      handle: ({ channel, caller, key, header, param, body }) => {
        const intent = {
          kind: 'goal.act',
          goal: idOf(param('goal')),
          does: DOES[does],
          by: caller.name,
          ...body,
        } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
  )
  return [...acts, ...changeRoutes(channels)]
}

const changeRoutes = (channels: Channels): Route[] => [
  route({
    allowed: desk('act', 'bets'),
    method: 'post',
    path: '/desk/goals',
    does: 'Make a goal, and open it at once or plan it',
    answer: Done,
    body: exactly({ settings: GoalSettings, opens: Type.Boolean() }),
    handle: (call) => hand(channels, call, { kind: 'goal.make', by: call.caller.name, ...call.body }),
  }),
  route({
    allowed: desk('act', 'bets'),
    method: 'put',
    path: '/desk/goals/:goal',
    does: 'Change a goal that has not ended',
    answer: exactly({ goal: GoalId }),
    body: GoalSettings,
    handle: ({ channel, key, header, param, body }) => {
      const intent = { kind: 'goal.change', goal: idOf(param('goal')), settings: body } as const
      return hand(channels, { channel, key, header }, intent)
    },
  }),
  route({
    allowed: desk('change', 'bets'),
    method: 'put',
    path: '/desk/goal-words',
    does: 'Change the words by which people chip in and hear how goals stand',
    answer: Nothing,
    body: GoalWords,
    handle: (call) => hand(channels, call, { kind: 'goals.words', words: call.body }),
  }),
]
