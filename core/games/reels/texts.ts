import { field } from '../../texts/index.ts'
import { type GameText, paid, stake, text, viewer } from '../text.ts'

/** What is said of the reels. */
export const REELS_TEXTS = {
  'reels.won': text(
    'A line of the table is met',
    [viewer, field('shown', 'what the reels show', 'star · star · drop'), paid, stake],
    ['{{ viewer.name }}: {{ shown }} pays {{ paid }}.'],
  ),
  'reels.lost': text(
    'No line is met',
    [viewer, field('shown', 'what the reels show', 'star · leaf · drop'), stake],
    [
      '{{ viewer.name }}: {{ shown }}. The machine keeps {{ stake }}.',
      '{{ viewer.name }}: {{ shown }}. Nothing this time; {{ stake }} gone.',
    ],
  ),
} as const satisfies Readonly<Record<string, GameText>>
