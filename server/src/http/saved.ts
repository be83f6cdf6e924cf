import { type Static, type TSchema, Type } from '@sinclair/typebox'
import { exactly, Nothing } from '#core/schema'
import type { Area } from '#core/team'
import { idOf } from './figures.ts'
import { type Call, desk, type Given, type Route, route } from './routes.ts'

/** Something that the desk makes, changes and takes away: its address, its schema, and its intents. */
interface Saved<S extends TSchema, A extends TSchema> {
  /** Who may change it in this area may. */
  readonly area: Area
  /** Below /desk/, in the plural. */
  readonly path: string
  /** "a command", for the API's own description. */
  readonly what: string
  readonly body: S
  /** What is answered to who saved it. */
  readonly saved: A
  /** @param id - Null: a new one. */
  readonly save: (call: Call<Static<S>>, id: number | null) => Given<A>
  readonly remove: (call: Call<unknown>, id: number) => Given<typeof Nothing>
  /** How taking it away is called in the address. */
  readonly removing: string
}

/** The addresses of something that is saved whole: what is answered is what is live. */
export function savedRoutes<S extends TSchema, A extends TSchema>({
  area,
  path,
  what,
  body,
  saved,
  save,
  remove,
  removing,
}: Saved<S, A>): Route[] {
  const one = `/desk/${path}/:id`
  const allowed = desk('change', area)
  const common = { allowed, answer: saved, body } as const
  return [
    route({
      ...common,
      method: 'post',
      path: `/desk/${path}`,
      does: `Make ${what}`,
      handle: (call) => save(call, null),
    }),
    route({
      ...common,
      method: 'put',
      path: one,
      does: `Change ${what}`,
      handle: (call) => save(call, idOf(call.param('id'))),
    }),
    route({
      method: 'post',
      path: `${one}/${removing}`,
      does: `Take ${what} away`,
      allowed,
      answer: Nothing,
      handle: (call) => remove(call, idOf(call.param('id'))),
    }),
  ]
}

interface Switched<A extends TSchema> {
  readonly area: Area
  readonly path: string
  readonly what: string
  readonly answer: A
  readonly turn: (call: Call<unknown>, id: number, on: boolean) => Given<A>
}

/** The address that switches something saved on or off. */
export const switchRoute = <A extends TSchema>({ area, path, what, answer, turn }: Switched<A>): Route =>
  route({
    method: 'post',
    path: `/desk/${path}/:id/switch`,
    does: `Switch ${what} on or off`,
    allowed: desk('act', area),
    answer,
    body: exactly({ on: Type.Boolean() }),
    handle: (call) => turn(call, idOf(call.param('id')), call.body.on),
  })
