import type { DeclaredMoment } from '../world/index.ts'

const paid = { is: 'number' } as const
const told = { is: 'number', says: 'what the earning plan paid for it' } as const
const subscription = {
  by: 'viewer',
  figures: {
    tier: { is: 'number', says: 'the tier, 1 to 3' },
    months: { is: 'number', says: 'months in a row, if the platform reports them', maybe: true },
    paid,
  },
} as const

/** What happens on the platform that triggers can be set off by. */
export const eventMoments = {
  follow: { by: 'viewer', figures: { paid } },
  subscription,
  resubscription: subscription,
  gift: {
    by: 'viewer',
    figures: {
      count: { is: 'number', says: 'how many were given' },
      tier: { is: 'number', says: 'their tier' },
      paid,
    },
  },
  giftReceived: { by: 'viewer', figures: { tier: { is: 'number' }, paid } },
  raid: { by: 'viewer', figures: { viewers: { is: 'number', says: 'how many viewers came along' }, paid } },
  tip: {
    by: 'viewer',
    figures: {
      amount: { is: 'number', says: 'whole units of money' },
      minorUnits: { is: 'number' },
      paid: told,
    },
  },
  cheer: { by: 'viewer', figures: { amount: { is: 'number', says: 'how much was cheered' }, paid: told } },
  redeemed: {
    by: 'viewer',
    figures: {
      /** The platform's own ids. */
      reward: { is: 'text' },
      redemption: { is: 'text' },
      name: { is: 'text', says: 'what the reward is called' },
      text: { is: 'text', says: 'what was typed to it' },
    },
  },
} as const satisfies Readonly<Record<string, DeclaredMoment>>

type Declared = typeof eventMoments
declare module '../world/moments.ts' {
  interface Moments extends Declared {}
}
