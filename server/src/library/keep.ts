import type { UnixSeconds } from '#core/schema'
import type { Pool } from '../database/index.ts'
import { problem } from '../http/index.ts'
import type { Ready } from './read.ts'

/** What all files of a channel may take together (bytes). */
export const ROOM_BYTES = 1024 * 1024 * 1024

/** How much of its room a channel's library takes (bytes). */
export async function usedRoom(pool: Pool, channel: number): Promise<number> {
  const text = 'select coalesce(sum(length(content)), 0)::bigint as used from media_content where channel = $1'
  return Number((await pool.query(text, [channel])).rows[0]?.used ?? 0)
}

/** Keeps a file's bytes; one that is kept already is not kept twice. @throws `media_no_room` */
export async function keepContent(pool: Pool, channel: number, at: UnixSeconds, ready: Ready): Promise<void> {
  const { file, type, content, thumb } = ready
  const left = ROOM_BYTES - (await usedRoom(pool, channel))
  if (content.length > left) {
    const megabytes = (bytes: number) => (bytes / 1024 / 1024).toFixed(1)
    throw problem(
      'media_no_room',
      `This takes ${megabytes(content.length)} MB, and ${megabytes(left)} MB are left. Take away files that nothing uses.`,
    )
  }
  await pool.query(
    `insert into media_content (channel, file, type, content, thumb, stored_at) values ($1, $2, $3, $4, $5, $6)
      on conflict (channel, file) do nothing`,
    [channel, file, type, content, thumb, at],
  )
}

/** Lets go of the bytes of a file that is in the library no more. */
export async function dropContent(pool: Pool, channel: number, file: string): Promise<void> {
  const gone = 'exists (select from media m where m.channel = $1 and m.file = $2 and m.gone_at is not null)'
  await pool.query(`delete from media_content where channel = $1 and file = $2 and ${gone}`, [channel, file])
}

interface Part {
  readonly type: string
  readonly length: number
  readonly part: Buffer
}

/** A part of a file's bytes, both ends included; without ends: all. undefined: there is no such file. */
export async function readContent(
  pool: Pool,
  channel: number,
  file: string,
  from = 0,
  to = Number.MAX_SAFE_INTEGER,
): Promise<Part | undefined> {
  const text = `select type, length(content)::int as length, substring(content from $3::int for $4::int) as part
    from media_content where channel = $1 and file = $2`
  const many = Math.min(to - from + 1, 2_000_000_000 - from)
  return (await pool.query<Part>(text, [channel, file, from + 1, Math.max(0, many)])).rows[0]
}

/** A file's small picture; undefined: it has none. */
export async function readThumb(pool: Pool, channel: number, file: string): Promise<Buffer | undefined> {
  const text = 'select thumb from media_content where channel = $1 and file = $2'
  return (await pool.query<{ thumb: Buffer | null }>(text, [channel, file])).rows[0]?.thumb ?? undefined
}
