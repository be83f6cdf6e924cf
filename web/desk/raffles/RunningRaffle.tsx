import { Link } from 'react-router'
import { digits } from '#core/currency'
import { IfMay } from '../../parts/page/areaRights.tsx'
import { leftText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { NextAction } from './Actions.tsx'
import { deadlineOf, stateInWords } from './next.ts'
import type { DeskRaffle } from './view.ts'

/** A raffle that is on, with its clock and the next thing to press. */
export function RunningRaffle({ raffle }: { raffle: DeskRaffle }) {
  const { ahead, currency } = useStatus()
  const now = useNow(ahead)
  const until = deadlineOf(raffle)
  return (
    <li className="border-t border-line py-2 first:border-t-0">
      <p className="flex items-baseline justify-between gap-2">
        <Link to={`/raffles/${raffle.id}`} className="truncate font-semibold underline-offset-2 hover:underline">
          {raffle.settings.title}
        </Link>
        {until !== null && <span className="tabular shrink-0 text-brass-text">{leftText(until - now)}</span>}
      </p>
      <p className="tabular text-note text-muted">
        {stateInWords(raffle)} · {digits(raffle.people)} in
        {raffle.paid > 0 && ` · ${digits(raffle.paid)} ${currency.many}`}
      </p>
      {raffle.why !== null && raffle.status === 'planned' && <p className="text-brick-text">{raffle.why}</p>}
      <IfMay level="act">
        <div className="mt-1">
          <NextAction raffle={raffle} />
        </div>
      </IfMay>
    </li>
  )
}
