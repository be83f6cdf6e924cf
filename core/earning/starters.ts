import { earningSetting } from './plan.ts'
import type { EarningPlan } from './schema.ts'

/** A plan that fills in everything sensibly at once. */
export interface Starter {
  /** How many people are usually in the room. */
  readonly audience: string
  readonly plan: EarningPlan
}

const adds = (plus: number, times = 100) => ({ plus, times })
const empty = earningSetting.initial

const thanks = {
  follow: { say: 'Thank you for following, {{ viewer.name }}!', alert: '' },
  subscription: { say: '', alert: '{{ viewer.name }} subscribed' },
  gift: { say: '', alert: '{{ viewer.name }} gave away {{ support.count }}' },
  raid: { say: 'Welcome, all of you who came with {{ viewer.name }}!', alert: '' },
  tip: { say: '', alert: '{{ viewer.name }} tipped {{ support.amount }}' },
}

/** Where each person counts: generous, quick to show, and chatting is worth as much as watching. */
const small: EarningPlan = {
  ...empty,
  intervalSeconds: 300,
  base: 10,
  standings: {
    follower: adds(2),
    tier1: adds(0, 150),
    tier2: adds(0, 175),
    tier3: adds(0, 250),
    moderator: adds(5),
  },
  active: { plus: 5, withinSeconds: 600 },
  chat: { amount: 2, everySeconds: 120, commands: false, offAir: false },
  checkIn: { amount: 25, streakPlus: 5, streakMost: 50, missedAllowed: true },
  welcome: 50,
  support: {
    ...empty.support,
    follow: 50,
    subscription: [250, 500, 1250],
    gift: 100,
    giftReceived: 50,
    raid: { fixed: 100, perViewer: 5, followersOnly: false },
    tip: 40,
    cheer: 60,
    thanks,
  },
}

/** Where regulars and newcomers meet: bonuses for staying, a little wait against prize hunters. */
const growing: EarningPlan = {
  ...small,
  base: 8,
  standings: {
    follower: adds(2),
    tier1: adds(0, 150),
    tier2: adds(0, 175),
    tier3: adds(0, 200),
    moderator: adds(2),
  },
  active: { plus: 2, withinSeconds: 600 },
  chat: { amount: 1, everySeconds: 300, commands: false, offAir: false },
  checkIn: { amount: 20, streakPlus: 2, streakMost: 30, missedAllowed: true },
  welcome: 20,
  newcomerWaitSeconds: 3600,
  support: {
    ...small.support,
    follow: 25,
    subscription: [200, 400, 1000],
    gift: 75,
    giftReceived: 20,
    raid: { fixed: 50, perViewer: 2, followersOnly: true },
    tip: 30,
    cheer: 45,
  },
}

/** Where thousands are present: watching is what pays, chat is not flooded for it, and newcomers wait a day. */
const large: EarningPlan = {
  ...growing,
  intervalSeconds: 600,
  base: 10,
  standings: {
    follower: adds(1),
    tier1: adds(0, 125),
    tier2: adds(0, 150),
    tier3: adds(0, 200),
    moderator: adds(0),
  },
  active: { plus: 1, withinSeconds: 900 },
  chat: { ...growing.chat, amount: 0 },
  checkIn: { amount: 10, streakPlus: 1, streakMost: 15, missedAllowed: false },
  welcome: 0,
  newcomerWaitSeconds: 86_400,
  support: {
    ...growing.support,
    follow: 10,
    subscription: [150, 300, 750],
    gift: 50,
    giftReceived: 0,
    raid: { fixed: 50, perViewer: 1, followersOnly: true },
    tip: 20,
    cheer: 30,
  },
}

/** The plans to start from. One can go into detail later; what differs from the starter is shown. */
export const STARTERS: readonly Starter[] = [
  { audience: 'up to 50 viewers', plan: small },
  { audience: '50 to 500 viewers', plan: growing },
  { audience: 'over 500 viewers', plan: large },
]
