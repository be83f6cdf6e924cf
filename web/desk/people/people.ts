import {
  type InfiniteData,
  keepPreviousData,
  type UseInfiniteQueryResult,
  useInfiniteQuery,
  useQuery,
} from '@tanstack/react-query'
import type { Answer, Query } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'
import { ranksQuery } from '../ranks/ranks.ts'

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

export type Person = PeoplePart['people'][number]

export type PeoplePart = Answer<'/desk/people'>

export type PeopleResult = UseInfiniteQueryResult<InfiniteData<PeoplePart>>

const DAY = 86_400
/** Times are asked for by the whole hour, so that the same question keeps its answer for a while. */
const hourNow = (): number => Math.floor(Date.now() / 3_600_000) * 3600

/** The view as the server is asked for it. */
export function askedOf(view: PeopleView): Query<'/desk/people'> {
  const figure = (text: string) => (text.trim() === '' ? undefined : Number(text))
  const days = Number(view.seen)
  return {
    name: view.name.trim(),
    sort: view.sort,
    down: view.down ? '1' : '0',
    shown: view.shown,
    present: view.present ? '1' : undefined,
    standing: view.standing.trim() || undefined,
    rank: figure(view.rank),
    balanceFrom: figure(view.balanceFrom),
    balanceTo: figure(view.balanceTo),
    hoursFrom: figure(view.hoursFrom),
    earnedFrom: figure(view.earnedFrom),
    seenAfter: days > 0 ? hourNow() - days * DAY : undefined,
    seenBefore: days < 0 ? hourNow() + days * DAY : undefined,
  }
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
    queryKey: keyOf('people', asked),
    queryFn: ({ pageParam, signal }) =>
      answerOf(api.GET('/desk/people', { params: { query: { ...asked, offset: pageParam } }, signal })),
    initialPageParam: 0,
    getNextPageParam: (last, all) => {
      const loaded = all.reduce((sum, { people }) => sum + people.length, 0)
      return last.people.length > 0 && loaded < last.total ? loaded : undefined
    },
    placeholderData: keepPreviousData,
  })
}

export type RanksKnown = Pick<Answer<'/desk/ranks'>, 'plan' | 'circles'>

/** The ranks and circles of the channel; none while loading. */
export function useRanks(): RanksKnown {
  const ranks = useQuery(ranksQuery)
  return ranks.data ?? { plan: { measure: 'hours', ranks: [], announce: '' }, circles: [] }
}
