import { lazily } from '../parts/lazily.tsx'

// What the first view of the desk can do without: the other pages, and what opens over them.
export const EarningPage = lazily(async () => (await import('./earning/EarningPage.tsx')).EarningPage)
export const ScreenPage = lazily(async () => (await import('./screen/ScreenPage.tsx')).ScreenPage)
export const ConnectionsPage = lazily(async () => (await import('./connections/ConnectionsPage.tsx')).ConnectionsPage)
export const RanksPage = lazily(async () => (await import('./ranks/RanksPage.tsx')).RanksPage)
export const CommandsFrame = lazily(async () => (await import('./commands/CommandsFrame.tsx')).CommandsFrame)
export const CommandsPage = lazily(async () => (await import('./commands/CommandsPage.tsx')).CommandsPage)
export const TriggersPage = lazily(async () => (await import('./triggers/TriggersPage.tsx')).TriggersPage)
export const TalliesPage = lazily(async () => (await import('./tallies/TalliesPage.tsx')).TalliesPage)
export const RunsPage = lazily(async () => (await import('./commands/RunsPage.tsx')).RunsPage)
export const WordsPage = lazily(async () => (await import('./commands/WordsPage.tsx')).WordsPage)
export const VoicePage = lazily(async () => (await import('./commands/VoicePage.tsx')).VoicePage)
export const PeoplePage = lazily(async () => (await import('./people/PeoplePage.tsx')).PeoplePage)
export const ViewerPanel = lazily(async () => (await import('./people/ViewerPanel.tsx')).ViewerPanel)
export const GoOnAirDialog = lazily(async () => (await import('./show/AirDialogs.tsx')).GoOnAirDialog)
export const GoOffAirDialog = lazily(async () => (await import('./show/AirDialogs.tsx')).GoOffAirDialog)
