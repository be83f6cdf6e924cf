import type { Pool } from '../database/index.ts'

/** So many channels are shown at once. */
const PAGE = 50

/** A channel, as the operator sees it. */
export interface OperatedChannel {
  readonly id: number
  readonly slug: string
  readonly name: string
  readonly owner: string
  readonly openedAt: number
  readonly pausedBy: 'owner' | 'operator' | null
  readonly closedAt: number | null
  readonly people: number
  /** When the last show began, the lines that were said in it, and whether it goes on. */
  readonly lastShow: number | null
  readonly lines: number
  readonly onAir: boolean
  /** Bytes of its library. */
  readonly stored: number
}

// The page first, then what costs more of each on it.
const CHANNELS = `select c.id, c.slug, c.name, c.owner, c.opened_at as "openedAt", c.paused_by as "pausedBy",
    c.closed_at as "closedAt", s.started_at as "lastShow", coalesce(s.lines, 0) as lines,
    coalesce(s.status = 'on', false) as "onAir",
    (select count(*)::int from viewer v where v.channel = c.id) as people,
    (select coalesce(sum(m.bytes), 0)::bigint from media m where m.channel = c.id and m.gone_at is null) as stored
  from (select * from channel where ($1 = '' or slug ilike $2 or name ilike $2 or owner ilike $2) and ($3 = 0 or id < $3)
    order by id desc limit ${PAGE}) c
  left join lateral (select started_at, lines, status from show where channel = c.id order by id desc limit 1) s on true
  order by c.id desc`

/**
 * The channels of the installation, the newest first, a page of them.
 * @param text - Of those whose name, address or owner has this in it.
 * @param before - The number that the page before ended with; 0: the first page.
 */
export async function operatedChannels(
  pool: Pool,
  text: string,
  before: number,
): Promise<{ channels: OperatedChannel[]; before: number | null; total: number }> {
  const like = `%${text.replace(/[\\%_]/g, '\\$&')}%`
  const [found, counted] = await Promise.all([
    pool.query<OperatedChannel>(CHANNELS, [text, like, before]),
    pool.query<{ total: number }>('select count(*)::int as total from channel'),
  ])
  const last = found.rows.length < PAGE ? null : (found.rows.at(-1)?.id ?? null)
  return { channels: found.rows, before: last, total: counted.rows[0]?.total ?? 0 }
}
