import { and, asc, desc, eq, isNull } from 'drizzle-orm'
import type { UnixSeconds } from '#core/schema'
import { alertsSetting, type OverlaySettings } from '#core/screen'
import { type Pool, type Reader, schema } from '../database/index.ts'
import { keyring } from '../keys/index.ts'
import { settingOf } from '../settings/index.ts'

/** An overlay counts as connected for this long after its page last gave a sign of life (every 15 s). */
export const ALIVE_SECONDS = 40

const { alert, media, overlay, overlayPresence } = schema

/** The overlays of a channel, each with whether some streaming program has it open, and when it was last seen. */
export async function overlaysOf(db: Reader, channel: number, now: number) {
  const { id, name, secret, width, height, pieces, background } = overlay
  const rows = await db
    .select({ id, name, secret, width, height, pieces, background, seenAt: overlayPresence.seenAt })
    .from(overlay)
    .leftJoin(
      overlayPresence,
      and(eq(overlayPresence.channel, overlay.channel), eq(overlayPresence.overlay, overlay.id)),
    )
    .where(and(eq(overlay.channel, channel), isNull(overlay.goneAt)))
    .orderBy(asc(overlay.id))
  return rows.map((row) => ({ ...row, connected: row.seenAt !== null && now - row.seenAt <= ALIVE_SECONDS }))
}

export const alertsOf = (db: Reader, channel: number) =>
  db
    .select({ id: alert.id, settings: alert.settings })
    .from(alert)
    .where(and(eq(alert.channel, channel), isNull(alert.goneAt)))
    .orderBy(asc(alert.id))

/** The files of the library, the newest first. */
export const mediaOf = (db: Reader, channel: number) => {
  const { file, name, kind, bytes, width, height, ms, addedAt } = media
  return db
    .select({ file, name, kind, bytes, width, height, ms, addedAt })
    .from(media)
    .where(and(eq(media.channel, channel), isNull(media.goneAt)))
    .orderBy(desc(media.addedAt), asc(media.file))
}

export const alertsPaused = async (db: Reader, channel: number): Promise<boolean> =>
  (await settingOf(db, channel, alertsSetting)).paused

/** What the page of an overlay is told of it; the background is for placing at the desk only. */
export async function overlayById(
  db: Reader,
  channel: number,
  id: number,
): Promise<Omit<OverlaySettings, 'background'>> {
  const { name, width, height, pieces } = overlay
  const [found] = await db
    .select({ name, width, height, pieces })
    .from(overlay)
    .where(and(eq(overlay.channel, channel), eq(overlay.id, id)))
  if (found === undefined) throw new Error(`The overlay ${id} of channel ${channel} is gone.`)
  return found
}

/** The overlay with a secret address, or undefined. `seen` notes when its page gave a sign of life; below 0 that it closed then. */
export async function screenOf(pool: Pool, secret: string) {
  const found = await pool.query<{ channel: number; id: number }>(
    'select channel, id from overlay where secret_hash = $1 and gone_at is null',
    [keyring().lookupHash(secret)],
  )
  const row = found.rows[0]
  if (row === undefined) return undefined
  const text = `insert into overlay_presence (channel, overlay, seen_at) values ($1, $2, $3)
    on conflict (channel, overlay) do update set seen_at = excluded.seen_at`
  return { channel: row.channel, id: row.id, seen: (at: UnixSeconds) => pool.query(text, [row.channel, row.id, at]) }
}
