import type { World } from '../world/index.ts'
import { Chance } from './chance.ts'

/** Where the seed of a round or raffle comes from: random for it alone, or (opened before that) derived from the channel's seed. */
export type SeedOrigin = 'own' | 'channel'

/** The first 32 bytes, in hex, of what a stream gives. */
const seedFrom = (chance: Chance): string =>
  Array.from({ length: 4 }, () =>
    chance
      .big(2n ** 64n)
      .toString(16)
      .padStart(16, '0'),
  ).join('')

/**
 * A new seed for one round or raffle, 32 bytes in hex. It follows from the intent's entropy alone, which is kept nowhere,
 * so no other seed, told or untold, says anything about it.
 * @throws if the intent brought no entropy.
 */
export function ownSeed(world: World, id: number): string {
  if (!/^[0-9a-f]{64}$/.test(world.entropy)) throw new Error('This intent brought no entropy to make a seed from.')
  return seedFrom(new Chance(world.entropy, `seed/${id}`))
}

/**
 * The seed that rounds and raffles had before each had one of its own: derived from the channel's seed that was open when
 * they began. Only for checking those. @param seed - 32 bytes in hex.
 */
export const derivedSeed = (seed: string, id: number): string => seedFrom(new Chance(seed, `round/${id}`))
