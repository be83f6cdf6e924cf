import {
  type InfiniteData,
  keepPreviousData,
  type UseInfiniteQueryResult,
  useInfiniteQuery,
  useQuery,
} from '@tanstack/react-query'
import type { Rank } from '#core/ranks'
import { read } from '../../parts/api.ts'

export type Sort = 'name' | 'balance' | 'hours' | 'earned' | 'seen' | 'since'
export type Shown = 'listed' | 'ignored' | 'archived' | 'all'

/** What of the people is looked at, and in which order. Empty texts do not filter. */
export interface PeopleView {
  readonly name: string
  readonly present: boolean
  readonly shown: Shown
  readonly standing: string
  readonly rank: string
  readonly balanceFrom: string
  readonly balanceTo: string
  readonly hoursFrom: string
  readonly earnedFrom: string
  /** Days: seen within the last so many, or with a minus not seen for so many. */
  readonly seen: string
  readonly sort: Sort
  readonly down: boolean
}

export const INITIAL_VIEW: PeopleView = {
  name: '',
  present: false,
  shown: 'listed',
  standing: '',
  rank: '',
  balanceFrom: '',
  balanceTo: '',
  hoursFrom: '',
  earnedFrom: '',
  seen: '',
  sort: 'seen',
  down: true,
}

export interface Person {
  readonly id: number
  readonly name: string
  readonly nickname: string | null
  readonly chatName: string
  readonly moderator: boolean
  readonly present: boolean
  readonly followedAt: number | null
  readonly tier: number
  readonly subscribedUntil: number | null
  readonly circles: readonly number[]
  readonly rank: number | null
  readonly balance: number
  readonly earned: number
  readonly watchedSeconds: number
  readonly firstSeenAt: number
  readonly lastSeenAt: number
}

export interface PeoplePart {
  readonly people: readonly Person[]
  readonly total: number
}

export type PeopleResult = UseInfiniteQueryResult<InfiniteData<PeoplePart>>

const DAY = 86_400
/** Times are asked for by the whole hour, so that the same question keeps its answer for a while. */
const hourNow = (): number => Math.floor(Date.now() / 3_600_000) * 3600

/** The view as the server is asked for it. */
export function askedOf(view: PeopleView): URLSearchParams {
  const asked = new URLSearchParams({
    name: view.name.trim(),
    sort: view.sort,
    down: view.down ? '1' : '0',
    shown: view.shown,
  })
  if (view.present) asked.set('present', '1')
  for (const name of ['standing', 'rank', 'balanceFrom', 'balanceTo', 'hoursFrom', 'earnedFrom'] as const)
    if (view[name].trim() !== '') asked.set(name, view[name].trim())
  const days = Number(view.seen)
  if (days > 0) asked.set('seenAfter', String(hourNow() - days * DAY))
  if (days < 0) asked.set('seenBefore', String(hourNow() + days * DAY))
  return asked
}

/** How many filters beyond the name hold something back. */
export const filtersOf = (view: PeopleView): number =>
  (['standing', 'rank', 'balanceFrom', 'balanceTo', 'hoursFrom', 'earnedFrom', 'seen'] as const).filter(
    (name) => view[name] !== '',
  ).length + (view.shown === 'listed' ? 0 : 1)

/** The people of a view, fetched part by part as they are scrolled to. */
export function usePeople(view: PeopleView): PeopleResult {
  const asked = askedOf(view)
  return useInfiniteQuery({
    queryKey: ['people', asked.toString()],
    queryFn: ({ pageParam, signal }) => read<PeoplePart>(`/desk/people?${asked}&offset=${pageParam}`, signal),
    initialPageParam: 0,
    getNextPageParam: (last, all) => {
      const loaded = all.reduce((sum, { people }) => sum + people.length, 0)
      return last.people.length > 0 && loaded < last.total ? loaded : undefined
    },
    placeholderData: keepPreviousData,
  })
}

export interface RanksKnown {
  readonly plan: { readonly measure: 'hours' | 'earned'; readonly ranks: readonly Rank[] }
  readonly circles: readonly { readonly id: number; readonly name: string }[]
}

/** The ranks and circles of the channel; none while loading. */
export function useRanks(): RanksKnown {
  const ranks = useQuery({ queryKey: ['ranks'], queryFn: ({ signal }) => read<RanksKnown>('/desk/ranks', signal) })
  return ranks.data ?? { plan: { measure: 'hours', ranks: [] }, circles: [] }
}
