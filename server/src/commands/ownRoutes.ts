import { Type } from '@sinclair/typebox'
import { OUTCOMES } from '#core/runs'
import { CommandId, closed, exactly, IdOrNull, ViewerId, whole } from '#core/schema'
import { RewardSettings } from '#core/store'
import { may } from '#core/team'
import { TriggerSettings } from '#core/triggers'
import { REPLIES, TOPICS } from '#core/voice'
import { CommandSettings } from '#core/words'
import type { Channels } from '../channels.ts'
import type { ChatState } from '../chat/index.ts'
import type { Reader } from '../database/index.ts'
import {
  answered,
  before,
  choice,
  desk,
  figure,
  hand,
  idOf,
  problem,
  type Route,
  route,
  savedRoutes,
  switchRoute,
  text,
} from '../http/index.ts'
import { timed } from '../runs/index.ts'
import { CommandsView, Runs, Tried, Used } from './answers.ts'
import { liveFields } from './liveFields.ts'
import { commandsView, runsOf } from './read.ts'
import { MADE_UP, type Trial, tryOut } from './tryOut.ts'

const Typed = Type.String({ maxLength: 400 })

const What = Type.Union([
  Type.Object({ kind: Type.Literal('command'), id: IdOrNull, settings: CommandSettings, typed: Typed }, closed),
  Type.Object({ kind: Type.Literal('reward'), id: IdOrNull, settings: RewardSettings, typed: Typed }, closed),
  Type.Object(
    {
      kind: Type.Literal('trigger'),
      id: IdOrNull,
      settings: TriggerSettings,
      figures: Type.Record(Type.String({ maxLength: 30 }), Type.Union([Type.String({ maxLength: 300 }), whole(0)])),
    },
    closed,
  ),
])
const TryBody = Type.Object(
  {
    what: What,
    as: Type.Union([
      Type.Object({ viewer: ViewerId }, closed),
      Type.Object({ madeUp: Type.Union(MADE_UP.map((one) => Type.Literal(one))) }, closed),
    ]),
    onAir: Type.Optional(Type.Boolean()),
  },
  closed,
)
const VoiceBody = Type.Object(
  {
    muted: Type.Optional(Type.Boolean()),
    reply: Type.Optional(Type.Union(REPLIES.map((one) => Type.Literal(one)))),
    silent: Type.Optional(Type.Array(Type.Union(TOPICS.map((one) => Type.Literal(one))), { maxItems: TOPICS.length })),
    hints: Type.Optional(Type.Boolean()),
    commitments: Type.Optional(Type.Boolean()),
    out: Type.Optional(Type.Boolean()),
    withShow: Type.Optional(Type.Boolean()),
  },
  closed,
)

/** The channel's own commands: making, trying, using them, and the log of what ran. */
export function ownCommandRoutes(
  db: Reader,
  channels: Channels,
  chat: (channel: number) => Promise<ChatState>,
): Route[] {
  return [
    ...readRoutes(db, channels, chat),
    ...changeRoutes(channels),
    ...tryRoutes(channels),
    ...voiceRoutes(channels),
  ]
}

function readRoutes(db: Reader, channels: Channels, chat: (channel: number) => Promise<ChatState>): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/commands',
      does: 'Commands, triggers and tallies, and whether each of them works now',
      answer: CommandsView,
      allowed: desk('look', 'commands', 'store', 'games', 'raffles'),
      handle: async ({ channel }) => commandsView(db, channel.id, channels.clock(), await chat(channel.id)),
    }),
    route({
      method: 'get',
      path: '/desk/fields',
      does: 'What the fields of texts tell right now, for somebody present',
      answer: exactly({ values: Type.Record(Type.String(), Type.String()) }),
      allowed: desk('look', 'commands', 'store', 'raffles', 'screen'),
      handle: async ({ channel }) => ({ values: await liveFields(channels.pool, channel.id, channels.clock()) }),
    }),
    route({
      method: 'get',
      path: '/desk/runs',
      does: 'What ran lately, for whom, and what came of it',
      answer: Runs,
      asks: {
        outcome: choice('What came of it.', OUTCOMES),
        of: figure('The number of a command or trigger.', { min: 1 }),
        text: text('Words of its name, or of whom it was for.', 60),
        before,
      },
      allowed: desk('look', 'commands'),
      handle: ({ channel, asked }) => runsOf(db, channel.id, asked),
    }),
  ]
}

const changeRoutes = (channels: Channels): Route[] => [
  ...savedRoutes({
    area: 'commands',
    path: 'commands',
    what: 'a command',
    body: CommandSettings,
    saved: exactly({ command: CommandId, settings: CommandSettings }),
    save: (call, command) => hand(channels, call, { kind: 'command.save', command, settings: call.body }),
    remove: (call, command) => hand(channels, call, { kind: 'command.remove', command }),
    removing: 'remove',
  }),
  switchRoute({
    area: 'commands',
    path: 'commands',
    what: 'a command',
    answer: exactly({ command: CommandId, on: Type.Boolean() }),
    turn: (call, command, on) => hand(channels, call, { kind: 'command.switch', command, on }),
  }),
]

function tryRoutes(channels: Channels): Route[] {
  return [
    route({
      method: 'post',
      path: '/desk/try',
      does: 'Try a command or trigger on a copy of the channel: nothing is written',
      answer: Tried,
      allowed: desk('look', 'commands', 'store'),
      body: TryBody,
      handle: async ({ channel, body }) => tryOut(channels.pool, channel.id, channels.clock(), body as Trial),
    }),
    route({
      method: 'post',
      path: '/desk/commands/:command/use',
      does: 'Use a command for real, as if somebody had said it in the room',
      answer: exactly({ used: Used }),
      allowed: desk('act', 'commands'),
      body: Type.Object({ viewer: ViewerId, typed: Typed }, closed),
      handle: async ({ channel, key, body, param }) => {
        const intent = { kind: 'command.use', command: idOf(param('command')), ...body } as const
        return answered(await timed(channels, channel.id, key, intent))
      },
    }),
  ]
}

function voiceRoutes(channels: Channels): Route[] {
  return [
    route({
      method: 'put',
      path: '/desk/voice',
      does: 'Mute the bot or send it out of the room, and say how and of what it speaks',
      answer: exactly({ muted: Type.Boolean() }),
      allowed: desk('act', 'show'),
      body: VoiceBody,
      handle: async (call) => {
        // Whoever runs the show mutes the bot and sends it out; how it speaks is a setting.
        const isRunning = Object.keys(call.body).every((name) => name === 'muted' || name === 'out')
        if (!isRunning && !may(call.rights, 'commands', 'change')) throw problem('rights_missing')
        return hand(channels, call, { kind: 'chat.voice', voice: call.body })
      },
    }),
    route({
      method: 'post',
      path: '/desk/say',
      does: 'Say something in chat as the bot',
      answer: exactly({ muted: Type.Boolean() }),
      allowed: desk('act', 'show'),
      body: Type.Object({ text: Type.String({ minLength: 1, maxLength: 300, pattern: '\\S' }) }, closed),
      handle: (call) => hand(channels, call, { kind: 'chat.tell', to: null, text: call.body.text.trim() }),
    }),
  ]
}
