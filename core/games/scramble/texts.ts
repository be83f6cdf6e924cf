import { field, SAMPLE_VIEWER, SECOND_VIEWER } from '../../texts/index.ts'
import { commitment, crew, type GameText, seconds, stake, text, viewer, winner, word } from '../text.ts'

const needed = field('needed', 'how many it takes', '2')

/** What is said of a scramble. */
export const SCRAMBLE_TEXTS = {
  'scramble.opened': text(
    'A scramble gathers',
    [viewer, stake, field('adds', 'what the house adds; empty: nothing', '500 points'), seconds, word, commitment],
    [
      'A scramble, everyone against everyone: !{{ word }} to join ({{ stake }}){% if adds != "" %}, the house adds {{ adds }}{% endif %}. It starts in {{ seconds }} s.',
    ],
  ),
  'scramble.joined': text('Somebody comes in', [viewer, stake, crew], ['{{ viewer.name }} is in ({{ crew }} now).']),
  'scramble.tooFew': text(
    'Too few came',
    [crew, needed],
    ['Only {{ crew }} came, and it takes {{ needed }}: no scramble, all stakes are refunded.'],
  ),
  'scramble.started': text(
    'It begins',
    [crew, field('prize', 'what there is to win', '950 points')],
    ['{{ crew }} of you, one prize of {{ prize }}, and everybody has the same chance. Here it goes.'],
  ),
  'scramble.wave': text(
    'A wave is out',
    [field('gone', 'who is out', 'umbra_coil'), field('left', 'how many are still in', '5')],
    ['Out: {{ gone }}. {{ left }} left.'],
    'long',
  ),
  'scramble.ended': text(
    'Somebody is left',
    [winner, field('places', 'who gets what', `${SAMPLE_VIEWER} 570, ${SECOND_VIEWER} 285`)],
    ['{{ winner.name }} is the last one standing. Paid: {{ places }}.'],
    'long',
  ),
} as const satisfies Readonly<Record<string, GameText>>
