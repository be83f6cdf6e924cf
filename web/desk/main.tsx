import { mount } from '../parts/mount.tsx'
import { Desk } from './Desk.tsx'
import {
  CommandsFrame,
  CommandsPage,
  ConnectionsPage,
  EarningPage,
  PeoplePage,
  RanksPage,
  RunsPage,
  ScreenPage,
  TalliesPage,
  TriggersPage,
  VoicePage,
  WordsPage,
} from './later.tsx'
import { OnAirPage } from './show/OnAirPage.tsx'

mount('desk', <Desk />, [
  { index: true, element: <OnAirPage /> },
  { path: 'earning', element: <EarningPage /> },
  { path: 'people', element: <PeoplePage /> },
  { path: 'ranks', element: <RanksPage /> },
  {
    path: 'commands',
    element: <CommandsFrame />,
    children: [
      { index: true, element: <CommandsPage /> },
      { path: 'triggers', element: <TriggersPage /> },
      { path: 'tallies', element: <TalliesPage /> },
      { path: 'log', element: <RunsPage /> },
      { path: 'words', element: <WordsPage /> },
      { path: 'voice', element: <VoicePage /> },
    ],
  },
  { path: 'screen', element: <ScreenPage /> },
  { path: 'connections', element: <ConnectionsPage /> },
])
