import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { type Asked, choice, csvFile, desk, figure, fileRoute, type Route, route, text } from '../http/index.ts'
import { PeoplePart } from './answers.ts'
import { peopleFile } from './file.ts'
import { type PeopleFilter, type PeopleQuery, peoplePage, SHOWN, SORTS } from './table.ts'

const PAGE = 100
const FURTHEST = 10_000_000

/** Hours beyond this would pass what a number of seconds can be. */
const MOST_HOURS = 10_000_000

const ASKS = {
  name: text('A part of the name, or how it begins.', 60),
  present: choice('1: only who is in the room now.', ['0', '1']),
  shown: choice('Who of those that lists leave out is among them.', SHOWN),
  standing: text('A standing, such as “follower” or “circle:3”.', 40),
  rank: figure('The number of a rank.'),
  balanceFrom: figure('Who holds at least so much.'),
  balanceTo: figure('Who holds at most so much.'),
  hoursFrom: figure('Who has watched at least so many hours.', { max: MOST_HOURS }),
  earnedFrom: figure('Who has earned at least so much.'),
  seenAfter: figure('Who was seen after this moment (seconds since 1970).'),
  seenBefore: figure('Who was seen before this moment (seconds since 1970).'),
  sort: choice('What they are in the order of.', SORTS),
  down: choice('0: the smallest first; 1: the largest.', ['0', '1']),
}

type AskedOfPeople = Asked<typeof ASKS>

/** The filter in an address. */
const filterOf = ({ name = '', present, shown = 'listed', ...asked }: AskedOfPeople, now: number): PeopleFilter => ({
  ...asked,
  name,
  present: present === '1',
  shown,
  now,
})

const sortOf = ({ sort = 'seen', down }: AskedOfPeople): Pick<PeopleQuery, 'sort' | 'down'> => ({
  sort,
  down: down !== '0',
})

/** Everybody whom the channel knows: page by page, and as a file. */
export function tableRoutes(db: Reader, { clock }: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/people',
      does: 'Everybody whom the channel knows, page by page',
      answer: PeoplePart,
      allowed: desk('look', 'people'),
      asks: { ...ASKS, offset: figure('How many to leave out: the page after this one.', { max: FURTHEST }) },
      handle: ({ channel, asked }) =>
        peoplePage(db, channel.id, {
          ...filterOf(asked, clock()),
          ...sortOf(asked),
          offset: asked.offset ?? 0,
          limit: PAGE,
        }),
    }),
    fileRoute({
      method: 'get',
      path: '/desk/people.csv',
      fresh: true,
      limit: 'costly',
      does: 'The same people as a file of comma-separated values',
      allowed: desk('look', 'people'),
      asks: ASKS,
      gives: 'text/csv',
      handle: async ({ channel, asked }) =>
        csvFile(
          `people-${channel.slug}`,
          await peopleFile(db, channel.id, { ...filterOf(asked, clock()), ...sortOf(asked) }),
        ),
    }),
  ]
}
