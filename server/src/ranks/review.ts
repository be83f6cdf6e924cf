import type { RankPlan } from '#core/ranks'
import type { ShowId, UnixSeconds } from '#core/schema'
import type { Channels } from '../channels.ts'

/** People looked at in one intent. */
const PAGE = 2000
/** More rounds than any audience needs: each person looked at waits for a higher threshold afterwards. */
const MOST_ROUNDS = 200

const DUE = {
  hours: `select w.id from watch w join viewer v on v.channel = w.channel and v.id = w.id
    where w.channel = $1 and w.counting and w.watched_seconds / 60 >= v.rank_next limit $2`,
  earned: `select w.id from watch w join viewer v on v.channel = w.channel and v.id = w.id
    join account a on a.channel = w.channel and a.id = w.id
    where w.channel = $1 and w.counting and a.earned >= v.rank_next limit $2`,
}

/** Looks at the ranks of those present whom a payment to everyone brought to a threshold. */
export async function reviewPromoted(channels: Channels, channel: number, measure: RankPlan['measure']): Promise<void> {
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const found = await channels.pool.query({
      name: `rank-due-${measure}`,
      text: DUE[measure],
      values: [channel, PAGE],
    })
    const viewers = found.rows.map(({ id }) => id)
    if (viewers.length === 0) return
    const key = `promoted/${channels.clock()}/${round}/${viewers[0]}/${viewers.length}`
    await channels.submit(channel, key, { kind: 'ranks.review', viewers, quietly: false })
  }
}

/** Looks at who attended a show, and at who is in a circle: rules count shows, and time goes by. */
export function reviewShow(channels: Channels, channel: number, show: ShowId, endedAt: UnixSeconds): Promise<void> {
  const text = `select id from (select viewer as id from attendance where channel = $1 and show = $4
    union select id from viewer where channel = $1 and circles <> '[]') as looked where id > $2 order by id limit $3`
  return reviewPages(channels, channel, `show/${show}/${endedAt}`, text, [show])
}

/** Looks at everybody, saying nothing in chat: the rules changed. `key` is unique for the change. */
export function reviewEveryone(channels: Channels, channel: number, key: string): Promise<void> {
  const text = `select id from viewer where channel = $1 and not ignored and merged_into is null and id > $2
    order by id limit $3`
  return reviewPages(channels, channel, key, text, [])
}

async function reviewPages(
  channels: Channels,
  channel: number,
  key: string,
  text: string,
  more: number[],
): Promise<void> {
  for (let after = 0; ; ) {
    const found = await channels.pool.query(text, [channel, after, PAGE, ...more])
    const viewers = found.rows.map(({ id }) => id)
    const last = viewers.at(-1)
    if (last === undefined) return
    await channels.submit(channel, `${key}/review/${after}`, { kind: 'ranks.review', viewers, quietly: true })
    after = last
  }
}
