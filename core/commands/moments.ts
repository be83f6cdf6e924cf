import type { DeclaredMoment } from '../world/index.ts'

/** What happens in chat that triggers can be set off by. */
export const commandMoments = {
  /** Any line: timers count them. */
  said: { by: 'viewer', figures: {} },
  firstEver: { by: 'viewer', figures: {} },
  firstInShow: { by: 'viewer', figures: {} },
} as const satisfies Readonly<Record<string, DeclaredMoment>>

type Declared = typeof commandMoments
declare module '../world/moments.ts' {
  interface Moments extends Declared {}
}
