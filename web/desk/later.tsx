import { lazily } from '../parts/lazily.tsx'

// What the first view of the desk can do without: the other pages, and what opens over them.
export const EarningPage = lazily(async () => (await import('./earning/EarningPage.tsx')).EarningPage)
export const ScreenPage = lazily(async () => (await import('./screen/ScreenPage.tsx')).ScreenPage)
export const ConnectionsPage = lazily(async () => (await import('./connections/ConnectionsPage.tsx')).ConnectionsPage)
export const RanksPage = lazily(async () => (await import('./ranks/RanksPage.tsx')).RanksPage)
export const CommandsPage = lazily(async () => (await import('./commands/CommandsPage.tsx')).CommandsPage)
export const PeoplePage = lazily(async () => (await import('./people/PeoplePage.tsx')).PeoplePage)
export const ViewerPanel = lazily(async () => (await import('./people/ViewerPanel.tsx')).ViewerPanel)
export const GoOnAirDialog = lazily(async () => (await import('./show/AirDialogs.tsx')).GoOnAirDialog)
export const GoOffAirDialog = lazily(async () => (await import('./show/AirDialogs.tsx')).GoOffAirDialog)
