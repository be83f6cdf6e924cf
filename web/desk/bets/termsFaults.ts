import { type BetTerms, termsFaults } from '#core/bets'
import type { BetsView } from './view.ts'

/** What keeps bets from being held on such terms, by place. @param within - What the places begin with. */
export const termsFaultsHere = (terms: BetTerms, { alerts }: BetsView, within = '') =>
  Object.fromEntries(
    Object.entries(termsFaults(terms, new Set(alerts.map(({ id }) => id)))).map(([at, says]) => [within + at, says]),
  )
