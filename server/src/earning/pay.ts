import type { Channels } from '../channels.ts'

/** People paid in one intent: few enough that a chat line behind it waits some tens of milliseconds at most. */
const PAGE = 2000

/**
 * Settles the watch time of everyone present, page by page, up to now or to when it was last known who is there. Each
 * person's count is their own: a repeat pays nothing twice.
 */
export async function payEveryone(channels: Channels, channel: number, show: number): Promise<void> {
  const text = 'select id from viewer where channel = $1 and present and id > $2 order by id limit $3'
  const at = channels.clock()
  const until = channels.presenceKnownUntil(channel)
  for (let after = 0; ; ) {
    const found = await channels.pool.query({ name: 'present-page', text, values: [channel, after, PAGE] })
    const viewers = found.rows.map((row) => row.id as number)
    if (viewers.length > 0)
      await channels.submit(channel, `pay/${show}/${at}/${after}`, { kind: 'earning.pay', show, viewers, until })
    if (viewers.length < PAGE) return
    after = viewers.at(-1) ?? 0
  }
}

/**
 * The timer for watching: pays everyone, then sets the next one; after the show's end it settles the last seconds
 * and ends the show. Run again after a crash it goes on where it was.
 */
export async function tick(channels: Channels, channel: number, show: number): Promise<void> {
  const found = await channels.pool.query('select status from show where channel = $1 and id = $2', [channel, show])
  const status = found.rows[0]?.status as string | undefined
  if (status === undefined || status === 'ended') return
  await payEveryone(channels, channel, show)
  const key = `tick/${show}/${channels.clock()}/${status}`
  await channels.submit(
    channel,
    key,
    status === 'closing' ? { kind: 'show.settled', show } : { kind: 'earning.schedule', show },
  )
}
