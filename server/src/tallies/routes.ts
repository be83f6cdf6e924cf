import { Type } from '@sinclair/typebox'
import { Count, closed, exactly, Id, TallyId, whole } from '#core/schema'
import { TallySettings } from '#core/tallies'
import { CommandSettings } from '#core/words'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { answered, desk, hand, idOf, type Route, route, savedRoutes } from '../http/index.ts'
import { latestShowOf } from '../show/index.ts'
import { TallyCounts } from './answers.ts'
import { countsOf } from './read.ts'

const MOST_WORDS = 6

/** Tallies as the desk sets and corrects them. */
export function tallyRoutes(db: Reader, channels: Channels): Route[] {
  return [
    ...savedRoutes({
      area: 'commands',
      path: 'tallies',
      what: 'a tally',
      body: TallySettings,
      saved: exactly({ tally: TallyId }),
      save: (call, tally) => hand(channels, call, { kind: 'tally.save', tally, settings: call.body }),
      remove: (call, tally) => hand(channels, call, { kind: 'tally.close', tally }),
      removing: 'close',
    }),
    route({
      method: 'get',
      path: '/desk/tallies/:tally/counts',
      does: 'Who has how much of a tally',
      answer: TallyCounts,
      allowed: desk('look', 'people', 'commands'),
      handle: async ({ channel, param }) => {
        const show = await latestShowOf(db, channel.id)
        const period = show === undefined ? 0 : show.status === 'on' ? show.id : -show.id
        return { counts: await countsOf(db, channel.id, idOf(param('tally')), period) }
      },
    }),
    talliesCorrectRoute(channels),
    wordsRoute(channels),
  ]
}

const talliesCorrectRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/tallies/:tally/correct',
    does: 'Correct somebody’s tally by hand',
    answer: exactly({ before: Count, after: Count }),
    allowed: desk('act', 'people'),
    body: Type.Object(
      {
        viewer: whole(1),
        how: Type.Union([Type.Literal('add'), Type.Literal('take'), Type.Literal('set')]),
        amount: whole(0, 1_000_000_000),
      },
      closed,
    ),
    handle: async ({ channel, caller, key, header, body, param }) => {
      const intent = { kind: 'tally.correct', tally: idOf(param('tally')), ...body, by: caller.account } as const
      return hand(channels, { channel, key, header }, intent)
    },
  })

/** Commands for a tally that was just made, one after the other: the first that cannot be is answered, those before it stay. */
const wordsRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/commands/several',
    does: 'Make several commands at once',
    answer: exactly({ commands: Type.Array(Id) }),
    allowed: desk('change', 'commands'),
    body: Type.Object({ commands: Type.Array(CommandSettings, { maxItems: MOST_WORDS }) }, closed),
    handle: async ({ channel, key, body }) => {
      const made: number[] = []
      for (const [i, settings] of body.commands.entries()) {
        const intent = { kind: 'command.save', command: null, settings } as const
        made.push(answered(await channels.submit(channel.id, `${key}/${i}`, intent)).command)
      }
      return { commands: made }
    },
  })
