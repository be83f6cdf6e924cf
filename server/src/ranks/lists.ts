import { sql } from 'drizzle-orm'
import type { ViewerId } from '#core/schema'
import type { Reader } from '../database/index.ts'
import { latestShowOf } from '../show/index.ts'
import type { Place } from './answers.ts'

export const LISTS = ['balance', 'hours', 'earned'] as const
export const PERIODS = ['all', 'days', 'show'] as const
export type List = (typeof LISTS)[number]
export type Period = (typeof PERIODS)[number]

export interface ListQuery {
  readonly list: List
  /** `days`: the shows that began in the last 30 days. A balance is as it is now, whatever the period. */
  readonly period: Period
  readonly now: number
  readonly limit: number
  /** Whose own place is wanted, too. */
  readonly viewer?: ViewerId | undefined
}

const DAYS = 30 * 86_400

const VALUES = { balance: sql`a.balance`, hours: sql`coalesce(w.watched_seconds, 0)`, earned: sql`a.earned` }

/** What counts for a list: for everybody, their number. */
async function counted(db: Reader, channel: number, { list, period, now }: ListQuery) {
  if (list === 'balance' || period === 'all')
    return sql`select v.id, ${VALUES[list]} as value from viewer v
      join account a on a.channel = v.channel and a.id = v.id
      left join watch w on w.channel = v.channel and w.id = v.id where v.channel = ${channel}`
  const show = await latestShowOf(db, channel)
  const open = show !== undefined && show.status !== 'ended' ? show.id : -1
  const column = list === 'hours' ? sql`t.seconds` : sql`t.earned`
  const live = list === 'hours' ? sql`w.show_seconds` : sql`a.earned - w.show_earned_from`
  const wanted =
    period === 'show'
      ? sql`t.show = ${show?.id ?? -1}`
      : sql`t.show in (select id from show where channel = ${channel} and started_at >= ${now - DAYS})`
  return sql`select id, sum(value)::bigint as value from (
      select t.viewer as id, ${column} as value from attendance t where t.channel = ${channel} and ${wanted} and t.show <> ${open}
      union all
      select w.id, ${live} from watch w join account a on a.channel = w.channel and a.id = w.id
        where w.channel = ${channel} and w.show_id = ${open}) as parts group by id`
}

/** The top of a list, and somebody's own place in it. Who is ignored, archived or wants to be in no list is not there. */
export async function topList(
  db: Reader,
  channel: number,
  query: ListQuery,
): Promise<{ places: Place[]; own: Place | null }> {
  const values = await counted(db, channel, query)
  const own = query.viewer ?? -1
  const found = await db.execute<Place>(sql`with counted as (${values}), placed as (
      select (rank() over (order by c.value desc))::int as place, v.id, v.name, c.value
      from counted c join viewer v on v.channel = ${channel} and v.id = c.id
      where c.value > 0 and not v.ignored and not v.unlisted and v.archived_at is null and v.merged_into is null)
    (select * from placed order by place, id limit ${query.limit})
    union (select * from placed where id = ${own}) order by place, id`)
  const rows = found.rows
  return { places: rows.slice(0, query.limit), own: rows.find(({ id }) => id === own) ?? null }
}
