import { field, SAMPLE_VIEWER } from '../../texts/index.ts'
import { commitment, crew, type GameText, paid, seconds, stake, text, viewer, word } from '../text.ts'

/** What is said of a heist. */
export const HEIST_TEXTS = {
  'heist.opened': text(
    'A heist is being planned',
    [viewer, stake, seconds, word, commitment],
    [
      '{{ viewer.name }} plans a heist and stakes {{ stake }}. Type !{{ word }} and a stake to join; it starts in {{ seconds }} s.',
      'A quiet word from {{ viewer.name }}: tonight. {{ stake }} are in already. !{{ word }} and a stake, within {{ seconds }} s.',
    ],
  ),
  'heist.joined': text(
    'Somebody comes along',
    [viewer, stake, crew],
    ['{{ viewer.name }} is in with {{ stake }} ({{ crew }} now).'],
  ),
  'heist.tooFew': text(
    'Too few came',
    [crew, field('needed', 'the least crew', '2')],
    ['Only {{ crew }} came, and it takes {{ needed }}: the heist is off, all stakes are refunded.'],
  ),
  'heist.started': text(
    'The crew sets off',
    [
      crew,
      field('site', 'where it goes', 'The museum'),
      field('room', 'the first room', 'the back door'),
      field('chance', 'the chance to get through it', '80 %'),
    ],
    [
      '{{ site }}, {{ crew }} of you. First comes {{ room }}: {{ chance }} to get through.',
      'Lights out, {{ crew }} pairs of boots: {{ site }}. {{ room | capitalize }} first, {{ chance }}.',
    ],
  ),
  'heist.room': text(
    'A room lies behind those who got through',
    [
      field('story', 'the room’s own line', 'The back door was never locked.'),
      field('caught', 'who was caught, or "nobody"', 'umbra_coil'),
      field('inside', 'how many are inside still', '5'),
      field('multiplier', 'what leaving now pays', '1.18'),
      field('next', 'the next room', 'the long gallery'),
      field('chance', 'the chance to get through that', '80 %'),
      field('out', 'the word to leave', 'out'),
      seconds,
    ],
    [
      '{{ story }} Caught: {{ caught }}. {{ inside }} inside: !{{ out }} within {{ seconds }} s pays × {{ multiplier }}, or on to {{ next }} ({{ chance }}).',
    ],
    'long',
  ),
  'heist.left': text('Somebody leaves by choice', [viewer, paid], ['{{ viewer.name }} slips out with {{ paid }}.']),
  'heist.ended': text(
    'The end of the story',
    [
      field('story', 'the last room’s own line', 'The glass case opens like a cupboard.'),
      field('out', 'who got out with what, or "nobody"', `${SAMPLE_VIEWER} 91 points`),
      field('caught', 'who was caught where, or "nobody"', 'umbra_coil in the long gallery'),
      paid,
    ],
    [
      '{{ story }} Home with it: {{ out }}. Caught: {{ caught }}.',
      '{{ story }} By morning the papers have it all. Got away: {{ out }}. Did not: {{ caught }}.',
    ],
    'long',
  ),
  'heist.rested': text(
    'The next one can start',
    [word],
    ['The watchmen have gone back to sleep: !{{ word }} and a stake starts the next heist.'],
  ),
} as const satisfies Readonly<Record<string, GameText>>
