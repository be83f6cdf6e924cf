import { mount } from '../parts/mount.tsx'
import { Desk } from './Desk.tsx'
import { EarningPage } from './earning/EarningPage.tsx'
import { ScreenPage } from './screen/ScreenPage.tsx'
import { OnAirPage } from './show/OnAirPage.tsx'

mount('desk', <Desk />, [
  { index: true, element: <OnAirPage /> },
  { path: 'earning', element: <EarningPage /> },
  { path: 'screen', element: <ScreenPage /> },
])
