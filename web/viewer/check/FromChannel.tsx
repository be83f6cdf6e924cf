import { queryOptions, useQuery } from '@tanstack/react-query'
import { roundSeedOf } from '#core/fairness'
import { read } from '../../parts/api.ts'
import { Verdict } from './CheckedSteps.tsx'

interface SeedShown {
  readonly id: number
  readonly commitment: string
  readonly openedAt: number
}

/** The channel's seeds, from which rounds and raffles have theirs: the commitment of the open one, and those before it in full. */
const seedsQuery = queryOptions({
  queryKey: ['seeds'],
  queryFn: ({ signal }) =>
    read<{ open: SeedShown | null; closed: readonly (SeedShown & { seed: string; closedAt: number })[] }>(
      '/seeds',
      signal,
    ),
})

/** Whether a seed of its own follows from the channel's, which is told after the show; and that one's commitment until then. */
export function FromChannel({ id, seed, openedAt }: { id: number; seed: string; openedAt: number }) {
  const seeds = useQuery(seedsQuery).data
  if (seeds === undefined) return null
  const from = seeds.closed.find((one) => one.openedAt <= openedAt && openedAt <= one.closedAt)
  if (from !== undefined) {
    const follows = roundSeedOf(from.seed, id) === seed
    return (
      <Verdict good={follows}>
        {follows ? 'It follows' : 'It does not follow'} from the channel’s own seed of that show, which is told by now.
      </Verdict>
    )
  }
  if (seeds.open === null || seeds.open.openedAt > openedAt) return null
  return (
    <li className="text-muted">
      It is made from the channel’s seed, whose commitment was public before (
      <span className="font-mono text-sm">{seeds.open.commitment.slice(0, 12)} …</span>); that seed is told after the
      show.
    </li>
  )
}
