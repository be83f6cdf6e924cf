import { Type } from '@sinclair/typebox'
import { exactly } from '#core/schema'
import { Audience, LOOKS, StepKey, starterFor, USUAL } from '#core/starter'
import type { Channels } from '../channels.ts'
import type { ChatState } from '../chat/index.ts'
import type { Reader } from '../database/index.ts'
import { choice, figure, hand, type Route, route } from '../http/index.ts'
import { currencyOf } from '../settings/index.ts'
import { StarterOffer, StarterState, StarterTaken } from './answers.ts'
import { isThere, knownOf } from './known.ts'
import { stateOf } from './state.ts'
import { takePieces } from './take.ts'

/** What the routes of the way to the first evening stand on. */
export interface StarterParts {
  readonly db: Reader
  readonly channels: Channels
  readonly publicUrl: string
  readonly chat: (channel: number) => Promise<ChatState>
}

/** The way from an empty channel to its first evening, for its owners. */
export const starterRoutes = (parts: StarterParts): Route[] => [
  stateRoute(parts),
  offerRoute(parts),
  takeRoute(parts),
  route({
    method: 'put',
    path: '/desk/starter/skipped',
    does: 'Leave a step before the first evening out, or take it up again',
    answer: exactly({ step: StepKey, skip: Type.Boolean() }),
    allowed: 'owner',
    body: exactly({ step: StepKey, skip: Type.Boolean() }),
    handle: (call) => hand(parts.channels, call, { kind: 'starter.skip', ...call.body }),
  }),
]

const stateRoute = (parts: StarterParts): Route =>
  route({
    method: 'get',
    path: '/desk/starter',
    does: 'What there is to do before the first evening, and what of it is done',
    answer: StarterState,
    allowed: 'owner',
    handle: async ({ channel }) => stateOf(parts, channel, await parts.chat(channel.id)),
  })

const offerRoute = ({ db, channels, publicUrl }: StarterParts): Route =>
  route({
    method: 'get',
    path: '/desk/starter/offer',
    does: 'What a starter for an audience would make, and what of it is there already',
    answer: StarterOffer,
    allowed: 'owner',
    asks: {
      people: figure('How many are usually there.', { min: 1, max: 100_000 }),
      shows: figure('How many shows there are in a week.', { min: 1, max: 14 }),
      hours: figure('How many hours one of them takes.', { min: 1, max: 24 }),
      look: choice('How it is to look.', LOOKS),
    },
    handle: async ({ channel, asked }) => {
      const { people = USUAL.people, shows = USUAL.shows, hours = USUAL.hours, look = USUAL.look } = asked
      const known = await knownOf(db, channel.id, channels.clock())
      const page = `${publicUrl}/c/${channel.slug}`
      const pieces = starterFor({ people, shows, hours, look }, await currencyOf(db, channel.id), page)
      return {
        pieces: pieces.map((piece) => ({
          ...{ key: piece.key, of: piece.made.of, name: piece.name, says: piece.says },
          there: isThere(known, piece),
        })),
      }
    },
  })

const takeRoute = ({ db, channels, publicUrl }: StarterParts): Route =>
  route({
    method: 'post',
    path: '/desk/starter',
    does: 'Make what was chosen of a starter; what is there already stays as it is',
    answer: StarterTaken,
    allowed: 'owner',
    body: exactly({ audience: Audience, take: Type.Array(Type.String({ maxLength: 60 }), { maxItems: 100 }) }),
    handle: async (call) => {
      const { channel, body } = call
      const all = starterFor(body.audience, await currencyOf(db, channel.id), `${publicUrl}/c/${channel.slug}`)
      const chosen = all.filter(({ key }) => body.take.includes(key))
      return takePieces(channels, call, chosen, await knownOf(db, channel.id, channels.clock()))
    },
  })
