import { mount } from '../parts/mount.tsx'
import { CommandsPage, ListsPage, MinePage } from './later.tsx'
import { StorePage } from './store/StorePage.tsx'
import { ViewerFrame } from './ViewerFrame.tsx'

mount('c', <ViewerFrame />, [
  { index: true, element: <StorePage /> },
  { path: 'mine', element: <MinePage /> },
  { path: 'lists', element: <ListsPage /> },
  { path: 'commands', element: <CommandsPage /> },
])
