import { field } from '../../texts/index.ts'
import { type GameText, paid, stake, text, viewer } from '../text.ts'

/** What is said of the coin. */
export const COIN_TEXTS = {
  'coin.won': text(
    'The right side is up',
    [viewer, field('side', 'the side that is up', 'heads'), paid, stake],
    ['{{ viewer.name }}: {{ side }} it is, {{ paid }} back for {{ stake }}.'],
  ),
  'coin.lost': text(
    'The wrong side is up',
    [viewer, field('side', 'the side that is up', 'tails'), stake],
    ['{{ viewer.name }}: {{ side }}. There go {{ stake }}.'],
  ),
} as const satisfies Readonly<Record<string, GameText>>
