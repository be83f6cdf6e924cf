import { useQuery } from '@tanstack/react-query'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Circles } from './Circles.tsx'
import { RanksForm } from './RanksForm.tsx'
import { ranksQuery } from './ranks.ts'

/** Titles for the faithful, and groups with rules of their own. */
export function RanksPage() {
  const ranks = useQuery(ranksQuery)
  return (
    <div className="flex max-w-5xl flex-col gap-4">
      {ranks.isPending && <Loading what="ranks and circles" />}
      {ranks.isError && <Problem error={ranks.error} retry={() => void ranks.refetch()} />}
      {ranks.data && (
        <>
          <RanksForm ranks={ranks.data} />
          <Circles ranks={ranks.data} />
        </>
      )}
    </div>
  )
}
