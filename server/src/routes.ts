import { betRoutes } from './bets/index.ts'
import { changeRoutes, openFormRoutes } from './changes/index.ts'
import { channelRoutes } from './channel/index.ts'
import type { Channels } from './channels.ts'
import type { SeatTable, WantedRooms } from './chat/index.ts'
import { commandRoutes } from './commands/index.ts'
import type { Config } from './config.ts'
import { connectionRoutes } from './connections/index.ts'
import type { Reader } from './database/index.ts'
import { earningRoutes } from './earning/index.ts'
import type { EventReceiver, EventSecrets } from './events/index.ts'
import { fairnessRoutes } from './fairness/index.ts'
import { gameRoutes } from './games/index.ts'
import { goalRoutes } from './goals/index.ts'
import type { InstallationRoute, Route } from './http/index.ts'
import { libraryRoutes } from './library/index.ts'
import { type OpeningRules, openingRoutes } from './opening/index.ts'
import { operatorRoutes } from './operator/index.ts'
import { peopleRoutes } from './people/index.ts'
import { platformRewardRoutes } from './platform/index.ts'
import { raffleRoutes } from './raffles/index.ts'
import { rankRoutes } from './ranks/index.ts'
import { type RoomParts, roomRoutes } from './rooms/index.ts'
import { screenRoutes } from './screen/index.ts'
import { securityRoutes } from './security/index.ts'
import { unreadableRoutes } from './settings/unreadable.ts'
import { showRoutes } from './show/index.ts'
import { issuerRoutes, type Provider } from './sign-in/index.ts'
import { starterRoutes } from './starter/index.ts'
import { storeRoutes } from './store/index.ts'
import { tallyRoutes } from './tallies/index.ts'
import { teamRoutes } from './team/index.ts'
import { triggerRoutes } from './triggers/index.ts'
import { type DeliveryParts, webhookRoutes } from './webhooks/index.ts'

/** What the routes need of the server. */
export interface RouteParts {
  readonly config: Pick<Config, 'PUBLIC_URL' | 'ROOMS_INSIDE' | 'ROOMS_SHARED' | 'PLATFORM_REWARDS_URL'>
  readonly db: Reader
  readonly channels: Channels
  readonly seats: SeatTable
  readonly wanted: WantedRooms
  readonly provider: Pick<Provider, 'choices'>
  readonly secrets: EventSecrets
  readonly door: EventReceiver
  readonly deliveries: DeliveryParts
}

/** Every route of the channels' API, feature by feature. */
export function routesOf(parts: RouteParts): Route[] {
  const { config, db, channels, seats, wanted, provider, secrets, door, deliveries } = parts
  const rooms: RoomParts = {
    ...{ db, channels, seats, wanted },
    inside: config.ROOMS_INSIDE === 'yes',
    shared: config.ROOMS_SHARED === 'yes',
  }
  const publicUrl = config.PUBLIC_URL
  const platform = { db, channels, publicUrl, url: config.PLATFORM_REWARDS_URL }
  const chatOf = (channel: number) => seats.stateOf(channel)
  const features: Readonly<Record<string, readonly Route[]>> = {
    Channel: channelRoutes({ channels, publicUrl }),
    Starter: starterRoutes({ db, channels, publicUrl, chat: chatOf }),
    Show: showRoutes(db, channels, chatOf),
    Earning: earningRoutes(db, channels),
    People: peopleRoutes(db, channels, wanted, provider),
    Store: storeRoutes(db, channels),
    Screen: screenRoutes(channels),
    Library: libraryRoutes(db, channels),
    ...chatFeatures({ ...platform, chatOf }),
    Team: [
      ...teamRoutes(db, channels),
      ...changeRoutes({ db, channels, rooms, publicUrl }),
      ...openFormRoutes(channels),
    ],
    ...{ Games: gameRoutes(db, channels), Raffles: raffleRoutes(db, channels, chatOf) },
    ...{ Bets: betRoutes(db, channels), Goals: goalRoutes(db, channels) },
    Fairness: fairnessRoutes(db),
    Security: securityRoutes(db),
    Settings: unreadableRoutes(db),
    Connections: [
      ...connectionRoutes({ db, channels, seats, secrets, door, publicUrl: config.PUBLIC_URL }),
      ...roomRoutes(rooms),
      ...webhookRoutes(db, deliveries),
    ],
  }
  return Object.entries(features).flatMap(([tag, routes]) => routes.map((route) => ({ ...route, tag })))
}

type ChatParts = Parameters<typeof platformRewardRoutes>[0] & { readonly chatOf: Parameters<typeof commandRoutes>[2] }

/** What is set for chat: ranks, commands, what sets itself off, and tallies. */
const chatFeatures = ({ db, channels, chatOf, ...platform }: ChatParts) => ({
  Ranks: rankRoutes(db, channels),
  Commands: commandRoutes(db, channels, chatOf),
  Triggers: [...triggerRoutes(db, channels), ...platformRewardRoutes({ db, channels, ...platform })],
  Tallies: tallyRoutes(db, channels),
})

/** Every address of the installation as a whole. @param onOpened - Told of a channel that was opened. */
export function installationRoutes(
  {
    config,
    channels,
    provider,
  }: Pick<RouteParts, 'channels'> & { readonly config: Config; readonly provider: Provider },
  onOpened: (slug: string) => Promise<void>,
): InstallationRoute[] {
  const rules: OpeningRules = { who: config.CHANNELS as OpeningRules['who'], each: Number(config.CHANNELS_EACH) }
  return [
    ...openingRoutes({ channels, rules, onOpened }),
    ...operatorRoutes({ channels, rules, publicUrl: config.PUBLIC_URL }),
    ...issuerRoutes({ pool: channels.pool, config, provider }),
  ]
}
