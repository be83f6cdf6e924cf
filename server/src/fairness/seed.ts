import { randomBytes } from 'node:crypto'
import type { Channels } from '../channels.ts'

/** 32 random bytes in hex, from the system's generator. */
export const newSeed = (): string => randomBytes(32).toString('hex')

/** Publishes the seed that was drawn from and opens another. @param key - Of what it follows from: once for each. */
export async function rotateSeed(channels: Channels, channel: number, key: string): Promise<void> {
  await channels.submit(channel, `seed/${key}`, { kind: 'fairness.seed', seed: newSeed() })
}

/**
 * Makes sure that every channel has a seed to draw from, and knows whose it is and where it is found. To be called at the
 * start, and once a channel was made.
 */
export async function settleIn(channels: Channels, publicUrl: string, chatIssuer: string): Promise<void> {
  const found = await channels.pool.query<{ id: number; slug: string; owner: string }>(
    'select id, slug, owner from channel',
  )
  for (const { id, slug, owner } of found.rows) {
    // A key of its own for each start: what was true then may not be now.
    const key = `settle/${newSeed()}`
    const home = { owner, chatIssuer, address: `${publicUrl}/c/${slug}` }
    await channels.submit(id, `${key}/home`, { kind: 'channel.home', home })
    await channels.submit(id, `${key}/seed`, { kind: 'fairness.seed', seed: newSeed(), first: true })
  }
}
