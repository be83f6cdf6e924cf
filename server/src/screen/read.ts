import { and, asc, eq } from 'drizzle-orm'
import { type Pool, type Reader, schema } from '../database/index.ts'

/** An overlay counts as connected for this long after its page last gave a sign of life (every 15 s). */
const ALIVE_SECONDS = 40

const { overlay, overlayPresence } = schema

/** The overlays of a channel, each with whether some streaming program has it open. */
export async function overlaysOf(db: Reader, channel: number, now: number) {
  const rows = await db
    .select({ id: overlay.id, name: overlay.name, secret: overlay.secret, seenAt: overlayPresence.seenAt })
    .from(overlay)
    .leftJoin(
      overlayPresence,
      and(eq(overlayPresence.channel, overlay.channel), eq(overlayPresence.overlay, overlay.id)),
    )
    .where(eq(overlay.channel, channel))
    .orderBy(asc(overlay.id))
  return rows.map(({ seenAt, ...row }) => ({ ...row, connected: seenAt !== null && now - seenAt <= ALIVE_SECONDS }))
}

/** The overlay with a secret address, or undefined. `seen` notes when its page gave a sign of life; 0 when it closed. */
export async function screenOf(pool: Pool, secret: string) {
  const found = await pool.query('select channel, id from overlay where secret = $1', [secret])
  const row = found.rows[0] as { channel: number; id: number } | undefined
  if (row === undefined) return undefined
  const text = `insert into overlay_presence (channel, overlay, seen_at) values ($1, $2, $3)
    on conflict (channel, overlay) do update set seen_at = excluded.seen_at`
  return { channel: row.channel, seen: (at: number) => pool.query(text, [row.channel, row.id, at]) }
}
