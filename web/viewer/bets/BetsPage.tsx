import { useQuery } from '@tanstack/react-query'
import { digits } from '#core/currency'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { usePageTitle } from '../../parts/page/PageTitle.tsx'
import { dayText } from '../../parts/time.ts'
import { Together } from '../Together.tsx'
import { BetCard } from './BetCard.tsx'
import { type BetsView, betsQuery, type OwnBet } from './bets.ts'

/** The bets that are on, with what one can lay, and the last that ended. */
export function BetsPage() {
  usePageTitle('Bets')
  const view = useQuery(betsQuery)
  if (view.error) return <Problem error={view.error} retry={() => void view.refetch()} />
  if (view.data === undefined) return <Loading what="the bets" />
  const { running, ended } = view.data
  return (
    <>
      <Together />
      <h2 className="text-xl">Bets</h2>
      {running.length === 0 && (
        <p className="mt-3 text-muted">No bet is on right now. One that opens during the show appears here.</p>
      )}
      <ul className="mt-3 flex flex-col gap-4">
        {running.map((bet) => (
          <BetCard key={bet.id} bet={bet} view={view.data} />
        ))}
      </ul>
      {ended.length > 0 && <EndedList ended={ended} />}
    </>
  )
}

function EndedList({ ended }: { ended: BetsView['ended'] }) {
  return (
    <section aria-labelledby="ended" className="mt-6">
      <h3 id="ended" className="text-lg">
        Ended
      </h3>
      <ul>
        {ended.map((bet) => (
          <li key={bet.id} className="flex items-baseline justify-between gap-3 border-b border-line py-2.5">
            <span className="min-w-0">
              {bet.question}
              <span className="block text-muted">
                {endedInWords(bet)}
                {bet.note !== '' && ` · ${bet.note}`}
                {bet.link !== '' && (
                  <>
                    {' · '}
                    <a href={bet.link} rel="noreferrer noopener" target="_blank" className="underline">
                      See it
                    </a>
                  </>
                )}
              </span>
              <OwnResult bet={bet} />
            </span>
            <span className="tabular shrink-0 text-note text-muted">{dayText(bet.endedAt ?? 0)}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function endedInWords({ status, winner, lanes, payment, why }: OwnBet): string {
  if (status === 'off') return `called off: ${why ?? ''}`
  const name = lanes[winner ?? -1]?.name ?? ''
  if (payment?.refunded !== false) return `${name}; all stakes went back`
  return `${name}; ${digits(payment.winners)} ${payment.winners === 1 ? 'was' : 'were'} right`
}

function OwnResult({ bet: { own } }: { bet: OwnBet }) {
  const staked = own?.staked.reduce((sum, one) => sum + one, 0) ?? 0
  if (own === null || staked === 0) return null
  const got = own.won + own.back
  return (
    <span className={`tabular block ${got >= staked ? 'text-moss-text' : 'text-muted'}`}>
      You staked {digits(staked)} and got {digits(got)}
      {own.back > 0 && own.won > 0 && ` (${digits(own.back)} of it refunded)`}.
    </span>
  )
}
