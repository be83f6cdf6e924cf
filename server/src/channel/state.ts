import { homeSetting } from '#core/settings'
import type { ChannelHead, Channels } from '../channels.ts'
import { reader } from '../database/index.ts'
import { answered } from '../http/index.ts'
import { isFree } from '../opening/index.ts'
import { settingOf } from '../settings/index.ts'

/** A closed channel can be had back for so long (seconds); then it is deleted. `delete_channel` of the database holds to the same. */
export const KEPT_CLOSED_SECONDS = 30 * 86_400
/** So many addresses that a channel had before lead to it still. */
const MOST_FORMER = 10

/** The addresses that a channel had before, the last first. */
export async function formerAddresses({ pool }: Channels, channel: number): Promise<string[]> {
  const text = 'select slug from former_address where channel = $1 order by left_at desc, slug'
  return (await pool.query<{ slug: string }>(text, [channel])).rows.map(({ slug }) => slug)
}

/**
 * Has the rules, and all servers, know how the channel stands now. @param key - Of what it follows from.
 * @param publicUrl - The installation's address.
 */
export async function tellState(
  channels: Channels,
  channel: number,
  key: string,
  publicUrl: string,
): Promise<ChannelHead> {
  const head = await channels.head(channel)
  if (head === undefined) throw new Error(`There is no channel ${channel}.`)
  channels.forget(channel)
  const { slug, name, unlisted, pausedBy, closedAt } = head
  const { viewer: _, ...home } = await settingOf(reader(channels.pool), channel, homeSetting)
  await channels.submit(channel, `${key}/home`, {
    kind: 'channel.home',
    home: { ...home, address: `${publicUrl}/c/${slug}` },
  })
  const state = { name, address: slug, listed: !unlisted, paused: pausedBy !== null, closed: closedAt !== null }
  answered(await channels.submit(channel, key, { kind: 'channel.change', channel: state }))
  await channels.feed.channelChanged(channel)
  // The bot goes out of the rooms of a channel that is closed, and back into those of one that is not any more.
  await channels.feed.roomsChanged()
  return head
}

/** Moves a channel to another address; the one it had goes on leading there. @returns false: it is another channel's. */
export async function moveTo(
  { pool, clock }: Channels,
  { id, slug: before }: ChannelHead,
  slug: string,
): Promise<boolean> {
  const client = await pool.connect()
  try {
    await client.query('begin')
    await client.query('lock table claim_code in exclusive mode')
    if (!(await isFree(client, slug, id))) return false
    await client.query('delete from former_address where slug = $1', [slug])
    await client.query('update channel set slug = $2 where id = $1', [id, slug])
    const keep = `insert into former_address (slug, channel, left_at) values ($1, $2, $3) on conflict do nothing`
    await client.query(keep, [before, id, clock()])
    const forget = `delete from former_address where channel = $1 and slug in
      (select slug from former_address where channel = $1 order by left_at desc, slug offset ${MOST_FORMER})`
    await client.query(forget, [id])
    await client.query('commit')
    return true
  } finally {
    // What was not committed is undone; after a commit this does nothing.
    await client.query('rollback').catch(() => {})
    client.release()
  }
}
