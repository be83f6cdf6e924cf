import { randomUUID } from 'node:crypto'
import { Type } from '@sinclair/typebox'
import { Webhook } from 'standardwebhooks'
import { EventKind } from '#core/events'
import { closed, exactly, Id, Nothing } from '#core/schema'
import type { Channels } from '../channels.ts'
import type { SeatTable } from '../chat/index.ts'
import type { Reader } from '../database/index.ts'
import { type EventReceiver, type EventSecrets, lastEvents, lastRefusals } from '../events/index.ts'
import { desk, hand, idOf, problem, type Route, route } from '../http/index.ts'
import { Connections, EventTaken } from './answers.ts'
import { tipRoutes, tipsToDecide } from './tipRoutes.ts'

const EVENTS_SHOWN = 30
const REFUSALS_SHOWN = 10
const MOST_SECRETS = 5

export interface ConnectionParts {
  readonly db: Reader
  readonly channels: Channels
  readonly seats: SeatTable
  readonly secrets: EventSecrets
  readonly door: EventReceiver
  /** The address that people open. */
  readonly publicUrl: string
}

/** How the channel is connected: its chat, the events it gets, what they are signed with; each with a test. */
export function connectionRoutes(parts: ConnectionParts): Route[] {
  const { db, channels, seats, secrets, publicUrl } = parts
  return [
    route({
      method: 'get',
      path: '/desk/connections',
      does: 'How chat and events are connected',
      answer: Connections,
      allowed: desk('look', 'connections'),
      handle: async ({ channel }) => ({
        chat: await seats.stateOf(channel.id),
        eventsAddress: `${publicUrl}/api/channels/${channel.slug}/events`,
        secrets: await secrets.list(channel.id),
        tips: await tipsToDecide(db, channel.id),
        events: await lastEvents(db, channel.id, EVENTS_SHOWN),
        refusals: await lastRefusals(db, channel.id, REFUSALS_SHOWN),
      }),
    }),
    route({
      method: 'post',
      path: '/desk/connections/chat-test',
      does: 'Let the bot say a test line',
      answer: exactly({ muted: Type.Boolean() }),
      allowed: desk('act', 'connections'),
      handle: (call) => hand(channels, call, { kind: 'chat.test' }),
    }),
    ...secretRoutes(secrets),
    ...tipRoutes(channels),
    eventTest(parts),
  ]
}

function secretRoutes(secrets: EventSecrets): Route[] {
  const NewSecret = Type.Object(
    {
      name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
      kinds: Type.Array(EventKind, { minItems: 1, uniqueItems: true }),
    },
    closed,
  )
  return [
    route({
      method: 'post',
      path: '/desk/connections/secrets',
      secret: true,
      fresh: true,
      does: 'Make a secret for signing events',
      answer: exactly({ id: Id, secret: Type.String() }),
      allowed: desk('change', 'connections'),
      body: NewSecret,
      handle: async ({ channel, body }) => {
        if ((await secrets.list(channel.id)).length >= MOST_SECRETS) throw problem('too_many_secrets')
        return await secrets.add(channel.id, body.name.trim(), body.kinds)
      },
    }),
    route({
      method: 'post',
      path: '/desk/connections/secrets/:secret/revoke',
      secret: true,
      does: 'Take a secret out of use',
      answer: Nothing,
      allowed: desk('change', 'connections'),
      handle: async ({ channel, param }) => {
        if (!(await secrets.revoke(channel.id, idOf(param('secret'))))) throw problem('not_found')
        return {}
      },
    }),
  ]
}

/** Sends the channel an event as an outside service would: signed with a secret that lives for this one delivery. */
function eventTest({ channels, secrets, door }: ConnectionParts): Route {
  return route({
    method: 'post',
    path: '/desk/connections/event-test',
    does: 'Send the channel a test event',
    answer: EventTaken,
    allowed: desk('act', 'connections'),
    handle: async ({ channel }) => {
      const { id: own, secret } = await secrets.add(channel.id, 'Test', ['ricompensa.test'])
      try {
        const id = `test-${randomUUID()}`
        const body = JSON.stringify({ specversion: '1.0', id, source: 'the desk', type: 'ricompensa.test', data: {} })
        const at = new Date(channels.clock() * 1000)
        const signature = new Webhook(secret).sign(id, at, body)
        const headers = {
          'webhook-id': id,
          'webhook-timestamp': String(channels.clock()),
          'webhook-signature': signature,
        }
        const contentType = 'application/cloudevents+json'
        return await door.receive(channel, { body: Buffer.from(body), contentType, headers, attributes: {} })
      } finally {
        await secrets.revoke(channel.id, own)
      }
    },
  })
}
