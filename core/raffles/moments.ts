import type { DeclaredMoment } from '../world/index.ts'

const raffle = {
  raffle: { is: 'number' },
  setup: { is: 'number' },
  title: { is: 'text', says: 'what the raffle is called' },
  word: { is: 'text', says: 'the word to type' },
} as const
const inIt = {
  people: { is: 'number', says: 'how many are in' },
  tickets: { is: 'number', says: 'how many tickets there are' },
} as const
const draw = { is: 'number', says: 'the number of the draw' } as const

/** What happens in raffles that triggers can be set off by. */
export const raffleMoments = {
  raffleOpened: { by: 'nobody', figures: raffle },
  raffleEntered: {
    by: 'viewer',
    figures: { ...raffle, ...inIt, own: { is: 'number', says: 'how many are theirs' } },
  },
  raffleReminder: { by: 'nobody', figures: { ...raffle, ...inIt } },
  raffleClosingSoon: {
    by: 'nobody',
    figures: { ...raffle, ...inIt, seconds: { is: 'number', says: 'how many seconds are left' } },
  },
  raffleClosed: {
    by: 'nobody',
    figures: { ...raffle, ...inIt, paid: { is: 'text', says: 'what the tickets brought' } },
  },
  raffleWon: {
    by: 'viewer',
    figures: {
      ...raffle,
      chance: { is: 'text', says: 'the chance they had' },
      prize: { is: 'text', says: 'what there is to win' },
      draw,
    },
  },
  raffleClaimed: { by: 'viewer', figures: { ...raffle, line: { is: 'text', says: 'what they said' }, draw } },
  raffleUnclaimed: { by: 'viewer', figures: { ...raffle, draw } },
} as const satisfies Readonly<Record<string, DeclaredMoment>>

type Declared = typeof raffleMoments
declare module '../world/moments.ts' {
  interface Moments extends Declared {}
}
