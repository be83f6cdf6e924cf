import { lazily } from '../parts/lazily.tsx'

// What the first view of the store can do without.
export const GamesPage = lazily(async () => (await import('./games/GamesPage.tsx')).GamesPage)
export const RoundPage = lazily(async () => (await import('./games/RoundPage.tsx')).RoundPage)
export const RafflesPage = lazily(async () => (await import('./raffles/RafflesPage.tsx')).RafflesPage)
export const RafflePage = lazily(async () => (await import('./raffles/RafflePage.tsx')).RafflePage)
export const BetsPage = lazily(async () => (await import('./bets/BetsPage.tsx')).BetsPage)
export const GoalsPage = lazily(async () => (await import('./goals/GoalsPage.tsx')).GoalsPage)
export const CheckPage = lazily(async () => (await import('./raffles/CheckPage.tsx')).CheckPage)
export const MinePage = lazily(async () => (await import('./ledger/MinePage.tsx')).MinePage)
export const ListsPage = lazily(async () => (await import('./ranks/ListsPage.tsx')).ListsPage)
export const CommandsPage = lazily(async () => (await import('./commands/CommandsPage.tsx')).CommandsPage)
export const BuyDialog = lazily(async () => (await import('./store/BuyDialog.tsx')).BuyDialog)
