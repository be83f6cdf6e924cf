import type { DeclaredMoment } from '../world/index.ts'

/** What happens with a show that triggers can be set off by. */
export const showMoments = {
  showStarted: { by: 'nobody', figures: { show: { is: 'number' }, resumed: { is: 'number' } } },
  showEnded: {
    by: 'nobody',
    figures: { show: { is: 'number' }, seconds: { is: 'number', says: 'how long the show was, in seconds' } },
  },
} as const satisfies Readonly<Record<string, DeclaredMoment>>

type Declared = typeof showMoments
declare module '../world/moments.ts' {
  interface Moments extends Declared {}
}
