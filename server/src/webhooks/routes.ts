import { randomBytes } from 'node:crypto'
import { FACTS } from '#core/engine'
import { exactly, Id, Nothing } from '#core/schema'
import { may } from '#core/team'
import { OFFERED, WebhookSettings } from '#core/webhooks'
import type { Reader } from '../database/index.ts'
import { type Call, desk, hand, idOf, Problem, problem, type Route, route } from '../http/index.ts'
import { addressFault } from './address.ts'
import { MadeWebhook, TestedWebhook, Webhooks } from './answers.ts'
import { type DeliveryParts, sendTest } from './deliver.ts'
import { webhooksOf } from './read.ts'

const offered = OFFERED.map((kind) => ({ kind, says: FACTS[kind].says }))

/** A secret as Standard Webhooks writes it. */
const newSecret = (): string => `whsec_${randomBytes(32).toString('base64')}`

function checkAddress({ address }: WebhookSettings, inside: boolean): void {
  const fault = addressFault(address.trim(), inside)
  if (fault !== undefined) throw new Problem('body_invalid', fault, { address: fault })
}

/** Where other services listen: making, changing, pausing, testing and removing them. */
export function webhookRoutes(db: Reader, parts: DeliveryParts): Route[] {
  const { channels } = parts
  return [
    route({
      method: 'get',
      path: '/desk/webhooks',
      does: 'The webhooks, with what they were told last',
      answer: Webhooks,
      allowed: desk('look', 'connections'),
      handle: async ({ channel, rights }) => {
        const whole = may(rights, 'connections', 'change')
        return { offered, webhooks: await webhooksOf(db, channel.id, channels.clock(), whole) }
      },
    }),
    makeRoute(parts),
    route({
      method: 'put',
      path: '/desk/webhooks/:id',
      does: 'Change a webhook; one that was paused goes on',
      answer: exactly({ webhook: Id }),
      allowed: desk('change', 'connections'),
      body: WebhookSettings,
      handle: async (call) => {
        checkAddress(call.body, parts.inside)
        const { webhook } = await save(parts, call, idOf(call.param('id')), '')
        return { webhook }
      },
    }),
    ...oneRoutes(parts),
  ]
}

const save = ({ channels }: DeliveryParts, call: Call<WebhookSettings>, webhook: number | null, secret: string) =>
  hand(channels, call, { kind: 'webhook.save', webhook, settings: call.body, secret })

const makeRoute = (parts: DeliveryParts): Route =>
  route({
    method: 'post',
    path: '/desk/webhooks',
    does: 'Add a webhook: its secret is told once',
    answer: MadeWebhook,
    allowed: desk('change', 'connections'),
    secret: true,
    fresh: true,
    body: WebhookSettings,
    handle: async (call) => {
      checkAddress(call.body, parts.inside)
      const secret = newSecret()
      const made = await save(parts, call, null, secret)
      if (made.secret !== secret) throw problem('secret_lost')
      return { webhook: made.webhook, secret }
    },
  })

const oneRoutes = (parts: DeliveryParts): Route[] => [
  ...(['pause', 'resume'] as const).map((does) =>
    route({
      method: 'post',
      path: `/desk/webhooks/:id/${does}`,
      does: does === 'pause' ? 'Tell a webhook nothing for now' : 'Tell a webhook again, from now on',
      answer: Nothing,
      allowed: desk('change', 'connections'),
      handle: (call) =>
        hand(parts.channels, call, {
          kind: 'webhook.pause',
          webhook: idOf(call.param('id')),
          paused: does === 'pause',
        }),
    }),
  ),
  route({
    method: 'post',
    path: '/desk/webhooks/:id/remove',
    does: 'Remove a webhook',
    answer: Nothing,
    allowed: desk('change', 'connections'),
    handle: (call) => hand(parts.channels, call, { kind: 'webhook.remove', webhook: idOf(call.param('id')) }),
  }),
  route({
    method: 'post',
    path: '/desk/webhooks/:id/test',
    does: 'Send a test to a webhook, and tell what came of it',
    answer: TestedWebhook,
    allowed: desk('act', 'connections'),
    limit: 'costly',
    handle: async ({ channel, param }) => {
      const sent = await sendTest(parts, channel.id, idOf(param('id')))
      if (sent === undefined) throw problem('not_found')
      return sent
    },
  }),
]
