import { randomBytes } from 'node:crypto'
import type { Channels } from '../channels.ts'

/** 32 random bytes in hex, from the system's generator. */
export const newSeed = (): string => randomBytes(32).toString('hex')

/** Publishes the seed that was drawn from and opens another. @param key - Of what it follows from: once for each. */
export async function rotateSeed(channels: Channels, channel: number, key: string): Promise<void> {
  await channels.submit(channel, `seed/${key}`, { kind: 'fairness.seed', seed: newSeed() })
}
