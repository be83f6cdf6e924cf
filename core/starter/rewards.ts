import { type Currency, inWords } from '../currency/index.ts'
import { PLAIN_REWARD, type RewardSettings, UNLIMITED } from '../store/index.ts'
import type { StarterPiece } from './piece.ts'

type Offer = Pick<RewardSettings, 'name' | 'word' | 'description'> &
  Partial<RewardSettings> & {
    /** What it costs, in minutes of watching. */
    readonly minutes: number
  }

const shown = (title: string, sound: 'bell' | 'whistle' | 'ratchet', picture: 'sparks' | 'tag' | 'postcard') =>
  [{ do: 'alert', title, line: '', picture, sound, seconds: 6 }] as const

const text = (question: string, most = 200) => ({ of: 'text', question, least: 1, most }) as const

/** What can be bought with ten minutes of watching, and what takes weeks: of every kind something. */
const OFFERS: readonly Offer[] = [
  {
    ...{ name: 'Say hello on screen', word: 'hello', minutes: 10 },
    description: 'Your name appears on the stream.',
    ...{ kind: 'itself', picture: 'tag', steps: [...shown('{{ viewer.name }} says hello', 'bell', 'tag')] },
    rest: { everyoneSeconds: 30, eachSeconds: 300 },
  },
  {
    ...{ name: 'A question answered', word: 'question', minutes: 15 },
    description: 'Your question is read out and answered.',
    ...{ picture: 'guide', asks: text('What do you want to know?') },
  },
  {
    ...{ name: 'Sparks', word: 'sparks', minutes: 20 },
    description: 'A shower of sparks on the stream.',
    ...{ kind: 'itself', picture: 'sparks', steps: [...shown('Sparks, from {{ viewer.name }}', 'ratchet', 'sparks')] },
    rest: { everyoneSeconds: 60, eachSeconds: 0 },
  },
  {
    ...{ name: 'Sound the whistle', word: 'whistle', minutes: 30 },
    description: 'Everybody hears it.',
    ...{ kind: 'itself', picture: 'whistle', steps: [{ do: 'sound', sound: 'whistle' }] },
    rest: { everyoneSeconds: 120, eachSeconds: 0 },
  },
  {
    ...{ name: 'A message on screen', word: 'message', minutes: 60 },
    description: 'Your words, on the stream for everybody to read.',
    ...{ kind: 'itself', picture: 'postcard', asks: text('What shall it say?', 100) },
    steps: [
      {
        do: 'alert',
        title: '{{ viewer.name }}',
        line: '{{ order.text }}',
        picture: 'postcard',
        sound: 'bell',
        seconds: 8,
      },
    ],
    rest: { everyoneSeconds: 60, eachSeconds: 600 },
  },
  {
    ...{ name: 'A scramble for everybody', word: 'scramble-now', minutes: 90 },
    description: 'Opens a scramble that everybody can join.',
    ...{ kind: 'itself', picture: 'sparks', onAir: true, steps: [{ do: 'round', how: 'open', game: 'scramble' }] },
    rest: { everyoneSeconds: 1800, eachSeconds: 0 },
  },
  {
    ...{ name: 'Choose what comes next', word: 'next', minutes: 180 },
    description: 'You say what the show goes on with.',
    ...{ picture: 'clock', asks: text('What comes next?'), onAir: true },
    stock: { ...UNLIMITED, show: 3 },
  },
  {
    ...{ name: 'Name something', word: 'name-it', minutes: 240 },
    description: 'Something in the show bears the name that you give it.',
    ...{ picture: 'tag', asks: text('What is its name?', 60) },
  },
  {
    ...{ name: 'A week among the thanked', word: 'thanks', minutes: 480 },
    description: 'Your name is read out in every show for a week.',
    ...{ picture: 'postcard', perk: { seconds: 604_800, circle: null } },
  },
  {
    ...{ name: 'An evening’s topic', word: 'topic', minutes: 1200 },
    description: 'A whole show about what you wish for, within reason.',
    ...{ picture: 'lamp', asks: text('What is the show to be about?') },
    stock: { ...UNLIMITED, show: 1 },
  },
]

/** A price that is easily read: two digits, then noughts. */
export function roundPrice(exact: number): number {
  const unit = 10 ** Math.max(0, Math.floor(Math.log10(Math.max(1, exact))) - 1)
  return Math.max(1, Math.round(exact / unit) * unit)
}

const timeInWords = (minutes: number): string => (minutes < 60 ? `${minutes} min` : `${minutes / 60} h`)

/** Rewards priced in hours of watching. @param hourly - What an hour of watching pays. */
export const rewardPieces = (hourly: number, currency: Currency): StarterPiece[] =>
  OFFERS.map(({ minutes, ...offer }) => {
    const price = roundPrice((hourly * minutes) / 60)
    return {
      key: `reward/${offer.word}`,
      name: offer.name,
      says: `${inWords(price, currency)}, about ${timeInWords(minutes)} of watching`,
      made: { of: 'reward', settings: { ...PLAIN_REWARD, ...offer, price } },
    }
  })
