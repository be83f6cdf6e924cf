import { type Currency, durationInWords, inWords } from '#core/currency'
import type { Answer } from './api/called.ts'
import { Badge } from './Badge.tsx'

export type RankStanding = Answer<'/desk/viewers/{viewer}'>['rank']

/** The rank held and the way to the next, as words and as a bar. */
export function RankProgress({ rank, currency }: { rank: RankStanding; currency: Currency }) {
  const { measure, value, held, next } = rank
  const from = held?.from ?? 0
  const share = next === null ? 1 : (value - from) / (next.from - from)
  const left = next === null ? 0 : next.from - value
  const way = measure === 'hours' ? durationInWords(left * 60) : inWords(left, currency)
  return (
    <div>
      <p className="flex items-center gap-2 text-lg font-semibold">
        {held && <Badge badge={held.badge} className="size-5" />}
        {held?.name ?? 'No rank yet'}
      </p>
      <div className="mt-1.5 h-2 overflow-hidden rounded-full bg-raised" aria-hidden="true">
        <div className="h-full bg-brass" style={{ width: `${Math.min(100, Math.max(0, share * 100))}%` }} />
      </div>
      <p className="mt-1 text-note text-muted">
        {next === null ? 'There is no higher rank.' : `${way} more to ${next.name}`}
      </p>
    </div>
  )
}
