import { mount } from '../parts/mount.tsx'
import { channelQuery } from './channel.ts'
import {
  BetsPage,
  CheckPage,
  CommandsPage,
  GamesPage,
  GoalsPage,
  ListsPage,
  MinePage,
  RafflePage,
  RafflesPage,
  RoundPage,
} from './later.tsx'
import { StorePage } from './store/StorePage.tsx'
import { ViewerFrame } from './ViewerFrame.tsx'

void mount(
  'c',
  <ViewerFrame />,
  [
    { index: true, element: <StorePage /> },
    { path: 'games', element: <GamesPage /> },
    { path: 'games/:round', element: <RoundPage /> },
    { path: 'raffles', element: <RafflesPage /> },
    { path: 'raffles/:raffle', element: <RafflePage /> },
    { path: 'bets', element: <BetsPage /> },
    { path: 'goals', element: <GoalsPage /> },
    { path: 'check', element: <CheckPage /> },
    { path: 'mine', element: <MinePage /> },
    { path: 'lists', element: <ListsPage /> },
    { path: 'commands', element: <CommandsPage /> },
  ],
  channelQuery,
)
