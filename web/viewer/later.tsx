import { lazily } from '../parts/lazily.tsx'

// What the first view of the store can do without.
export const MinePage = lazily(async () => (await import('./ledger/MinePage.tsx')).MinePage)
export const ListsPage = lazily(async () => (await import('./ranks/ListsPage.tsx')).ListsPage)
export const CommandsPage = lazily(async () => (await import('./commands/CommandsPage.tsx')).CommandsPage)
export const BuyDialog = lazily(async () => (await import('./store/BuyDialog.tsx')).BuyDialog)
