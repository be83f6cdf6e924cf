import type { DeclaredMoment } from '../world/index.ts'

const goal = {
  goal: { is: 'number' },
  title: { is: 'text', says: 'what is promised' },
  target: { is: 'text', says: 'how much it takes' },
  paid: { is: 'text', says: 'how much is in it' },
  people: { is: 'number', says: 'how many have chipped in' },
} as const

/** What happens with goals that triggers can be set off by. The viewer is who gave last. */
export const goalMoments = {
  goalMilestone: {
    by: 'viewer',
    figures: { ...goal, milestone: { is: 'text', says: 'what the milestone is called' } },
  },
  goalReached: { by: 'viewer', figures: goal },
} as const satisfies Readonly<Record<string, DeclaredMoment>>

type Declared = typeof goalMoments
declare module '../world/moments.ts' {
  interface Moments extends Declared {}
}
