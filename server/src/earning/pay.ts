import { ranksSetting } from '#core/ranks'
import type { ShowId, UnixSeconds } from '#core/schema'
import type { Channels } from '../channels.ts'
import { onlyRow, reader } from '../database/index.ts'
import { rotateSeed } from '../fairness/index.ts'
import { reviewPromoted, reviewShow } from '../ranks/index.ts'
import { settingOf } from '../settings/index.ts'

/** People paid in one transaction: few enough that a chat line behind it waits some tenths of a second at most. */
const PAGE = 20_000

const NEXT_PAGE = `select max(id)::bigint as last, count(*)::int as count
  from (select id from watch where channel = $1 and counting and id > $2 order by id limit $3) as page`

/**
 * Settles the time of everyone present, page by page, up to now or to when it was last known who is there: the time off
 * air before a show first. Each person's count is their own: a repeat pays nothing twice.
 * @param show - 0: the time off air alone.
 */
export async function payEveryone(channels: Channels, channel: number, show: ShowId): Promise<void> {
  const at = channels.clock()
  const until = await channels.presenceKnownUntil(channel)
  const offAir = await channels.pool.query(
    "select 1 from setting where channel = $1 and name = 'offAir' and body->>'since' is not null",
    [channel],
  )
  if (offAir.rowCount === 1) await payPages(channels, channel, { show: 0, at, until })
  if (show !== 0) await payPages(channels, channel, { show, at, until })
  const { ranks, measure } = await settingOf(reader(channels.pool), channel, ranksSetting)
  if (ranks.length > 0) await reviewPromoted(channels, channel, measure)
}

interface Payment {
  readonly show: ShowId
  readonly at: UnixSeconds
  readonly until: UnixSeconds
}

async function payPages(channels: Channels, channel: number, { show, at, until }: Payment): Promise<void> {
  for (let after = 0; ; ) {
    const found = await channels.pool.query<{ last: number | null; count: number }>({
      name: 'next-page',
      text: NEXT_PAGE,
      values: [channel, after, PAGE],
    })
    const { last, count } = onlyRow(found)
    if (last === null) return
    const key = `pay/${show}/${at}/${after}`
    await channels.submit(channel, key, { kind: 'earning.pay', show, after, upTo: last, until })
    if (count < PAGE) return
    after = last
  }
}

/**
 * The timer for watching: pays everyone, then sets the next one; after the show's end it settles the last seconds
 * and ends the show. Run again after a crash it goes on where it was.
 * @param show - 0: the time off air.
 * @param run - Unique for this run of the timer. Each run must set the next timer itself: of two at the same instant (one of
 * them given back by a dead server) one can find the other's timer being taken, and then sets none.
 */
export async function tick(channels: Channels, channel: number, show: ShowId, run: string): Promise<void> {
  const text = 'select status, ended_at as "endedAt" from show where channel = $1 and id = $2'
  const found = await channels.pool.query<{ status: string; endedAt: UnixSeconds | null }>(text, [channel, show])
  const status = show === 0 ? 'off' : found.rows[0]?.status
  if (status === undefined) return
  // Settled already, perhaps by a run that was cut off right after it: a repeat of what follows changes nothing.
  if (status === 'ended') return afterShow(channels, channel, show, Number(found.rows[0]?.endedAt))
  await payEveryone(channels, channel, show)
  const key = `tick/${show}/${run}/${status}`
  if (status !== 'closing') {
    await channels.submit(channel, key, { kind: 'earning.schedule', show })
    return
  }
  const settled = await channels.submit(channel, key, { kind: 'show.settled', show })
  if (settled.ok) await afterShow(channels, channel, show, Number(found.rows[0]?.endedAt))
}

/** What follows from a show that is settled: everyone is looked at, and what its draws were made from is published. */
async function afterShow(channels: Channels, channel: number, show: ShowId, endedAt: UnixSeconds): Promise<void> {
  await reviewShow(channels, channel, show, endedAt)
  await rotateSeed(channels, channel, `show/${show}/${endedAt}`)
}
