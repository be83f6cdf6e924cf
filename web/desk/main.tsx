import { mount } from '../parts/mount.tsx'
import { Desk } from './Desk.tsx'
import {
  AlertsPage,
  BetPage,
  BetsPage,
  ButtonsPage,
  ChangesPage,
  ChannelPage,
  CommandsPage,
  ConnectionsPage,
  CupPage,
  EarningPage,
  EditorPage,
  GamesPage,
  GameTextsPage,
  GoalsPage,
  LibraryPage,
  OrdersPage,
  OverlaysPage,
  PartsPage,
  PeoplePage,
  PlatformPage,
  RafflePage,
  RaffleSetupPage,
  RafflesPage,
  RanksPage,
  RoomsPage,
  RunsPage,
  SetUpPage,
  StorePage,
  TalliesPage,
  TeamPage,
  TriggersPage,
  VoicePage,
  WebhooksPage,
  WordsPage,
} from './later.tsx'
import { OnAirPage } from './show/OnAirPage.tsx'
import { statusQuery } from './status.ts'

void mount(
  'desk',
  <Desk />,
  [
    { index: true, element: <OnAirPage /> },
    { path: 'buttons', element: <ButtonsPage /> },
    { path: 'earning', element: <EarningPage /> },
    { path: 'people', element: <PeoplePage /> },
    { path: 'ranks', element: <RanksPage /> },
    {
      path: 'commands',
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
      children: [
        { index: true, element: <StorePage /> },
        { path: 'orders', element: <OrdersPage /> },
        { path: 'platform', element: <PlatformPage /> },
      ],
    },
    {
      path: 'games',
      children: [
        { index: true, element: <GamesPage /> },
        { path: 'cup', element: <CupPage /> },
        { path: 'texts', element: <GameTextsPage /> },
      ],
    },
    { path: 'raffles', element: <RafflesPage /> },
    { path: 'raffles/new', element: <RaffleSetupPage /> },
    { path: 'raffles/:raffle', element: <RafflePage /> },
    { path: 'bets', element: <BetsPage /> },
    { path: 'bets/:bet', element: <BetPage /> },
    { path: 'goals', element: <GoalsPage /> },
    {
      path: 'screen',
      children: [
        { index: true, element: <OverlaysPage /> },
        { path: 'alerts', element: <AlertsPage /> },
        { path: 'library', element: <LibraryPage /> },
      ],
    },
    { path: 'screen/overlays/:overlay', element: <EditorPage /> },
    {
      path: 'connections',
      children: [
        { index: true, element: <ConnectionsPage /> },
        { path: 'rooms', element: <RoomsPage /> },
        { path: 'webhooks', element: <WebhooksPage /> },
      ],
    },
    {
      path: 'team',
      children: [
        { index: true, element: <TeamPage /> },
        { path: 'changes', element: <ChangesPage /> },
      ],
    },
    { path: 'channel', element: <ChannelPage /> },
    { path: 'set-up', element: <SetUpPage /> },
    { path: 'join', element: null },
    ...(PartsPage === undefined ? [] : [{ path: 'parts', element: <PartsPage /> }]),
  ],
  statusQuery,
)
