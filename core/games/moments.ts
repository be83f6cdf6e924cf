import type { DeclaredMoment } from '../world/index.ts'

/** What happens in games that triggers can be set off by. */
export const gameMoments = {
  gameWon: {
    by: 'viewer',
    figures: {
      game: { is: 'text', says: 'what was played' },
      paid: { is: 'number', says: 'what was paid out' },
      stake: { is: 'number', says: 'what was staked' },
    },
  },
  gameLost: {
    by: 'viewer',
    figures: {
      game: { is: 'text', says: 'what was played' },
      lost: { is: 'number', says: 'what of the stake was lost' },
      stake: { is: 'number', says: 'what was staked' },
    },
  },
  heistEnded: {
    by: 'nobody',
    figures: {
      site: { is: 'text', says: 'where it went' },
      crew: { is: 'number', says: 'how many there were' },
      out: { is: 'number', says: 'how many got out' },
      paid: { is: 'number', says: 'what they carried home' },
    },
  },
  cupWon: {
    by: 'viewer',
    figures: {
      name: { is: 'text', says: 'what the cup is called' },
      paid: { is: 'number', says: 'what the winner got' },
    },
  },
} as const satisfies Readonly<Record<string, DeclaredMoment>>

type Declared = typeof gameMoments
declare module '../world/moments.ts' {
  interface Moments extends Declared {}
}
