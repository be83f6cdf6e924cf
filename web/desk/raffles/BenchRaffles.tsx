import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { digits } from '#core/currency'
import { leftText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { NextAction } from './Actions.tsx'
import { stateInWords } from './next.ts'
import { type DeskRaffle, rafflesQuery } from './view.ts'

/** On the bench: the raffles that are on, each with its clock and the next thing to press. */
export function BenchRaffles() {
  const running = useQuery(rafflesQuery).data?.running ?? []
  if (running.length === 0) return null
  return (
    <section aria-label="Raffles" className="border-b border-line px-4 pt-4 pb-2">
      <h2 className="text-lg">Raffles</h2>
      <ul>
        {running.map((raffle) => (
          <OneRaffle key={raffle.id} raffle={raffle} />
        ))}
      </ul>
    </section>
  )
}

function OneRaffle({ raffle }: { raffle: DeskRaffle }) {
  const { ahead, currency } = useStatus()
  const now = useNow(ahead)
  const until = raffle.status === 'planned' ? raffle.opensAt : raffle.closesAt
  return (
    <li className="border-t border-line py-2 first:border-t-0">
      <p className="flex items-baseline justify-between gap-2">
        <Link to={`/raffles/${raffle.id}`} className="truncate font-semibold underline-offset-2 hover:underline">
          {raffle.settings.title}
        </Link>
        {until !== null && <span className="tabular shrink-0 text-brass-text">{leftText(until - now)}</span>}
      </p>
      <p className="tabular text-[0.93rem] text-muted">
        {stateInWords(raffle)} · {digits(raffle.people)} in
        {raffle.paid > 0 && ` · ${digits(raffle.paid)} ${currency.many}`}
      </p>
      {raffle.why !== null && raffle.status === 'planned' && <p className="text-brick-text">{raffle.why}</p>}
      <div className="mt-1">
        <NextAction raffle={raffle} />
      </div>
    </li>
  )
}
