import type { UnixSeconds } from '#core/schema'
import type { Channels } from '../channels.ts'

const PAGE = 2000

const NEXT_PAGE = `select id from viewer where channel = $1 and id > $2 and not ignored and merged_into is null
  order by id limit $3`

/**
 * The timer for the weekly allowance: pays whoever it is for, page by page, then sets the next. Late by a week or by a
 * month, it is paid once; each person notes what they were paid for, so a run that was cut off goes on where it was.
 */
export async function payAllowances(channels: Channels, channel: number, due: UnixSeconds): Promise<void> {
  for (let after = 0; ; ) {
    const found = await channels.pool.query(NEXT_PAGE, [channel, after, PAGE])
    const viewers = found.rows.map(({ id }) => id)
    const last = viewers.at(-1)
    if (last === undefined) break
    const key = `allowance/${due}/${after}/${channels.clock()}`
    await channels.submit(channel, key, { kind: 'earning.allowance', due, viewers })
    if (viewers.length < PAGE) break
    after = last
  }
  await channels.submit(channel, `allowance/${due}/paid`, { kind: 'earning.allowancePaid', due })
}
