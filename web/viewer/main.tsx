import { mount } from '../parts/mount.tsx'
import { CommandsPage, GamesPage, ListsPage, MinePage, RoundPage } from './later.tsx'
import { StorePage } from './store/StorePage.tsx'
import { ViewerFrame } from './ViewerFrame.tsx'

mount('c', <ViewerFrame />, [
  { index: true, element: <StorePage /> },
  { path: 'games', element: <GamesPage /> },
  { path: 'games/:round', element: <RoundPage /> },
  { path: 'mine', element: <MinePage /> },
  { path: 'lists', element: <ListsPage /> },
  { path: 'commands', element: <CommandsPage /> },
])
