import type { Channels } from '../channels.ts'

/** People paid in one transaction: few enough that a chat line behind it waits some tenths of a second at most. */
const PAGE = 20_000

const NEXT_PAGE = `select max(id)::bigint as last, count(*)::int as count
  from (select id from watch where channel = $1 and counting and id > $2 order by id limit $3) as page`

/**
 * Settles the watch time of everyone present, page by page, up to now or to when it was last known who is there. Each
 * person's count is their own: a repeat pays nothing twice.
 */
export async function payEveryone(channels: Channels, channel: number, show: number): Promise<void> {
  const at = channels.clock()
  const until = await channels.presenceKnownUntil(channel)
  for (let after = 0; ; ) {
    const found = await channels.pool.query({ name: 'next-page', text: NEXT_PAGE, values: [channel, after, PAGE] })
    const { last, count } = found.rows[0] as { last: number | null; count: number }
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
 * @param run - Unique for this run of the timer. Each run must set the next timer itself: of two at the same instant (one of
 * them given back by a dead server) one can find the other's timer being taken, and then sets none.
 */
export async function tick(channels: Channels, channel: number, show: number, run: string): Promise<void> {
  const found = await channels.pool.query('select status from show where channel = $1 and id = $2', [channel, show])
  const status = found.rows[0]?.status as string | undefined
  if (status === undefined || status === 'ended') return
  await payEveryone(channels, channel, show)
  const key = `tick/${show}/${run}/${status}`
  await channels.submit(
    channel,
    key,
    status === 'closing' ? { kind: 'show.settled', show } : { kind: 'earning.schedule', show },
  )
}
