import { useQuery } from '@tanstack/react-query'
import { digits } from '#core/currency'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { usePageTitle } from '../../parts/page/PageTitle.tsx'
import { dayText } from '../../parts/time.ts'
import { Together } from '../Together.tsx'
import { GoalCard } from './GoalCard.tsx'
import { type GoalsView, goalsQuery } from './goals.ts'

/** The goals that are open, with the way to chip in, and the last that ended. */
export function GoalsPage() {
  usePageTitle('Goals')
  const view = useQuery(goalsQuery)
  if (view.error) return <Problem error={view.error} retry={() => void view.refetch()} />
  if (view.data === undefined) return <Loading what="the goals" />
  const { running, ended } = view.data
  return (
    <>
      <Together />
      <h2 className="text-xl">Goals</h2>
      {running.length === 0 && (
        <p className="mt-3 text-muted">No goal is open right now. One that opens appears here.</p>
      )}
      <ul className="mt-3 flex flex-col gap-4">
        {running.map((goal) => (
          <GoalCard key={goal.id} goal={goal} view={view.data} />
        ))}
      </ul>
      {ended.length > 0 && <EndedList ended={ended} />}
    </>
  )
}

const HOW = { reached: 'reached', missed: 'not reached', off: 'called off' } as const

function EndedList({ ended }: { ended: GoalsView['ended'] }) {
  return (
    <section aria-labelledby="ended" className="mt-6">
      <h3 id="ended" className="text-lg">
        Ended
      </h3>
      <ul>
        {ended.map(({ id, title, status, paid, people, why, endedAt, own }) => (
          <li key={id} className="flex items-baseline justify-between gap-3 border-b border-line py-2.5">
            <span className="min-w-0">
              {title}
              <span className="tabular block text-muted">
                {HOW[status as keyof typeof HOW] ?? ''}
                {why !== null && `: ${why}`} · {digits(paid)} from {digits(people)} {people === 1 ? 'person' : 'people'}
                {own !== null && own.paid > 0 && ` · ${digits(own.paid)} of it yours`}
              </span>
            </span>
            <span className="tabular shrink-0 text-note text-muted">{dayText(endedAt ?? 0)}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
