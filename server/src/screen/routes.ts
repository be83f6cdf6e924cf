import { Type } from '@sinclair/typebox'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { answered, problem, type Route, route } from '../http/index.ts'
import { overlaysOf } from './read.ts'
import { newSecret } from './secret.ts'

const MOST_OVERLAYS = 20

/** The overlays: their addresses, a test of what they show, a new address if one leaked. */
export function screenRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/overlays',
      does: 'The overlays and whether they are open somewhere',
      allowed: 'streamer',
      handle: async ({ channel }) => ({ overlays: await overlaysOf(db, channel.id, channels.clock()) }),
    }),
    route({
      method: 'post',
      path: '/desk/overlays/test',
      does: 'Show a test alert on every overlay',
      allowed: 'streamer',
      handle: async ({ channel, key }) => answered(await channels.submit(channel.id, key, { kind: 'screen.test' })),
    }),
    route({
      method: 'post',
      path: '/desk/overlays/:overlay/renew',
      does: 'Give an overlay a new address',
      allowed: 'streamer',
      handle: async ({ channel, key, param }) => {
        const overlay = Number(param('overlay'))
        if (!Number.isSafeInteger(overlay)) throw problem('not_found')
        return answered(await channels.submit(channel.id, key, { kind: 'screen.renew', overlay, secret: newSecret() }))
      },
    }),
    route({
      method: 'post',
      path: '/desk/overlays',
      does: 'Add an overlay',
      allowed: 'streamer',
      body: Type.Object(
        { name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }) },
        { additionalProperties: false },
      ),
      handle: async ({ channel, key, body }) => {
        if ((await overlaysOf(db, channel.id, channels.clock())).length >= MOST_OVERLAYS)
          throw problem('too_many_overlays')
        const intent = { kind: 'screen.add', name: body.name.trim(), secret: newSecret() } as const
        return answered(await channels.submit(channel.id, key, intent))
      },
    }),
  ]
}
