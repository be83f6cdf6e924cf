import type { World } from '../world/index.ts'
import { Chance } from './chance.ts'
import { chanceFor } from './seeds.ts'

/** The label by which the seed of a round or raffle of its own is drawn from the channel's open seed. */
const seedLabel = (id: number): string => `round/${id}`

/** The first 32 bytes, in hex, of what a stream gives. */
const seedFrom = (chance: Chance): string =>
  Array.from({ length: 4 }, () =>
    chance
      .big(2n ** 64n)
      .toString(16)
      .padStart(16, '0'),
  ).join('')

/**
 * A seed of its own for a round or raffle: the first 32 bytes, in hex, of what the channel's open seed gives for its label. It can be told
 * when that ends without giving the open seed away, and is itself checkable once that one is published.
 */
export const ownSeed = (world: World, id: number): string => seedFrom(chanceFor(world, seedLabel(id)))

/** The seed of a round or raffle from the channel's seed that was open when it began. @param seed - 32 bytes in hex. */
export const roundSeedOf = (seed: string, id: number): string => seedFrom(new Chance(seed, seedLabel(id)))
