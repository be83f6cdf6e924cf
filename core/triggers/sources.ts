import type { Moment } from '../world/index.ts'
import type { Source, SourceKind } from './schema.ts'

/** The moments that a kind of trigger is set off by. */
const MOMENTS: Readonly<Record<SourceKind, readonly string[]>> = {
  follow: ['follow'],
  subscription: ['subscription', 'resubscription'],
  gift: ['gift'],
  raid: ['raid'],
  tip: ['tip'],
  cheer: ['cheer'],
  firstInShow: ['firstInShow'],
  firstEver: ['firstEver'],
  showStarted: ['showStarted'],
  showEnded: ['showEnded'],
  outside: ['redeemed'],
  timer: [],
  rankReached: ['rankReached'],
  orderPlaced: ['orderPlaced'],
  gameWon: ['gameWon'],
  heistEnded: ['heistEnded'],
  cupWon: ['cupWon'],
  raffleOpened: ['raffleOpened'],
  raffleEntered: ['raffleEntered'],
  raffleReminder: ['raffleReminder'],
  raffleClosingSoon: ['raffleClosingSoon'],
  raffleClosed: ['raffleClosed'],
  raffleWon: ['raffleWon'],
  raffleClaimed: ['raffleClaimed'],
  raffleUnclaimed: ['raffleUnclaimed'],
}

/** The figure that a range is of. */
const MEASURED: Readonly<Record<string, string>> = {
  subscription: 'tier',
  gift: 'count',
  raid: 'viewers',
  tip: 'amount',
  cheer: 'amount',
  gameWon: 'paid',
}

/** The figures that a kind of trigger brings, with what they tell. */
export const FIGURES: Readonly<Record<SourceKind, Readonly<Record<string, string>>>> = {
  follow: {},
  firstInShow: {},
  firstEver: {},
  showStarted: {},
  showEnded: { seconds: 'how long the show was, in seconds' },
  subscription: { tier: 'the tier, 1 to 3', months: 'months in a row, where the platform tells' },
  gift: { count: 'how many were given', tier: 'their tier' },
  raid: { viewers: 'how many viewers came along' },
  tip: { amount: 'whole units of money', paid: 'what the earning plan paid for it' },
  cheer: { amount: 'how much was cheered', paid: 'what the earning plan paid for it' },
  outside: { name: 'what the reward is called', text: 'what was typed to it' },
  timer: {},
  gameWon: { game: 'what was played', paid: 'what was paid out', stake: 'what was staked' },
  heistEnded: {
    site: 'where it went',
    crew: 'how many there were',
    out: 'how many got out',
    paid: 'what they carried home',
  },
  cupWon: { name: 'what the cup is called', paid: 'what the winner got' },
  raffleOpened: { title: 'what the raffle is called', word: 'the word to type' },
  raffleEntered: {
    title: 'what the raffle is called',
    word: 'the word to type',
    people: 'how many are in',
    tickets: 'how many tickets there are',
    own: 'how many are theirs',
  },
  raffleReminder: {
    title: 'what the raffle is called',
    word: 'the word to type',
    people: 'how many are in',
    tickets: 'how many tickets there are',
  },
  raffleClosingSoon: {
    title: 'what the raffle is called',
    word: 'the word to type',
    people: 'how many are in',
    tickets: 'how many tickets there are',
    seconds: 'how many seconds are left',
  },
  raffleClosed: {
    title: 'what the raffle is called',
    word: 'the word to type',
    people: 'how many are in',
    tickets: 'how many tickets there are',
    paid: 'what the tickets brought',
  },
  raffleWon: {
    title: 'what the raffle is called',
    word: 'the word to type',
    chance: 'the chance they had',
    prize: 'what there is to win',
    draw: 'the number of the draw',
  },
  raffleClaimed: {
    title: 'what the raffle is called',
    word: 'the word to type',
    line: 'what they said',
    draw: 'the number of the draw',
  },
  raffleUnclaimed: { title: 'what the raffle is called', word: 'the word to type', draw: 'the number of the draw' },
  rankReached: { name: 'the rank that was reached' },
  orderPlaced: { name: 'the reward that was ordered', price: 'what it cost', text: 'what was typed to it' },
}

/** Kinds that nobody sets off: there is no viewer in their steps. */
export const hasViewer = (kind: SourceKind): boolean => !BY_NOBODY.has(kind)

const BY_NOBODY: ReadonlySet<SourceKind> = new Set([
  'timer',
  'showStarted',
  'showEnded',
  'heistEnded',
  'raffleOpened',
  'raffleReminder',
  'raffleClosingSoon',
  'raffleClosed',
])

/** Whether a moment sets a trigger of this source off. */
export function setsOff(source: Source, { kind, figures }: Moment): boolean {
  if (!MOMENTS[source.of].includes(kind)) return false
  if ('setup' in source) return source.setup === null || figures.setup === source.setup
  switch (source.of) {
    case 'subscription':
    case 'gift':
    case 'raid':
    case 'tip':
    case 'cheer':
    case 'gameWon': {
      const measured = Number(figures[MEASURED[source.of] ?? ''] ?? 0)
      return measured >= source.from && (source.to === null || measured <= source.to)
    }
    case 'outside':
      return figures.reward === source.reward
    case 'rankReached':
      return source.rank === null || figures.rank === source.rank
    case 'orderPlaced':
      return source.reward === null || figures.reward === source.reward
    case 'showStarted':
      return figures.resumed !== 1
    default:
      return true
  }
}
