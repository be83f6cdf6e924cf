import { Type } from '@sinclair/typebox'
import { openToAll, whyNotFor } from '#core/access'
import { goalsSetting } from '#core/goals'
import { Amount, exactly, GoalId, orNull } from '#core/schema'
import { accessWorld } from '../access/index.ts'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { before, type Call, hand, idOf, type Route, route, whoOf } from '../http/index.ts'
import { viewerByAccount } from '../people/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { GoalsView } from './answers.ts'
import { endedGoalRows, type GoalRowShown, giversOf, headOf, ownParts, runningGoalRows } from './read.ts'

/** Goals as viewers see them, and chipping in. */
export const viewerGoalRoutes = (db: Reader, channels: Channels): Route[] => [
  route({
    method: 'get',
    path: '/goals',
    does: 'The goals that are open with who gave most, the last that ended, and what the caller has in them',
    answer: GoalsView,
    asks: { before },
    allowed: 'anyone',
    handle: (call) => goalsFor(db, channels, call),
  }),
  route({
    method: 'post',
    path: '/goals/:goal/chip',
    does: 'Chip in for a goal, or take one’s part back (no amount)',
    answer: exactly({ goal: GoalId, taken: Type.Integer(), paid: Amount, told: Type.String(), balance: Amount }),
    allowed: 'viewer',
    body: exactly({ amount: orNull(Amount) }),
    handle: ({ channel, caller, key, header, param, body }) => {
      const intent = { kind: 'goal.chip', who: whoOf(caller), goal: idOf(param('goal')), ...body } as const
      return hand(channels, { channel, key, header }, intent)
    },
  }),
]

/** So many of those who gave most are named. */
const NAMED = 10

async function goalsFor(db: Reader, channels: Channels, { channel, caller, asked }: Call<unknown>) {
  const { before: from } = asked as { readonly before?: number }
  const open = (await runningGoalRows(db, channel.id)).filter(({ status }) => status !== 'planned')
  const running = from === undefined ? open : []
  const ended = await endedGoalRows(db, channel.id, { before: from })
  const viewer = caller.account === '' ? undefined : await viewerByAccount(db, channel.id, caller.account)
  const ids = [...running, ...ended].map(({ id }) => id)
  const own = viewer === undefined ? [] : await ownParts(db, channel.id, viewer.id, ids)
  const world = await accessWorld(db, channel.id, channels.clock())
  const why = ({ settings }: GoalRowShown): string | null => {
    if (viewer?.ignored) return 'This account is ignored in this channel.'
    if (viewer === undefined) return openToAll(settings.who) ? null : 'This goal is not open to you here.'
    return whyNotFor(world, settings.who, viewer, 'This goal') ?? null
  }
  const paidBy = (id: number) => own.filter(({ goal }) => goal === id).reduce((sum, { paid }) => sum + paid, 0)
  const shown = (row: GoalRowShown) => ({
    ...headOf(row),
    own: caller.account === '' ? null : { paid: paidBy(row.id), why: why(row) },
  })
  const names = async ({ id }: GoalRowShown) =>
    (await giversOf(db, channel.id, id, { limit: NAMED })).map(({ name, paid }) => ({ name, paid }))
  return {
    now: channels.clock(),
    currency: await currencyOf(db, channel.id),
    word: (await settingOf(db, channel.id, goalsSetting)).chip.word,
    balance: caller.account === '' ? null : (viewer?.balance ?? 0),
    running: await Promise.all(running.map(async (row) => ({ ...shown(row), givers: await names(row) }))),
    ended: ended.map(shown),
  }
}
