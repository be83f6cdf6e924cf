import type { DeclaredMoment } from '../world/index.ts'

/** What happens to ranks that triggers can be set off by. */
export const rankMoments = {
  rankReached: {
    by: 'viewer',
    figures: { rank: { is: 'number' }, name: { is: 'text', says: 'the rank that was reached' } },
  },
} as const satisfies Readonly<Record<string, DeclaredMoment>>

type Declared = typeof rankMoments
declare module '../world/moments.ts' {
  interface Moments extends Declared {}
}
