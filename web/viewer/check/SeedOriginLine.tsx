import { queryOptions, useQuery } from '@tanstack/react-query'
import { derivedSeed, type SeedOrigin } from '#core/fairness'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'
import { Verdict } from './CheckedSteps.tsx'

/** The channel's seeds, from which rounds and raffles once had theirs: the commitment of the open one, and those before it in full. */
const seedsQuery = queryOptions({
  queryKey: keyOf('seeds'),
  queryFn: ({ signal }) => answerOf(api.GET('/seeds', { signal })),
})

interface SeedOriginProps {
  readonly id: number
  readonly seed: string
  readonly openedAt: number
  readonly origin: SeedOrigin
}

/** Where a told seed came from: made at random for this draw alone, or (before that was so) derived from the channel's seed. */
export function SeedOriginLine(props: SeedOriginProps) {
  if (props.origin === 'channel') return <FromChannel {...props} />
  return (
    <li className="text-muted">
      The seed was made at random for this draw alone. No other published seed says anything about it.
    </li>
  )
}

function FromChannel({ id, seed, openedAt }: SeedOriginProps) {
  const seeds = useQuery(seedsQuery).data
  if (seeds === undefined) return null
  const from = seeds.closed.find((one) => one.openedAt <= openedAt && openedAt <= one.closedAt)
  if (from !== undefined) {
    const follows = derivedSeed(from.seed, id) === seed
    return (
      <Verdict good={follows}>
        {follows ? 'It follows' : 'It does not follow'} from the channel’s own seed of that show, which is published by
        now.
      </Verdict>
    )
  }
  if (seeds.open === null || seeds.open.openedAt > openedAt) return null
  return (
    <li className="text-muted">
      It is made from the channel’s seed, whose commitment was public before (
      <span className="font-mono text-sm">{seeds.open.commitment.slice(0, 12)} …</span>); that seed is published after
      the show.
    </li>
  )
}
