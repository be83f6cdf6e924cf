import type { Context } from 'hono'
import type { Channels } from '../channels.ts'
import type { EventReceiver } from '../events/index.ts'
import { problem } from '../http/index.ts'
import { bytesOf, USUAL_BYTES } from './body.ts'
import type { Env } from './env.ts'

/** Where outside services send their events: whoever can sign may call it. docs/protocols.md says how. */
export function eventRoute({ channels, door }: { channels: Channels; door: EventReceiver }) {
  return async (c: Context<Env>): Promise<Response> => {
    const channel = await channels.find(c.req.param('channel') ?? '')
    if (channel === undefined) throw problem('channel_not_found')
    if (channel.closedAt !== null) throw problem('channel_closed')
    const header = (name: string) => c.req.header(name) ?? ''
    const headers = Object.fromEntries(
      ['webhook-id', 'webhook-timestamp', 'webhook-signature'].map((name) => [name, header(name)]),
    )
    const attributes = Object.fromEntries(
      Object.entries(c.req.header()).flatMap(([name, value]) =>
        name.startsWith('ce-') ? [[name.slice(3), value]] : [],
      ),
    )
    const body = await bytesOf(c, USUAL_BYTES)
    return c.json(await door.receive(channel, { body, contentType: header('content-type'), headers, attributes }), 202)
  }
}
