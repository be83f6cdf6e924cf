import { digits } from '#core/currency'
import { type OverlaySettings, type Piece, type PieceKind, PLAIN_LOOK } from '#core/screen'
import { SAMPLE_VIEWERS } from '#core/texts'
import type { BetOnPage, GoalOnPage, RaffleOnPage, Shown } from '../../parts/screen/page.ts'
import { SAMPLE_ROUNDS } from './sampleRounds.ts'
import type { Box } from './snap.ts'

/** The kinds of pieces there are, with how one begins. */
export const PIECE_KINDS: readonly {
  readonly of: PieceKind
  readonly name: string
  readonly tells: string
  readonly fresh: (place: Pick<Piece, 'id' | 'x' | 'y'>) => Piece
}[] = [
  {
    of: 'alerts',
    name: 'Alert box',
    tells: 'plays alerts, one after the other',
    fresh: (place) => ({ ...common(place, 1240, 380), of: 'alerts', which: 'all' }),
  },
  {
    of: 'orders',
    name: 'Latest orders',
    tells: 'who bought what',
    fresh: (place) => ({ ...common(place, 520, 250), of: 'orders', title: 'Just ordered', many: 4 }),
  },
  {
    of: 'top',
    name: 'Top list',
    tells: 'who has most, watched longest or earned most',
    fresh: (place) => ({ ...common(place, 460, 300), of: 'top', title: 'Most hours', list: 'hours', many: 5 }),
  },
  {
    of: 'counter',
    name: 'Counter',
    tells: 'a figure of this show',
    fresh: (place) => ({ ...common(place, 320, 150), of: 'counter', title: 'paid this show', figure: 'paid' }),
  },
  {
    of: 'text',
    name: 'Text',
    tells: 'your own text, with live figures',
    fresh: (place) => ({ ...common(place, 620, 90), of: 'text', text: '{{ show.title }}' }),
  },
  {
    of: 'chat',
    name: 'Chat lines',
    tells: 'what is said in the room',
    fresh: (place) => ({ ...common(place, 520, 420), of: 'chat', many: 8, seconds: 60, bot: true }),
  },
  {
    of: 'raffle',
    name: 'Raffle',
    tells: 'prize, word and clock of one that closes within 12 hours, and every draw',
    fresh: (place) => ({ ...common(place, 760, 300), of: 'raffle', title: 'Raffle', always: false }),
  },
  {
    of: 'bet',
    name: 'Bet',
    tells: 'the question, the outcomes as they fill, the clock, and what came true',
    fresh: (place) => ({ ...common(place, 760, 360), of: 'bet', title: 'Bet', always: false }),
  },
  {
    of: 'goal',
    name: 'Goal',
    tells: 'what is promised, how far it has come, and who gave last',
    fresh: (place) => ({ ...common(place, 760, 220), of: 'goal', title: 'Goal', always: false }),
  },
  {
    of: 'crew',
    name: 'Heist',
    tells: 'the crew gathering, and the rooms',
    fresh: (place) => ({ ...common(place, 760, 400), of: 'crew', title: 'A heist is being planned', always: false }),
  },
  {
    of: 'duel',
    name: 'Duel',
    tells: 'the two who face each other',
    fresh: (place) => ({ ...common(place, 760, 280), of: 'duel', title: 'Duel', always: false }),
  },
  {
    of: 'wheel',
    name: 'Wheel',
    tells: 'the bets, and the wheel turning',
    fresh: (place) => ({ ...common(place, 760, 420), of: 'wheel', title: 'Bets, please', always: false }),
  },
  {
    of: 'reels',
    name: 'Reels and coin',
    tells: 'each pull and each toss',
    fresh: (place) => ({ ...common(place, 560, 340), of: 'reels', title: 'Reels', always: false }),
  },
  {
    of: 'bracket',
    name: 'Cup',
    tells: 'the bracket and the match that is called',
    fresh: (place) => ({ ...common(place, 1000, 520), of: 'bracket', title: 'Cup', always: false }),
  },
  {
    of: 'scramble',
    name: 'Scramble',
    tells: 'who is still in, wave by wave, and who is left',
    fresh: (place) => ({ ...common(place, 760, 400), of: 'scramble', title: 'A scramble', always: false }),
  },
  {
    of: 'boss',
    name: 'Boss fight',
    tells: 'who is fought, how far they are beaten, and who hits',
    fresh: (place) => ({ ...common(place, 760, 400), of: 'boss', title: 'A fight', always: false }),
  },
]

const common = (place: Pick<Piece, 'id' | 'x' | 'y'>, w: number, h: number) => ({
  ...place,
  w,
  h,
  locked: false,
  hidden: false,
  look: PLAIN_LOOK,
})

export const pieceName = (piece: Piece): string => PIECE_KINDS.find(({ of }) => of === piece.of)?.name ?? piece.of

/** A mark that no piece of the overlay bears yet. */
export function freshMark(pieces: readonly Piece[], of: PieceKind): string {
  for (let n = 1; ; n++) if (!pieces.some(({ id }) => id === `${of}${n}`)) return `${of}${n}`
}

/** Later than any time: a sample never grows old. */
const ALWAYS = Number.MAX_SAFE_INTEGER

/** What a piece shows in the editor, where nothing is live. */
export function sampleOf(piece: Piece, currency: string): Shown {
  switch (piece.of) {
    case 'orders':
      return { lines: sampleLines(piece.many, (i) => REWARDS[i % REWARDS.length] ?? '') }
    case 'top':
      return {
        lines: sampleLines(piece.many, (i) => (piece.list === 'hours' ? `${52 - 2 * i} h` : digits(6208 - 271 * i))),
      }
    case 'counter':
      return { figure: { paid: 9600, spent: 4120, orders: 31, present: 128 }[piece.figure] }
    case 'text':
      return { text: piece.text.replaceAll(/\{\{\s*([\w.]+)[^}]*\}\}/g, (_all, path: string) => SAMPLES[path] ?? '…') }
    case 'chat':
      return {
        said: [
          { at: ALWAYS, name: SAMPLE_VIEWERS[2], text: 'that solder joint is a work of art', bot: false },
          { at: ALWAYS, name: '', text: `pia_ohm has 312 ${currency}.`, bot: true },
        ],
      }
    case 'raffle':
      return { raffle: SAMPLE_RAFFLE }
    case 'bet':
      return { bet: SAMPLE_BET }
    case 'goal':
      return { goal: SAMPLE_GOAL }
    case 'alerts':
      return {}
    default:
      return { round: SAMPLE_ROUNDS[piece.of] }
  }
}

const SAMPLE_BET: BetOnPage = {
  id: 1,
  status: 'open',
  question: 'Will the radio play tonight?',
  lanes: [
    { name: 'Yes', word: 'yes', people: 31, staked: 4200 },
    { name: 'Only noise', word: 'noise', people: 12, staked: 1900 },
    { name: 'No', word: 'no', people: 6, staked: 700 },
  ],
  backers: 49,
  winner: null,
  rakeBp: 0,
  left: 80,
  word: 'back',
  winners: 0,
  prize: 0,
  refunded: false,
}

const SAMPLE_GOAL: GoalOnPage = {
  id: 1,
  title: 'Something together',
  paid: 5240,
  target: 12_000,
  milestones: [
    { at: 3000, name: 'A first step' },
    { at: 7000, name: 'Half the way' },
  ],
  lastName: SAMPLE_VIEWERS[2],
  lastAmount: 120,
  word: 'chip 100',
}

const SAMPLE_RAFFLE: RaffleOnPage = {
  id: 0,
  status: 'open',
  title: 'Raffle of the evening',
  prize: 'the prize of tonight',
  word: 'in',
  people: 34,
  tickets: 61,
  left: 154,
  names: SAMPLE_VIEWERS.slice(0, 5),
  drawing: null,
  waiting: [],
  won: [],
  wonAgo: null,
}

const SAMPLES: Readonly<Record<string, string>> = {
  'show.title': 'Thursday evening',
  'show.number': '64',
  'show.minutes': '42',
  'counts.present': '128',
  'now.time': '19:30',
  'now.date': '27 November 2026',
  'now.weekday': 'Friday',
}

const REWARDS = ['Say hello on screen', 'A question answered', 'Choose what comes next']

const sampleLines = (count: number, value: (place: number) => string) =>
  Array.from({ length: count }, (_, i) => ({ name: SAMPLE_VIEWERS[i] ?? `viewer_${i + 1}`, value: value(i) }))

/** An overlay's settings without what is not set: its address and how it stands. */
export const settingsOf = ({
  name,
  width,
  height,
  pieces,
  background,
}: Omit<OverlaySettings, 'pieces'> & { readonly pieces: readonly Piece[] }): OverlaySettings => ({
  name,
  width,
  height,
  pieces: [...pieces],
  background,
})

const overlap = (a: Box, b: Box): boolean => a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h

const STEP = 40

/** A place for a new piece where nothing is yet, from the top left on; where there is none: in the middle. */
export function freePlace(
  canvas: { width: number; height: number },
  others: readonly Box[],
  { w, h }: Pick<Box, 'w' | 'h'>,
) {
  for (let y = 60; y + h <= canvas.height - 40; y += STEP)
    for (let x = 60; x + w <= canvas.width - 40; x += STEP)
      if (!others.some((other) => overlap({ x, y, w, h }, other))) return { x, y }
  return { x: Math.round((canvas.width - w) / 2), y: Math.round((canvas.height - h) / 2) }
}
