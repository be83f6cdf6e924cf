import { useQuery } from '@tanstack/react-query'
import { digits } from '#core/currency'
import type { RankPlan } from '#core/ranks'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { keyOf } from '../../parts/queryKey.ts'

type Side = Answer<'/desk/ranks/preview'>['rises']

/** Who would rise and who would fall. */
export type Moves = Answer<'/desk/ranks/preview'>

/** Who would rise and who would fall by other ranks, as the server finds it. */
export function MovesOf({ plan }: { readonly plan: RankPlan }) {
  const moves = useQuery({
    queryKey: keyOf('ranks', 'moves', plan),
    queryFn: () => answerOf(api.POST('/desk/ranks/preview', { body: plan })),
  })
  if (moves.isPending) return <Loading what="who would rise and fall" />
  if (moves.isError) return <Problem error={moves.error} retry={() => void moves.refetch()} />
  return <MovesShown moves={moves.data} />
}

/** What a change of the ranks would do to people, by name. */
export function MovesShown({ moves }: { moves: Moves }) {
  return (
    <div role="status" className="grid grid-cols-2 gap-4 rounded-md border border-line bg-surface p-3">
      <SideShown title="Would rise" none="Nobody would rise." side={moves.rises} />
      <SideShown title="Would fall" none="Nobody would fall." side={moves.falls} />
    </div>
  )
}

function SideShown({ title, none, side }: { title: string; none: string; side: Side }) {
  if (side.count === 0) return <p className="text-muted">{none}</p>
  const more = side.count - side.people.length
  return (
    <div>
      <p className="font-semibold">
        {title}: {digits(side.count)}
      </p>
      <ul className="mt-1 max-h-48 overflow-y-auto text-note">
        {side.people.map(({ name, before, after }) => (
          <li key={name} className="flex justify-between gap-3">
            <span className="truncate">{name}</span>
            <span className="shrink-0 text-muted">
              {before ?? 'no rank'} → {after ?? 'no rank'}
            </span>
          </li>
        ))}
        {more > 0 && <li className="text-muted">and {digits(more)} more</li>}
      </ul>
    </div>
  )
}
