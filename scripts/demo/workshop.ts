import type { HeistSite, SettingsOf } from '#core/games'

/** Where a heist of the workshop goes: the odds are those that every channel begins with. */
export const WORKSHOP_SITES: readonly HeistSite[] = [
  {
    name: 'The old tram depot',
    fromCrew: 1,
    bonusPpm: 4000,
    capPpm: 812_000,
    rooms: [
      {
        name: 'the side gate',
        throughPpm: 800_000,
        multiplier: 118,
        through: 'The side gate gives way with a sigh of old grease.',
        caught: 'The side gate squeals, and a lantern swings round.',
      },
      {
        name: 'the paint shop',
        throughPpm: 800_000,
        multiplier: 148,
        through: 'Nobody in the paint shop but a cat and forty tins of tram green.',
        caught: 'A tin of tram green rolls across the paint shop floor. All the way across.',
      },
      {
        name: 'the ticket safe',
        throughPpm: 800_000,
        multiplier: 183,
        through: 'The ticket safe was only ever closed with string.',
        caught: 'The ticket safe rings like a tram bell.',
      },
    ],
  },
  {
    name: 'The clock tower',
    fromCrew: 4,
    bonusPpm: 1500,
    capPpm: 758_000,
    rooms: [
      {
        name: 'the coal door',
        throughPpm: 880_000,
        multiplier: 108,
        through: 'In by the coal door, out of breath, not out of luck.',
        caught: 'Somebody sneezes in the coal cellar. Twice.',
      },
      {
        name: 'the winding stair',
        throughPpm: 750_000,
        multiplier: 144,
        through: 'Two hundred steps, and not one of them creaks.',
        caught: 'Step ninety-nine of the winding stair is loose.',
      },
      {
        name: 'the great wheel',
        throughPpm: 750_000,
        multiplier: 192,
        through: 'The great wheel turns, and everybody turns with it.',
        caught: 'The great wheel takes a sleeve, and its owner with it.',
      },
      {
        name: 'the bell loft',
        throughPpm: 750_000,
        multiplier: 254,
        through: 'Quarter to twelve. The bells keep quiet.',
        caught: 'Midnight. The bells do not keep quiet.',
      },
    ],
  },
  {
    name: 'The night mail',
    fromCrew: 10,
    bonusPpm: 500,
    capPpm: 705_000,
    rooms: [
      {
        name: 'the signal box',
        throughPpm: 900_000,
        multiplier: 105,
        through: 'All signals green, thanks to a bit of foil.',
        caught: 'The signal box has a new man on, and he is awake.',
      },
      {
        name: 'the last carriage',
        throughPpm: 700_000,
        multiplier: 150,
        through: 'Onto the last carriage at a run.',
        caught: 'The last carriage was not the last. There is a guard in the one behind.',
      },
      {
        name: 'the roof walk',
        throughPpm: 700_000,
        multiplier: 215,
        through: 'Heads down for the bridge, everybody.',
        caught: 'Nobody had said anything about a bridge.',
      },
      {
        name: 'the parcel van',
        throughPpm: 700_000,
        multiplier: 308,
        through: 'Out of the parcel van with both hands full.',
        caught: 'One of the parcels was a postal inspector.',
      },
    ],
  },
]

/** What its reels show. */
export const WORKSHOP_REELS: Pick<SettingsOf['reels'], 'strip' | 'table'> = {
  strip: [
    { symbol: 'rivet', weight: 7 },
    { symbol: 'cog', weight: 6 },
    { symbol: 'clock', weight: 4 },
    { symbol: 'radio', weight: 3 },
    { symbol: 'lamp', weight: 2 },
  ],
  table: [
    { match: 'three', symbol: 'lamp', multiplier: 8080 },
    { match: 'three', symbol: 'radio', multiplier: 3360 },
    { match: 'three', symbol: 'clock', multiplier: 1610 },
    { match: 'three', symbol: 'cog', multiplier: 670 },
    { match: 'three', symbol: 'rivet', multiplier: 410 },
    { match: 'two', symbol: 'lamp', multiplier: 400 },
    { match: 'two', symbol: 'radio', multiplier: 270 },
    { match: 'two', symbol: 'clock', multiplier: 270 },
  ],
}
