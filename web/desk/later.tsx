import { lazily } from '../parts/lazily.tsx'
import { JumpWaiting } from './JumpWaiting.tsx'

// What the first view of the desk can do without: the other pages, and what opens over them.
export const EarningPage = lazily(async () => (await import('./earning/EarningPage.tsx')).EarningPage)
export const OverlaysPage = lazily(async () => (await import('./screen/OverlaysPage.tsx')).OverlaysPage)
export const EditorPage = lazily(async () => (await import('./screen/EditorPage.tsx')).EditorPage)
export const AlertsPage = lazily(async () => (await import('./screen/AlertsPage.tsx')).AlertsPage)
export const LibraryPage = lazily(async () => (await import('./library/LibraryPage.tsx')).LibraryPage)
export const StorePage = lazily(async () => (await import('./store/StorePage.tsx')).StorePage)
export const OrdersPage = lazily(async () => (await import('./store/OrdersPage.tsx')).OrdersPage)
export const GamesPage = lazily(async () => (await import('./games/GamesPage.tsx')).GamesPage)
export const CupPage = lazily(async () => (await import('./games/cup/CupPage.tsx')).CupPage)
export const GameTextsPage = lazily(async () => (await import('./games/TextsPage.tsx')).TextsPage)
export const RafflesPage = lazily(async () => (await import('./raffles/RafflesPage.tsx')).RafflesPage)
export const RafflePage = lazily(async () => (await import('./raffles/RafflePage.tsx')).RafflePage)
export const RaffleSetupPage = lazily(async () => (await import('./raffles/setup/SetupPage.tsx')).SetupPage)
export const Running = lazily(async () => (await import('./running/Running.tsx')).Running)
export const ConnectionsPage = lazily(async () => (await import('./connections/ConnectionsPage.tsx')).ConnectionsPage)
export const WebhooksPage = lazily(async () => (await import('./webhooks/WebhooksPage.tsx')).WebhooksPage)
export const RanksPage = lazily(async () => (await import('./ranks/RanksPage.tsx')).RanksPage)
export const CommandsPage = lazily(async () => (await import('./commands/CommandsPage.tsx')).CommandsPage)
export const TriggersPage = lazily(async () => (await import('./triggers/TriggersPage.tsx')).TriggersPage)
export const TalliesPage = lazily(async () => (await import('./tallies/TalliesPage.tsx')).TalliesPage)
export const RunsPage = lazily(async () => (await import('./commands/RunsPage.tsx')).RunsPage)
export const WordsPage = lazily(async () => (await import('./commands/WordsPage.tsx')).WordsPage)
export const VoicePage = lazily(async () => (await import('./commands/VoicePage.tsx')).VoicePage)
export const PeoplePage = lazily(async () => (await import('./people/PeoplePage.tsx')).PeoplePage)
export const TeamPage = lazily(async () => (await import('./team/TeamPage.tsx')).TeamPage)
export const ChangesPage = lazily(async () => (await import('./team/ChangesPage.tsx')).ChangesPage)
export const JoinPage = lazily(async () => (await import('./team/JoinPage.tsx')).JoinPage)
export const ViewerPanel = lazily(async () => (await import('./people/ViewerPanel.tsx')).ViewerPanel)
export const GoOnAirDialog = lazily(async () => (await import('./show/AirDialogs.tsx')).GoOnAirDialog)
export const GoOffAirDialog = lazily(async () => (await import('./show/AirDialogs.tsx')).GoOffAirDialog)
export const GuestDialog = lazily(async () => (await import('./show/GuestDialog.tsx')).GuestDialog)
export const JumpDialog = lazily(async () => (await import('./JumpDialog.tsx')).JumpDialog, JumpWaiting)
export const ArrivalMenu = lazily(async () => (await import('./store/ArrivalMenu.tsx')).ArrivalMenu)
export const FirstMinutes = lazily(async () => (await import('./show/FirstMinutes.tsx')).FirstMinutes)
export const EveningChart = lazily(async () => (await import('./show/EveningChart.tsx')).EveningChart)
/** In builds for development alone: `VITE_PARTS=1 npm run build`. */
export const PartsPage =
  import.meta.env.VITE_PARTS === undefined
    ? undefined
    : lazily(async () => (await import('./parts/PartsPage.tsx')).PartsPage)
