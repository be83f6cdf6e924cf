import { queryOptions, useQuery } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { ageText, useNow } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { useStatus } from '../status.ts'

export const redemptionsQuery = queryOptions({
  queryKey: keyOf('redemptions'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/redemptions', { signal })),
})

/** Redemptions of the platform's own points that wait for a hand, on the bench below the orders. */
export function Redemptions() {
  const found = useQuery(redemptionsQuery)
  if (found.isError) return <Problem error={found.error} retry={() => void found.refetch()} />
  const waiting = found.data?.redemptions ?? []
  if (waiting.length === 0) return null
  return (
    <section aria-label="Platform points waiting">
      <h3 className="border-t border-line px-4 pt-3 pb-1 font-sans text-sm font-semibold text-muted">
        Platform points
      </h3>
      <ul>
        {waiting.map((one) => (
          <Redemption key={one.id} redemption={one} />
        ))}
      </ul>
    </section>
  )
}

/** Approves or rejects one, and says what that came to. */
const useDecide = () =>
  useChange({
    ask: ({ id, how }: { id: number; how: 'approve' | 'refuse'; name: string }) =>
      answerOf(api.POST(`/desk/redemptions/{redemption}/${how}`, { params: { path: { redemption: id } } })),
    invalidates: ['redemptions'],
    said: ({ status, why }, { name }) => ({
      text:
        status === 'approved'
          ? `Approved for ${name}.`
          : `Rejected: ${name} gets their platform points back.${why === undefined ? '' : ` ${why}`}`,
      look: why === undefined ? 'done' : 'problem',
    }),
  })

type Waiting = Answer<'/desk/redemptions'>['redemptions'][number]

function Redemption({ redemption: { id, rewardName, viewerName, text, at } }: { redemption: Waiting }) {
  const { ahead } = useStatus()
  const now = useNow(ahead)
  const decide = useDecide()
  const button = (how: 'approve' | 'refuse', does: string) => (
    <Button needs="act" disabled={decide.isPending} onClick={() => decide.mutate({ id, how, name: viewerName })}>
      {does}
    </Button>
  )
  return (
    <li className="border-b border-line px-4 py-3">
      <div className="flex items-baseline justify-between gap-2">
        <h4 className="min-w-0 font-sans font-semibold break-words">{rewardName}</h4>
        <span className="tabular shrink-0 text-sm text-muted">{ageText(now - at)}</span>
      </div>
      <p className="text-note text-muted">{viewerName}</p>
      {text !== null && <p className="mt-1.5 rounded-md bg-surface px-2.5 py-1.5 break-words">{text}</p>}
      <div className="mt-2 flex gap-2">
        {button('approve', 'Approve')}
        {button('refuse', 'Reject')}
      </div>
    </li>
  )
}
