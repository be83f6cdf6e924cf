import { mount } from '../parts/mount.tsx'
import { Desk } from './Desk.tsx'
import { ConnectionsPage, EarningPage, PeoplePage, ScreenPage } from './later.tsx'
import { OnAirPage } from './show/OnAirPage.tsx'

mount('desk', <Desk />, [
  { index: true, element: <OnAirPage /> },
  { path: 'earning', element: <EarningPage /> },
  { path: 'people', element: <PeoplePage /> },
  { path: 'screen', element: <ScreenPage /> },
  { path: 'connections', element: <ConnectionsPage /> },
])
