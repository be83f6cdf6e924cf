import { mount } from '../parts/mount.tsx'
import { Desk } from './Desk.tsx'
import {
  AlertsPage,
  CommandsFrame,
  CommandsPage,
  ConnectionsPage,
  CupPage,
  EarningPage,
  EditorPage,
  GamesFrame,
  GamesPage,
  GameTextsPage,
  LibraryPage,
  OrdersPage,
  OverlaysPage,
  PartsPage,
  PeoplePage,
  RafflePage,
  RaffleSetupPage,
  RafflesPage,
  RanksPage,
  RunsPage,
  ScreenFrame,
  StoreFrame,
  StorePage,
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
  {
    path: 'store',
    element: <StoreFrame />,
    children: [
      { index: true, element: <StorePage /> },
      { path: 'orders', element: <OrdersPage /> },
    ],
  },
  {
    path: 'games',
    element: <GamesFrame />,
    children: [
      { index: true, element: <GamesPage /> },
      { path: 'cup', element: <CupPage /> },
      { path: 'texts', element: <GameTextsPage /> },
    ],
  },
  { path: 'raffles', element: <RafflesPage /> },
  { path: 'raffles/new', element: <RaffleSetupPage /> },
  { path: 'raffles/:raffle', element: <RafflePage /> },
  {
    path: 'screen',
    element: <ScreenFrame />,
    children: [
      { index: true, element: <OverlaysPage /> },
      { path: 'alerts', element: <AlertsPage /> },
      { path: 'library', element: <LibraryPage /> },
    ],
  },
  { path: 'screen/overlays/:overlay', element: <EditorPage /> },
  { path: 'connections', element: <ConnectionsPage /> },
  ...(PartsPage === undefined ? [] : [{ path: 'parts', element: <PartsPage /> }]),
])
