import { type Static, type TSchema, Type } from '@sinclair/typebox'
import type { Intent } from '#core/engine'
import { closed } from '#core/schema'
import type { Channels } from '../channels.ts'
import { idOf } from './figures.ts'
import { answered, type Call, type Route, route } from './routes.ts'

/** Something that the desk makes, changes, switches and takes away: its address, its schema, and its intents. */
export interface Saved<S extends TSchema, I extends Intent, T extends Intent, R extends Intent> {
  /** Below /desk/, in the plural. */
  readonly path: string
  /** "a command", for the API's own description. */
  readonly what: string
  readonly body: S
  /** @param id - Null: a new one. */
  readonly save: (id: number | null, settings: Static<S>) => I
  /** Left out: it cannot be switched. */
  readonly turn?: (id: number, on: boolean) => T
  readonly remove: (id: number) => R
  /** How taking it away is called in the address. */
  readonly removing: string
}

/** The addresses of something that is saved whole: what is answered is what is live. */
export function savedRoutes<S extends TSchema, I extends Intent, T extends Intent, R extends Intent>(
  channels: Channels,
  { path, what, body, save, turn, remove, removing }: Saved<S, I, T, R>,
): Route[] {
  const one = `/desk/${path}/:id`
  const hand = async <H extends Intent>({ channel, key }: Call<unknown>, intent: H) =>
    answered(await channels.submit(channel.id, key, intent))
  const common = { allowed: 'streamer' } as const
  const routes = [
    route({
      ...common,
      method: 'post',
      path: `/desk/${path}`,
      does: `Make ${what}`,
      body,
      handle: (call) => hand(call, save(null, call.body)),
    }),
    route({
      ...common,
      method: 'put',
      path: one,
      does: `Change ${what}`,
      body,
      handle: (call) => hand(call, save(idOf(call.param('id')), call.body)),
    }),
    route({
      ...common,
      method: 'post',
      path: `${one}/${removing}`,
      does: `Take ${what} away`,
      handle: (call) => hand(call, remove(idOf(call.param('id')))),
    }),
  ]
  if (turn === undefined) return routes
  return [
    ...routes,
    route({
      ...common,
      method: 'post',
      path: `${one}/switch`,
      does: `Switch ${what} on or off`,
      body: Type.Object({ on: Type.Boolean() }, closed),
      handle: (call) => hand(call, turn(idOf(call.param('id')), call.body.on)),
    }),
  ]
}
