import { circlesCell, IMPORT_COLUMNS, standingName, standingsOf } from '#core/people'
import { ranksSetting } from '#core/ranks'
import type { Reader } from '../database/index.ts'
import { csvOf, csvTime } from '../http/index.ts'
import { circlesOf } from '../ranks/index.ts'
import { settingOf } from '../settings/index.ts'
import { allPeople, type PeopleQuery } from './table.ts'

const TOLD = [
  ...(['name', 'account', 'nickname', 'balance', 'earned'] as const),
  ...(['hours', 'rank', 'standings', 'first_seen', 'last_seen'] as const),
] as const

/** What is said of people first, then what only taking them in again needs. */
const COLUMNS = [...TOLD, ...IMPORT_COLUMNS.filter((column) => !(TOLD as readonly string[]).includes(column))]

type Person = Awaited<ReturnType<typeof allPeople>>[number]

const yes = (told: boolean): string => (told ? 'yes' : 'no')

/**
 * People as a file, one line for each: what is said of them, and all that taking them in again needs (exact to the unit and
 * the second). Cells that a spreadsheet would take for a formula are quoted.
 */
export async function peopleFile(
  db: Reader,
  channel: number,
  query: Omit<PeopleQuery, 'offset' | 'limit'>,
): Promise<string> {
  const circles = await circlesOf(db, channel)
  const { ranks } = await settingOf(db, channel, ranksSetting)
  const cellsOf = (person: Person) => ({
    name: person.chatName,
    account: person.account,
    nickname: person.nickname ?? '',
    balance: person.balance,
    earned: person.earned,
    hours: (person.watchedSeconds / 3600).toFixed(2),
    rank: ranks.find(({ id }) => id === person.rank)?.name ?? '',
    standings: standingsOf(person, query.now)
      .map((standing) => standingName(standing, circles))
      .join('; '),
    first_seen: csvTime(person.firstSeenAt),
    last_seen: csvTime(person.lastSeenAt),
    issuer: person.issuer,
    seconds: person.watchedSeconds,
    moderator: yes(person.moderator),
    follower_since: csvTime(person.followedAt),
    tier: person.tier === 0 ? '' : person.tier,
    subscribed_since: csvTime(person.subscribedSince),
    account_made: csvTime(person.accountMadeAt),
    subscribed_until: csvTime(person.subscribedUntil),
    circles: circlesCell(person.circles, circles),
    ignored: yes(person.ignored),
    unlisted: yes(person.unlisted),
  })
  const people = await allPeople(db, channel, query)
  return csvOf(COLUMNS, people.map(cellsOf))
}
