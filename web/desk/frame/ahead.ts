import type { FetchQueryOptions, QueryClient } from '@tanstack/react-query'
import { commandsQuery } from '../commands/view.ts'
import { connectionsQuery } from '../connections/connections.ts'
import { earningQuery } from '../earning/draft.ts'
import { gamesQuery } from '../games/view.ts'
import {
  CommandsFrame,
  CommandsPage,
  ConnectionsPage,
  EarningPage,
  GamesFrame,
  GamesPage,
  OverlaysPage,
  PeoplePage,
  RafflesPage,
  RanksPage,
  ScreenFrame,
  StoreFrame,
  StorePage,
} from '../later.tsx'
import { screenQuery } from '../library/library.ts'
import { rafflesQuery } from '../raffles/view.ts'
import { ranksQuery } from '../ranks/ranks.ts'
import { storeQuery } from '../store/view.ts'

interface Ahead {
  readonly parts: readonly { readonly load: () => Promise<unknown> }[]
  // biome-ignore lint/suspicious/noExplicitAny: queries of every page, each with an answer of its own
  readonly queries: readonly FetchQueryOptions<any, any, any, any>[]
}

/** What each page of the navigation consists of, and asks the server for first. */
const AHEAD: Readonly<Record<string, Ahead>> = {
  '/earning': { parts: [EarningPage], queries: [earningQuery] },
  '/people': { parts: [PeoplePage], queries: [] },
  '/ranks': { parts: [RanksPage], queries: [ranksQuery] },
  '/commands': { parts: [CommandsFrame, CommandsPage], queries: [commandsQuery] },
  '/store': { parts: [StoreFrame, StorePage], queries: [storeQuery, commandsQuery] },
  '/games': { parts: [GamesFrame, GamesPage], queries: [gamesQuery, commandsQuery] },
  '/raffles': { parts: [RafflesPage], queries: [rafflesQuery] },
  '/screen': { parts: [ScreenFrame, OverlaysPage], queries: [screenQuery] },
  '/connections': { parts: [ConnectionsPage], queries: [connectionsQuery] },
}

/** Fetches a page that somebody is about to open: its programs and its data, so that it is there when they do. */
export function fetchAhead(client: QueryClient, page: string): void {
  const ahead = AHEAD[page]
  for (const { load } of ahead?.parts ?? []) void load().catch(() => {})
  for (const query of ahead?.queries ?? []) void client.prefetchQuery(query)
}
