import type { DeclaredMoment } from '../world/index.ts'

const bet = {
  bet: { is: 'number' },
  setup: { is: 'number' },
  question: { is: 'text', says: 'what is bet on' },
} as const
const inIt = {
  people: { is: 'number', says: 'how many have bet' },
  pot: { is: 'text', says: 'what is in the pot' },
} as const

/** What happens in bets that triggers can be set off by. */
export const betMoments = {
  betOpened: { by: 'nobody', figures: bet },
  betLocked: { by: 'nobody', figures: { ...bet, ...inIt } },
  betSettled: {
    by: 'nobody',
    figures: {
      ...bet,
      ...inIt,
      winner: { is: 'text', says: 'what came true' },
      winners: { is: 'number', says: 'how many had bet on it' },
      prize: { is: 'text', says: 'what they share beside their stakes' },
    },
  },
} as const satisfies Readonly<Record<string, DeclaredMoment>>

type Declared = typeof betMoments
declare module '../world/moments.ts' {
  interface Moments extends Declared {}
}
