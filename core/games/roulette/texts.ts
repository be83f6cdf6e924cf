import { field, SAMPLE_VIEWER } from '../../texts/index.ts'
import { colour, commitment, type GameText, number, paid, seconds, text, viewer, word } from '../text.ts'

/** What is said of the wheel. */
export const ROULETTE_TEXTS = {
  'roulette.opened': text(
    'Bets are taken',
    [viewer, seconds, word, commitment],
    ['The wheel is open for {{ seconds }} s: !{{ word }} 50 red, !{{ word }} 20 17, !{{ word }} 10 second dozen.'],
  ),
  'roulette.bet': text(
    'Somebody bets',
    [viewer, field('bets', 'what they bet', '50 on red')],
    ['{{ viewer.name }}: {{ bets }}.'],
  ),
  'roulette.spun': text(
    'The wheel has stopped',
    [number, colour, field('winners', 'who won what, or "nobody"', `${SAMPLE_VIEWER} 100 points`), paid],
    [
      '{{ number }} {{ colour }}! Paid: {{ winners }}.',
      'The ball rattles, hops, and lies down in {{ number }} {{ colour }}. Paid: {{ winners }}.',
    ],
    'long',
  ),
} as const satisfies Readonly<Record<string, GameText>>
