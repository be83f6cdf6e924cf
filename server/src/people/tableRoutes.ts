import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { type Call, type Route, route } from '../http/index.ts'
import { peopleFile } from './file.ts'
import { type PeopleFilter, type PeopleQuery, peoplePage, SHOWN, SORTS } from './table.ts'

const PAGE = 100
const FURTHEST = 10_000_000

const FILTERS = [
  'name',
  'present',
  'shown',
  'standing',
  'rank',
  'balanceFrom',
  'balanceTo',
  'hoursFrom',
  'earnedFrom',
  'seenAfter',
  'seenBefore',
] as const

/** Hours beyond this would pass what a number of seconds can be. */
const MOST_HOURS = 10_000_000

type Asked = Pick<Call<unknown>, 'query' | 'figure' | 'choice'>

/** The filter in an address. @throws `query_invalid` for a figure or word that is none. */
export const filterOf = ({ query, figure, choice }: Asked, now: number): PeopleFilter => ({
  name: (query('name') ?? '').trim().slice(0, 60),
  present: query('present') === '1',
  shown: choice('shown', SHOWN) ?? 'listed',
  standing: query('standing'),
  rank: figure('rank'),
  balanceFrom: figure('balanceFrom'),
  balanceTo: figure('balanceTo'),
  hoursFrom: figure('hoursFrom', { max: MOST_HOURS }),
  earnedFrom: figure('earnedFrom'),
  seenAfter: figure('seenAfter'),
  seenBefore: figure('seenBefore'),
  now,
})

const sortOf = ({ query, choice }: Asked): Pick<PeopleQuery, 'sort' | 'down'> => ({
  sort: choice('sort', SORTS) ?? 'seen',
  down: query('down') !== '0',
})

/** Everybody whom the channel knows: page by page, and as a file. */
export function tableRoutes(db: Reader, { clock }: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/people',
      does: 'Everybody whom the channel knows, page by page',
      allowed: 'streamer',
      asks: [...FILTERS, 'sort', 'down', 'offset'],
      handle: (call) =>
        peoplePage(db, call.channel.id, {
          ...filterOf(call, clock()),
          ...sortOf(call),
          offset: call.figure('offset', { max: FURTHEST }) ?? 0,
          limit: PAGE,
        }),
    }),
    route({
      method: 'get',
      path: '/desk/people.csv',
      fresh: true,
      limit: 'costly',
      does: 'The same people as a file of comma-separated values',
      allowed: 'streamer',
      asks: [...FILTERS, 'sort', 'down'],
      handle: async (call) => {
        const { channel } = call
        const text = await peopleFile(db, channel.id, { ...filterOf(call, clock()), ...sortOf(call) })
        const headers = {
          'content-type': 'text/csv; charset=utf-8',
          'content-disposition': `attachment; filename="people-${channel.slug}.csv"`,
        }
        return new Response(text, { headers })
      },
    }),
  ]
}
