import { Type } from '@sinclair/typebox'
import { closed, exactly, orNull, TriggerId, whole } from '#core/schema'
import { TriggerSettings } from '#core/triggers'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { answered, desk, hand, idOf, type Route, route, savedRoutes, switchRoute } from '../http/index.ts'
import { timed } from '../runs/index.ts'
import { Redemptions, TriggerRun } from './answers.ts'
import { redemptionsWaiting } from './read.ts'

/** Triggers as the desk sets them, and the redemptions that wait for a hand. */
export function triggerRoutes(db: Reader, channels: Channels): Route[] {
  return [...settingRoutes(channels), ...redemptionRoutes(db, channels)]
}

function settingRoutes(channels: Channels): Route[] {
  return [
    ...savedRoutes({
      area: 'commands',
      path: 'triggers',
      what: 'a trigger',
      body: TriggerSettings,
      saved: exactly({ trigger: TriggerId, settings: TriggerSettings }),
      save: (call, trigger) => hand(channels, call, { kind: 'trigger.save', trigger, settings: call.body }),
      remove: (call, trigger) => hand(channels, call, { kind: 'trigger.remove', trigger }),
      removing: 'remove',
    }),
    switchRoute({
      area: 'commands',
      path: 'triggers',
      what: 'a trigger',
      answer: exactly({ trigger: TriggerId, on: Type.Boolean() }),
      turn: (call, trigger, on) => hand(channels, call, { kind: 'trigger.switch', trigger, on }),
    }),
    triggersRunRoute(channels),
  ]
}

const triggersRunRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/triggers/:trigger/run',
    does: 'Run a trigger for real, as if somebody had set it off',
    answer: TriggerRun,
    allowed: desk('act', 'commands'),
    body: Type.Object(
      {
        viewer: orNull(whole(1)),
        figures: Type.Record(
          Type.String({ maxLength: 30 }),
          Type.Union([Type.String({ maxLength: 300 }), Type.Integer()]),
        ),
      },
      closed,
    ),
    handle: async ({ channel, key, body, param }) => {
      // A redemption is the platform's: one that is made up here must not be answered there.
      const { redemption: _, ...figures } = body.figures
      const intent = {
        kind: 'trigger.run',
        trigger: idOf(param('trigger')),
        viewer: body.viewer,
        figures,
        depth: 1,
      } as const
      return answered(await timed(channels, channel.id, key, intent))
    },
  })

function redemptionRoutes(db: Reader, channels: Channels): Route[] {
  const decide = (path: 'approve' | 'refuse', does: string) =>
    route({
      method: 'post',
      path: `/desk/redemptions/:redemption/${path}`,
      does,
      answer: exactly({ status: Type.String(), why: Type.Optional(Type.String()) }),
      allowed: desk('act', 'waiting'),
      handle: async ({ channel, caller, key, header, param }) => {
        const redemption = idOf(param('redemption'))
        const intent = {
          kind: 'redemption.decide',
          redemption,
          approve: path === 'approve',
          by: caller.account,
        } as const
        return hand(channels, { channel, key, header }, intent)
      },
    })
  return [
    route({
      method: 'get',
      path: '/desk/redemptions',
      does: 'Redemptions of the platform’s own points that wait for a hand',
      answer: Redemptions,
      allowed: desk('look', 'waiting'),
      handle: async ({ channel }) => ({ redemptions: await redemptionsWaiting(db, channel.id) }),
    }),
    decide('approve', 'Approve a redemption: its steps are done, and the platform is told'),
    decide('refuse', 'Refuse a redemption: the platform gives its points back'),
  ]
}
