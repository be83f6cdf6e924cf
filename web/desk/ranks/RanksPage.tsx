import { useQuery } from '@tanstack/react-query'
import type { Currency } from '#core/currency'
import type { CircleRow } from '#core/people'
import type { RankPlan } from '#core/ranks'
import { read } from '../../parts/api.ts'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { Circles } from './Circles.tsx'
import { RanksForm } from './RanksForm.tsx'

export interface Ranks {
  readonly plan: RankPlan
  readonly circles: readonly CircleRow[]
  readonly counts: {
    readonly ranks: readonly { readonly id: number | null; readonly count: number }[]
    readonly circles: readonly { readonly id: number; readonly count: number }[]
  }
  readonly currency: Currency
}

/** Titles for the faithful, and groups with rules of their own. */
export function RanksPage() {
  const ranks = useQuery({ queryKey: ['ranks'], queryFn: ({ signal }) => read<Ranks>('/desk/ranks', signal) })
  return (
    <div className="flex max-w-5xl flex-col gap-4">
      <h1 className="text-[1.45rem] leading-tight">Ranks and circles</h1>
      {ranks.isPending && <Loading what="ranks and circles" />}
      {ranks.isError && <Problem error={ranks.error} retry={() => void ranks.refetch()} />}
      {ranks.data && (
        <>
          <RanksForm key={JSON.stringify(ranks.data.plan)} ranks={ranks.data} />
          <Circles ranks={ranks.data} />
        </>
      )}
    </div>
  )
}
