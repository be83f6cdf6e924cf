import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { digits, durationInWords } from '#core/currency'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { mediaBase, smallAddress } from '../../parts/media.ts'
import { usePageTitle } from '../../parts/page/PageTitle.tsx'
import { dayText, useNow } from '../../parts/time.ts'
import { useChannel } from '../channel.ts'
import { type Listed, type RafflesView, rafflesQuery } from './raffles.ts'

/** The raffles that are on, and the last that ended with who won. */
export function RafflesPage() {
  usePageTitle('Raffles')
  const view = useQuery(rafflesQuery)
  if (view.error) return <Problem error={view.error} retry={() => void view.refetch()} />
  if (view.data === undefined) return <Loading what="the raffles" />
  const { running, ended } = view.data
  return (
    <>
      <h2 className="text-xl">Raffles</h2>
      {running.length === 0 && (
        <p className="mt-3 text-muted">No raffle is on right now. One that opens during the show appears here.</p>
      )}
      <ul className="mt-2">
        {running.map((raffle) => (
          <RunningRow key={raffle.id} raffle={raffle} />
        ))}
      </ul>
      {ended.length > 0 && <EndedList ended={ended} />}
      <p className="mt-6">
        <Link to="/check" className="underline underline-offset-2">
          Verify a past raffle
        </Link>
      </p>
    </>
  )
}

function RunningRow({ raffle }: { raffle: Listed }) {
  const { slug, ahead } = useChannel()
  const now = useNow(ahead)
  return (
    <li className="border-b border-line">
      <Link to={`/raffles/${raffle.id}`} className="flex items-center gap-3 py-3 hover:bg-raised">
        <img
          src={smallAddress(raffle.picture, mediaBase(slug))}
          alt=""
          width={56}
          height={56}
          className="size-14 shrink-0 object-contain"
        />
        <span className="min-w-0 flex-1">
          <span className="block font-semibold">{raffle.title}</span>
          <span className="tabular block text-muted">
            {standsInWords(raffle, now)} · {digits(raffle.people)} in
          </span>
        </span>
        {raffle.status === 'open' && raffle.byWord && <code className="shrink-0">!{raffle.word}</code>}
      </Link>
    </li>
  )
}

function standsInWords({ status, closesAt, opensAt }: Listed, now: number): string {
  if (status === 'planned')
    return opensAt === null ? 'opens soon' : `opens in ${durationInWords(Math.max(1, Math.ceil(opensAt - now)))}`
  if (status === 'open')
    return closesAt === null ? 'open' : `closes in ${durationInWords(Math.max(1, Math.ceil(closesAt - now)))}`
  return status === 'closed' ? 'closed, being drawn' : 'called off'
}

function EndedList({ ended }: { ended: RafflesView['ended'] }) {
  return (
    <section aria-labelledby="ended" className="mt-6">
      <h3 id="ended" className="text-lg">
        Ended
      </h3>
      <ul>
        {ended.map(({ id, title, status, endedAt, winners }) => (
          <li key={id} className="border-b border-line">
            <Link to={`/raffles/${id}`} className="flex items-baseline justify-between gap-3 py-2.5 hover:bg-raised">
              <span className="min-w-0">
                {title}
                <span className="block text-muted">
                  {status === 'off'
                    ? 'called off'
                    : winners.length === 0
                      ? 'nobody won'
                      : `won by ${winners.join(', ')}`}
                </span>
              </span>
              <span className="tabular shrink-0 text-note text-muted">{dayText(endedAt ?? 0)}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}
