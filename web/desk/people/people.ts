import {
  type InfiniteData,
  keepPreviousData,
  type UseInfiniteQueryResult,
  useInfiniteQuery,
} from '@tanstack/react-query'
import { read } from '../../parts/api.ts'

export type Sort = 'name' | 'balance' | 'hours' | 'seen' | 'since'

/** What of the people is looked at, and in which order. */
export interface PeopleView {
  readonly name: string
  readonly present: boolean
  readonly sort: Sort
  readonly down: boolean
}

export const INITIAL_VIEW: PeopleView = { name: '', present: false, sort: 'seen', down: true }

export interface Person {
  readonly id: number
  readonly name: string
  readonly moderator: boolean
  readonly present: boolean
  readonly balance: number
  readonly watchedSeconds: number
  readonly firstSeenAt: number
  readonly lastSeenAt: number
}

export interface PeoplePart {
  readonly people: readonly Person[]
  readonly total: number
}

export type PeopleResult = UseInfiniteQueryResult<InfiniteData<PeoplePart>>

/** The people of a view, fetched part by part as they are scrolled to. */
export function usePeople({ name, present, sort, down }: PeopleView): PeopleResult {
  return useInfiniteQuery({
    queryKey: ['people', name.trim(), present, sort, down],
    queryFn: ({ pageParam, signal }) => {
      const asked = new URLSearchParams({ name: name.trim(), sort, down: down ? '1' : '0', offset: String(pageParam) })
      if (present) asked.set('present', '1')
      return read<PeoplePart>(`/desk/people?${asked}`, signal)
    },
    initialPageParam: 0,
    getNextPageParam: (last, all) => {
      const loaded = all.reduce((sum, { people }) => sum + people.length, 0)
      return last.people.length > 0 && loaded < last.total ? loaded : undefined
    },
    placeholderData: keepPreviousData,
  })
}
