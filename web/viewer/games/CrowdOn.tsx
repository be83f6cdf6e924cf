import type { ReactNode } from 'react'
import { digits } from '#core/currency'
import type { OpenRound } from './games.ts'

interface CrowdOnProps {
  readonly round: OpenRound
  readonly children: ReactNode
}

/** A round that is on and that many are in. */
export const CrowdOn = ({ round, children }: CrowdOnProps) => (
  <div
    key={round.id}
    className="mb-4 flex flex-col items-start gap-2 rounded-md border border-brass-text bg-brass-wash px-4 py-3"
  >
    {children}
  </div>
)

const NAMED = 12

/** The first of those who are in. */
export function CrowdNames({ round: { crew, seats } }: Pick<CrowdOnProps, 'round'>) {
  const names = crew.slice(0, NAMED).map(({ name }) => name)
  if (names.length === 0) return null
  return (
    <p className="text-note text-muted">
      {names.join(', ')}
      {seats > names.length && ` and ${digits(seats - names.length)} more`}
    </p>
  )
}
