import { Chance } from '../fairness/index.ts'

/** The label by which a round's own seed is drawn from the channel's open seed. */
export const seedLabel = (round: number): string => `round/${round}`

/**
 * A round's own seed: the first 32 bytes, in hex, of what the channel's open seed gives for the round's label. It can be told when the round
 * ends without giving the open seed away, and is itself checkable once that one is published.
 */
export const seedFrom = (chance: Chance): string =>
  Array.from({ length: 4 }, () =>
    chance
      .big(2n ** 64n)
      .toString(16)
      .padStart(16, '0'),
  ).join('')

/** The seed of a round from the channel's seed that was open when it began. @param seed - 32 bytes in hex. */
export const roundSeedOf = (seed: string, round: number): string => seedFrom(new Chance(seed, seedLabel(round)))
