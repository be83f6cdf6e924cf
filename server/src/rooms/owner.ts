import type { Pool } from '../database/index.ts'

/**
 * Notes that a room is a channel's. @returns false: another channel sits there.
 * @param place - The room with its network: "chat.example:6697/#bench".
 */
export async function ownRoom(pool: Pool, channel: number, place: string): Promise<boolean> {
  const insert = 'insert into room_owner (place, owner) values ($1, $2) on conflict do nothing'
  await pool.query(insert, [place, channel])
  const found = await pool.query<{ owner: number }>('select owner from room_owner where place = $1', [place])
  return found.rows[0]?.owner === channel
}

/** Lets go of every room that is not one of these: others may sit there then. */
export async function letGoOfRooms(pool: Pool, channel: number, but: readonly string[]): Promise<void> {
  await pool.query('delete from room_owner where owner = $1 and place <> all($2::text[])', [channel, but])
}
