import type { QueryClient } from '@tanstack/react-query'
import { betsQuery } from '../bets/view.ts'
import { commandsQuery } from '../commands/view.ts'
import { connectionsQuery } from '../connections/connections.ts'
import { earningQuery } from '../earning/draft.ts'
import { gamesQuery } from '../games/view.ts'
import {
  BetsPage,
  CommandsPage,
  ConnectionsPage,
  EarningPage,
  GamesPage,
  OverlaysPage,
  PeoplePage,
  RafflesPage,
  RanksPage,
  StorePage,
} from '../later.tsx'
import { screenQuery } from '../library/library.ts'
import { rafflesQuery } from '../raffles/view.ts'
import { ranksQuery } from '../ranks/ranks.ts'
import { storeQuery } from '../store/view.ts'

interface Ahead {
  readonly parts: readonly { readonly load: () => Promise<unknown> }[]
  /** Asks for what it shows first. */
  readonly ask: (client: QueryClient) => readonly Promise<void>[]
}

/** What each page of the navigation consists of, and asks the server for first. */
const AHEAD: Readonly<Record<string, Ahead>> = {
  '/earning': { parts: [EarningPage], ask: (client) => [client.prefetchQuery(earningQuery)] },
  '/people': { parts: [PeoplePage], ask: () => [] },
  '/ranks': { parts: [RanksPage], ask: (client) => [client.prefetchQuery(ranksQuery)] },
  '/commands': { parts: [CommandsPage], ask: (client) => [client.prefetchQuery(commandsQuery)] },
  '/store': {
    parts: [StorePage],
    ask: (client) => [client.prefetchQuery(storeQuery), client.prefetchQuery(commandsQuery)],
  },
  '/games': {
    parts: [GamesPage],
    ask: (client) => [client.prefetchQuery(gamesQuery), client.prefetchQuery(commandsQuery)],
  },
  '/raffles': { parts: [RafflesPage], ask: (client) => [client.prefetchQuery(rafflesQuery)] },
  '/bets': { parts: [BetsPage], ask: (client) => [client.prefetchQuery(betsQuery)] },
  '/screen': { parts: [OverlaysPage], ask: (client) => [client.prefetchQuery(screenQuery)] },
  '/connections': { parts: [ConnectionsPage], ask: (client) => [client.prefetchQuery(connectionsQuery)] },
}

/** Fetches a page that somebody is about to open: its programs and its data, so that it is there when they do. */
export function fetchAhead(client: QueryClient, page: string): void {
  const ahead = AHEAD[page]
  for (const { load } of ahead?.parts ?? []) void load().catch(() => {})
  ahead?.ask(client)
}
