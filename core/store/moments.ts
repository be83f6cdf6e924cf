import type { DeclaredMoment } from '../world/index.ts'

/** What happens in the store that triggers can be set off by. */
export const storeMoments = {
  orderPlaced: {
    by: 'viewer',
    figures: {
      reward: { is: 'number' },
      name: { is: 'text', says: 'the reward that was ordered' },
      price: { is: 'number', says: 'what it cost' },
      text: { is: 'text', says: 'what was typed to it' },
    },
  },
} as const satisfies Readonly<Record<string, DeclaredMoment>>

type Declared = typeof storeMoments
declare module '../world/moments.ts' {
  interface Moments extends Declared {}
}
