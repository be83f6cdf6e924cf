import type { HeistSite } from './schema.ts'

/** The places a heist can go to that ship with the product. Each plan returns 92 % to 99 % of its stake, whatever the crew (a test counts that). */
export const SITES: readonly HeistSite[] = [
  {
    name: 'The museum',
    fromCrew: 1,
    bonusPpm: 4000,
    capPpm: 812_000,
    rooms: [
      {
        name: 'the back door',
        throughPpm: 800_000,
        multiplier: 118,
        through: 'The back door was never locked.',
        caught: 'The back door has a new bell on it.',
      },
      {
        name: 'the long gallery',
        throughPpm: 800_000,
        multiplier: 148,
        through: 'Nobody in the long gallery but marble heads.',
        caught: 'One of the marble heads in the long gallery was a guard.',
      },
      {
        name: 'the glass case',
        throughPpm: 800_000,
        multiplier: 183,
        through: 'The glass case opens like a cupboard.',
        caught: 'The glass case sings at the first touch.',
      },
    ],
  },
  {
    name: 'The harbour',
    fromCrew: 4,
    bonusPpm: 1500,
    capPpm: 758_000,
    rooms: [
      {
        name: 'the fence',
        throughPpm: 880_000,
        multiplier: 108,
        through: 'Over the fence, one after the other.',
        caught: 'A jacket stays on the fence, with somebody in it.',
      },
      {
        name: 'the crane',
        throughPpm: 750_000,
        multiplier: 144,
        through: 'Along the crane, without looking down.',
        caught: 'The crane starts to move.',
      },
      {
        name: 'the container',
        throughPpm: 750_000,
        multiplier: 192,
        through: 'The container holds what was promised.',
        caught: 'The container closes from outside.',
      },
      {
        name: 'the captain’s cabin',
        throughPpm: 750_000,
        multiplier: 254,
        through: 'The captain sleeps soundly.',
        caught: 'The captain does not sleep at all.',
      },
    ],
  },
  {
    name: 'The last train',
    fromCrew: 10,
    bonusPpm: 500,
    capPpm: 705_000,
    rooms: [
      {
        name: 'the platform',
        throughPpm: 900_000,
        multiplier: 105,
        through: 'On board with the last whistle.',
        caught: 'The doors close a second too early.',
      },
      {
        name: 'the dining car',
        throughPpm: 700_000,
        multiplier: 150,
        through: 'Through the dining car, between soup and fish.',
        caught: 'A waiter remembers a face.',
      },
      {
        name: 'the roof',
        throughPpm: 700_000,
        multiplier: 215,
        through: 'Across the roof, heads down.',
        caught: 'Nobody had said anything about a tunnel.',
      },
      {
        name: 'the strongroom',
        throughPpm: 700_000,
        multiplier: 308,
        through: 'Out of the strongroom with both hands full.',
        caught: 'The strongroom has a second lock.',
      },
    ],
  },
]
