import { Link } from 'react-router'
import { digits } from '#core/currency'
import { IfMay } from '../../parts/page/areaRights.tsx'
import { leftText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { NextStep } from './Actions.tsx'
import { betDeadline, type DeskBet, potOf, STATES } from './view.ts'

/** A bet that is on, with its clock and the next thing to press. One that is locked stays until it is settled, also after the show. */
export function RunningBet({ bet }: { bet: DeskBet }) {
  const { ahead, currency } = useStatus()
  const now = useNow(ahead)
  const until = betDeadline(bet)
  return (
    <li className="border-t border-line py-2 first:border-t-0">
      <p className="flex items-baseline justify-between gap-2">
        <Link to={`/bets/${bet.id}`} className="truncate font-semibold underline-offset-2 hover:underline">
          {bet.question}
        </Link>
        {until !== null && (
          <span className="tabular shrink-0 text-brass-text">{leftText(Math.max(0, until - now))}</span>
        )}
      </p>
      <p className={`tabular text-note ${bet.status === 'locked' ? 'text-brass-text' : 'text-muted'}`}>
        {STATES[bet.status]} · {digits(bet.backers)} in · {digits(potOf(bet))} {currency.many}
      </p>
      <IfMay level="act">
        <div className="mt-1">
          <NextStep bet={bet} />
        </div>
      </IfMay>
    </li>
  )
}
