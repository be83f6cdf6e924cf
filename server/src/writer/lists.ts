import { backersKey, backersPageKey } from '#core/bets'
import { givers } from '#core/goals'
import {
  type ListEntry,
  lists,
  MOST_PEOPLE,
  namedKey,
  PAGE_OF_PEOPLE,
  PRESENT,
  PRESENT_COUNT,
  TOP_LOADED,
} from '#core/lists'
import { entrantsKey, guessesKey } from '#core/raffles'
import type { Need, World } from '#core/world'
import type { Client } from '../database/index.ts'
import { arrayLiteral } from './arrays.ts'

const SHOWN = 'not v.ignored and not v.unlisted and v.archived_at is null and v.merged_into is null'

const VALUES: Readonly<Record<string, string>> = {
  balance: 'a.balance',
  earned: 'a.earned',
  hours: 'coalesce(w.watched_seconds, 0)',
}

const [GUESSES] = guessesKey(0).split('/')
const [BACKERS] = backersKey(0).split('/')
const [BACKERS_AFTER] = backersPageKey(0, 0).split('/')
const [GIVERS] = givers(0, 0).split('/')

interface Query {
  readonly text: string
  readonly values: readonly unknown[]
}

/** The query of a list by its key, without the channel, which is $1. */
function queryOf(key: string): Query {
  const [kind = '', ...rest] = key.split('/')
  const about = rest.join('/')
  if (key === PRESENT)
    return {
      text: `select v.id, v.name, 0 as value from viewer v where v.channel = $1 and v.present and not v.ignored
        order by v.id limit ${MOST_PEOPLE + 1}`,
      values: [],
    }
  if (key === PRESENT_COUNT)
    return {
      text: `select 0 as id, '' as name, count(*)::int as value from viewer v where v.channel = $1 and v.present and not v.ignored`,
      values: [],
    }
  if (kind === 'circle')
    return {
      text: `select v.id, v.name, 0 as value from viewer v where v.channel = $1 and v.circles @> $2::jsonb and not v.ignored
        and v.merged_into is null order by v.id limit ${MOST_PEOPLE + 1}`,
      values: [JSON.stringify([Number(about)])],
    }
  if (kind === 'top' && about.startsWith('tally/'))
    return {
      text: `select v.id, v.name, c.total as value from tally_count c join viewer v on v.channel = c.channel and v.id = c.viewer
        where c.channel = $1 and c.tally = $2 and c.total > 0 and ${SHOWN} order by c.total desc, v.id limit ${TOP_LOADED}`,
      values: [Number(about.slice(6))],
    }
  const joiners = joinersQuery(kind, rest)
  if (joiners !== undefined) return joiners
  const value = VALUES[about]
  if (kind !== 'top' || value === undefined) throw new Error(`There is no list "${key}".`)
  return {
    text: `select v.id, v.name, ${value} as value from account a join viewer v on v.channel = a.channel and v.id = a.id
      left join watch w on w.channel = v.channel and w.id = v.id
      where a.channel = $1 and ${value} > 0 and ${SHOWN} order by ${value} desc, v.id limit ${TOP_LOADED}`,
    values: [],
  }
}

/** The queries of who is in a bet, a goal or a guess; undefined: it is another list. */
function joinersQuery(kind: string, about: readonly string[]): Query | undefined {
  if (kind === BACKERS)
    return {
      text: `select b.viewer as id, '' as name, 0 as value, b.nr, b.laid from backing b
        where b.channel = $1 and b.bet = $2 and b.laid <> '[]' order by b.nr`,
      values: about.map(Number),
    }
  if (kind === BACKERS_AFTER)
    return {
      text: `select b.viewer as id, '' as name, 0 as value, b.nr from backing b
        where b.channel = $1 and b.bet = $2 and b.nr > $3 order by b.nr limit ${PAGE_OF_PEOPLE}`,
      values: about.map(Number),
    }
  if (kind === GUESSES)
    return {
      text: `select e.viewer as id, e.name, e.guess as value, e.guess_order as nr from raffle_entry e
        where e.channel = $1 and e.raffle = $2 and e.state = 'in' and e.guess is not null order by e.guess_order`,
      values: about.map(Number),
    }
  if (kind === GIVERS)
    return {
      text: `select p.viewer as id, '' as name, 0 as value, p.nr from goal_part p
        where p.channel = $1 and p.goal = $2 and p.nr > $3 order by p.nr limit ${PAGE_OF_PEOPLE}`,
      values: about.map(Number),
    }
  return undefined
}

/** Who goes by the names typed, or by ones that look like them: the same people as `likeNamed` finds among all. */
const NAMED = `select wanted.place, found.* from unnest($2::text[]) with ordinality as wanted (typed, place)
  cross join lateral (select fold_name(wanted.typed) as look) as folded
  cross join lateral (
    (select v.id, v.name, 0 as value from viewer v
      where v.channel = $1 and v.handle = wanted.typed and v.merged_into is null and not v.ignored
      order by v.last_seen_at desc limit 5)
    union
    (select v.id, v.name, 0 as value from viewer v
      where (fold_name(v.name) = folded.look or fold_name(v.chat_name) = folded.look) and v.channel = $1
        and v.merged_into is null and not v.ignored order by v.last_seen_at desc limit 5)) as found`

const NAMED_KEY = namedKey('')

/** Reads what is asked of everybody at once, as it is in the database now: names together, each other list by itself. */
export async function loadLists(client: Client, channel: number, world: World, needs: readonly Need[]): Promise<void> {
  const keys = [...new Set(needs.map(({ value }) => String(value)))]
  const names = keys.filter((key) => key.startsWith(NAMED_KEY))
  if (names.length > 0) await loadNamed(client, channel, world, names)
  for (const key of keys) {
    if (key.startsWith(NAMED_KEY)) continue
    if (key.startsWith(ENTRANTS_KEY)) {
      await loadEntrants(client, channel, world, key)
      continue
    }
    const { text, values } = queryOf(key)
    const found = await client.query<ListEntry>(text, [channel, ...values])
    world.rows.set(lists, { key, entries: found.rows })
  }
}

const ENTRANTS_KEY = entrantsKey(0).slice(0, -1)

/** Everybody in a raffle as one text: fifty thousand rows of their own would take several times as long. Names have no control characters. */
const ENTRANTS = `select string_agg(e.viewer || E'\\x1f' || e.tickets * e.weight || E'\\x1f' || e.nr || E'\\x1f' || e.name, E'\\x1e' order by e.nr) as list
  from raffle_entry e where e.channel = $1 and e.raffle = $2 and e.state = 'in'`

async function loadEntrants(client: Client, channel: number, world: World, key: string): Promise<void> {
  const values = [channel, Number(key.slice(ENTRANTS_KEY.length))]
  const found = await client.query({ name: 'entrants', text: ENTRANTS, values })
  world.rows.set(lists, { key, entries: entrantsIn(found.rows[0]?.list ?? '') })
}

/** Reads that text from field to field: cutting it up line by line first took twice as long. */
function entrantsIn(text: string): ListEntry[] {
  const entries: ListEntry[] = []
  let at = 0
  const field = (end: string): string => {
    const next = text.indexOf(end, at)
    const one = text.slice(at, next === -1 ? text.length : next)
    at = next === -1 ? text.length : next + 1
    return one
  }
  while (at < text.length)
    entries.push({
      id: Number(field('\x1f')),
      value: Number(field('\x1f')),
      nr: Number(field('\x1f')),
      name: field('\x1e'),
    })
  return entries
}

async function loadNamed(client: Client, channel: number, world: World, keys: readonly string[]): Promise<void> {
  const typed = keys.map((key) => key.slice(NAMED_KEY.length))
  const found = await client.query({ name: 'named', text: NAMED, values: [channel, arrayLiteral(typed)] })
  const entries = keys.map((): ListEntry[] => [])
  for (const { place, ...entry } of found.rows) entries[Number(place) - 1]?.push(entry)
  for (const [i, key] of keys.entries()) world.rows.set(lists, { key, entries: entries[i] ?? [] })
}
