import type { Channels } from '../channels.ts'
import { newSeed } from '../fairness/index.ts'

/** Channels whose rules do not know how the installation has them, or that have no seed to draw from. */
const UNSETTLED = `select c.id, c.slug, c.name, c.owner, not c.unlisted as listed, c.paused_by is not null as paused,
    c.closed_at is not null as closed,
    case when exists (select 1 from room r where r.channel = c.id and r.gone_at is null)
      then h.body->>'chatIssuer' end as "ownIssuer"
  from channel c
  left join setting h on h.channel = c.id and h.name = 'home'
  left join setting n on n.channel = c.id and n.name = 'channel'
  left join setting s on s.channel = c.id and s.name = 'seed'
  where ($3::text is null or c.slug = $3) and (s.body is null or h.body is null or n.body is null
    or (h.body->>'address', h.body->>'owner') is distinct from ($1 || '/c/' || c.slug, c.owner)
    or (h.body->>'chatIssuer' is distinct from $2 and not exists
      (select 1 from room r where r.channel = c.id and r.gone_at is null))
    or (n.body->>'name', n.body->>'address') is distinct from (c.name, c.slug))
  order by c.id`

interface Unsettled {
  readonly id: number
  readonly slug: string
  readonly name: string
  readonly owner: string
  readonly listed: boolean
  readonly paused: boolean
  readonly closed: boolean
  /** Of the network of its own room. */
  readonly ownIssuer: string | null
}

/** So many are settled before the server answers; more, as after its address has changed, beside its work. */
const AT_START = 100

/**
 * Makes sure that every channel has a seed to draw from, and knows whose it is, what it is called and where it is found. To be
 * called at the start, and once a channel was opened. Channels that know are not touched.
 * @param slug - Of this one only.
 */
export async function settleChannels(
  channels: Channels,
  publicUrl: string,
  chatIssuer: string,
  slug: string | null = null,
): Promise<void> {
  const { rows } = await channels.pool.query<Unsettled>(UNSETTLED, [publicUrl, chatIssuer, slug])
  const all = async () => {
    for (const one of rows) await settle(channels, publicUrl, chatIssuer, one)
  }
  if (rows.length <= AT_START) await all()
  else void all().catch(() => {})
}

async function settle(channels: Channels, publicUrl: string, chatIssuer: string, one: Unsettled): Promise<void> {
  const { id, slug, name, owner, listed, paused, closed, ownIssuer } = one
  // A key of its own for each start: what was true then may not be now.
  const key = `settle/${newSeed()}`
  const home = { owner, chatIssuer: ownIssuer ?? chatIssuer, address: `${publicUrl}/c/${slug}` }
  await channels.submit(id, `${key}/home`, { kind: 'channel.home', home })
  const state = { name, address: slug, listed, paused, closed }
  await channels.submit(id, `${key}/channel`, { kind: 'channel.change', channel: state })
  await channels.submit(id, `${key}/seed`, { kind: 'fairness.seed', seed: newSeed(), first: true })
}
