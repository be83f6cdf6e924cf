import { Type } from '@sinclair/typebox'
import { exactly } from '#core/schema'
import type { Channels } from '../channels.ts'
import { type InstallationRoute, installationRoute } from '../http/index.ts'
import { desksOf } from '../team/index.ts'
import { Claim, type OpeningRules, openChannel } from './open.ts'
import { openChannels } from './read.ts'

const Place = { slug: Type.String(), name: Type.String() }

/** What opening channels stands on. */
export interface OpeningParts {
  readonly channels: Channels
  readonly rules: OpeningRules
  /** Told that a channel was opened. */
  readonly onOpened: (channel: string) => Promise<void>
}

/** Finding the channels of the installation, those whose desk is one's own, and opening one. */
export const openingRoutes = (parts: OpeningParts): InstallationRoute[] => [
  ...findingRoutes(parts),
  openingRoute(parts),
]

function findingRoutes({ channels, rules }: OpeningParts): InstallationRoute[] {
  return [
    installationRoute({
      method: 'get',
      path: '/api/channels',
      limit: 'costly',
      does: 'The channels of this installation that anybody may find',
      allowed: 'anyone',
      answer: exactly({ channels: Type.Array(exactly({ ...Place, onAir: Type.Boolean() })) }),
      handle: async () => ({ channels: await openChannels(channels.pool) }),
    }),
    installationRoute({
      method: 'get',
      path: '/api/opening',
      does: 'Whether a channel can be opened here, and whether a code is needed for it',
      allowed: 'anyone',
      answer: exactly({ possible: Type.Boolean(), code: Type.Boolean(), printed: Type.Boolean() }),
      handle: async () => {
        const first = (await channels.first()) === undefined
        return { possible: first || rules.who !== 'claim', code: first || rules.who !== 'open', printed: first }
      },
    }),
    installationRoute({
      method: 'get',
      path: '/api/desks',
      does: 'The channels at whose desk one may be',
      allowed: 'signed in at the desk',
      answer: exactly({ desks: Type.Array(exactly(Place)), caller: Type.String(), operator: Type.Boolean() }),
      handle: async ({ caller, operator }) => ({
        desks: await desksOf(channels.pool, caller.account, channels.clock()),
        caller: caller.name,
        operator,
      }),
    }),
  ]
}

const openingRoute = ({ channels, rules, onOpened }: OpeningParts): InstallationRoute =>
  installationRoute({
    method: 'post',
    path: '/api/claim',
    does: 'Open a channel: with the code that the server printed, with one of the operator’s, or freely, as it is configured',
    allowed: 'signed in at the desk',
    limit: 'costly',
    body: Claim,
    answer: exactly({ channel: Type.String() }),
    handle: async ({ caller, body }) => {
      const opened = await openChannel(channels, rules, caller, body)
      await onOpened(opened.channel)
      return opened
    },
  })
