import { mount } from '../parts/mount.tsx'
import { Desk } from './Desk.tsx'
import { CommandsPage, ConnectionsPage, EarningPage, PeoplePage, RanksPage, ScreenPage } from './later.tsx'
import { OnAirPage } from './show/OnAirPage.tsx'

mount('desk', <Desk />, [
  { index: true, element: <OnAirPage /> },
  { path: 'earning', element: <EarningPage /> },
  { path: 'people', element: <PeoplePage /> },
  { path: 'ranks', element: <RanksPage /> },
  { path: 'commands', element: <CommandsPage /> },
  { path: 'screen', element: <ScreenPage /> },
  { path: 'connections', element: <ConnectionsPage /> },
])
