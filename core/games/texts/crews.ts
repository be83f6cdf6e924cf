import { field } from '../../texts/index.ts'
import {
  challenged,
  challenger,
  commitment,
  crew,
  type GameText,
  loser,
  paid,
  pass,
  seconds,
  stake,
  take,
  text,
  viewer,
  winner,
  word,
} from './parts.ts'

/** What is said of heists and duels. */
export const CREWS = {
  'heist.opened': text(
    'heist',
    'A heist is being planned',
    [viewer, stake, seconds, word, commitment],
    [
      '{{ viewer.name }} plans a heist and stakes {{ stake }}. Type !{{ word }} and a stake to join; it starts in {{ seconds }} s.',
      'A quiet word from {{ viewer.name }}: tonight. {{ stake }} are in already. !{{ word }} and a stake, within {{ seconds }} s.',
    ],
  ),
  'heist.joined': text(
    'heist',
    'Somebody comes along',
    [viewer, stake, crew],
    ['{{ viewer.name }} is in with {{ stake }} ({{ crew }} now).'],
  ),
  'heist.tooFew': text(
    'heist',
    'Too few came',
    [crew, field('needed', 'the least crew', '2')],
    ['Only {{ crew }} came, and it takes {{ needed }}: the heist is off, all stakes are refunded.'],
  ),
  'heist.started': text(
    'heist',
    'The crew sets off',
    [
      crew,
      field('site', 'where it goes', 'The old tram depot'),
      field('room', 'the first room', 'the side gate'),
      field('chance', 'the chance to get through it', '80 %'),
    ],
    [
      '{{ site }}, {{ crew }} of you. First comes {{ room }}: {{ chance }} to get through.',
      'Lights out, {{ crew }} pairs of boots: {{ site }}. {{ room | capitalize }} first, {{ chance }}.',
    ],
  ),
  'heist.room': text(
    'heist',
    'A room lies behind those who got through',
    [
      field('story', 'the room’s own line', 'The side gate gives way with a sigh of old grease.'),
      field('caught', 'who was caught, or "nobody"', 'umbra_coil'),
      field('inside', 'how many are inside still', '5'),
      field('multiplier', 'what leaving now pays', '1.18'),
      field('next', 'the next room', 'the paint shop'),
      field('chance', 'the chance to get through that', '80 %'),
      field('out', 'the word to leave', 'out'),
      seconds,
    ],
    [
      '{{ story }} Caught: {{ caught }}. {{ inside }} inside: !{{ out }} within {{ seconds }} s pays × {{ multiplier }}, or on to {{ next }} ({{ chance }}).',
    ],
  ),
  'heist.left': text(
    'heist',
    'Somebody leaves by choice',
    [viewer, paid],
    ['{{ viewer.name }} slips out with {{ paid }}.'],
  ),
  'heist.ended': text(
    'heist',
    'The end of the story',
    [
      field('story', 'the last room’s own line', 'The ticket safe was only ever closed with string.'),
      field('out', 'who got out with what, or "nobody"', 'valve_vera 91 rivets'),
      field('caught', 'who was caught where, or "nobody"', 'umbra_coil in the paint shop'),
      paid,
    ],
    [
      '{{ story }} Home with it: {{ out }}. Caught: {{ caught }}.',
      '{{ story }} By morning the papers have it all. Got away: {{ out }}. Did not: {{ caught }}.',
    ],
  ),
  'heist.rested': text(
    'heist',
    'The next one can start',
    [word],
    ['The watchmen have gone back to sleep: !{{ word }} and a stake starts the next heist.'],
  ),
  'duel.asked': text(
    'duel',
    'Somebody is called to a duel',
    [challenger, challenged, stake, take, pass, seconds, commitment],
    [
      '@{{ challenged.name }}: {{ challenger.name }} challenges you to a duel for {{ stake }}. !{{ take }} or !{{ pass }} within {{ seconds }} s.',
      '{{ challenger.name }} lays {{ stake }} and a spanner on the bench. @{{ challenged.name }}, !{{ take }} or !{{ pass }}? {{ seconds }} s.',
    ],
  ),
  'duel.open': text(
    'duel',
    'A duel open to anyone',
    [challenger, stake, take, seconds, commitment],
    [
      '{{ challenger.name }} challenges anyone to a duel for {{ stake }}. The first !{{ take }} within {{ seconds }} s accepts.',
    ],
  ),
  'duel.taken': text(
    'duel',
    'It is accepted',
    [challenger, challenged, stake],
    [
      '{{ challenged.name }} accepts. {{ challenger.name }} and {{ challenged.name }} step up, {{ stake }} each.',
      'Sleeves rolled up: {{ challenger.name }} against {{ challenged.name }}, {{ stake }} each.',
    ],
  ),
  'duel.won': text(
    'duel',
    'It is decided',
    [winner, loser, paid],
    [
      '{{ winner.name }} wins {{ paid }} against {{ loser.name }}.',
      'Sparks, then quiet. {{ winner.name }} is left standing and takes {{ paid }}; {{ loser.name }} sweeps the floor.',
    ],
  ),
  'duel.passed': text(
    'duel',
    'It is declined',
    [challenger, challenged],
    ['{{ challenged.name }} declines. {{ challenger.name }}’s stake is refunded.'],
  ),
  'duel.withdrawn': text('duel', 'It is withdrawn', [challenger], ['{{ challenger.name }} withdraws the challenge.']),
  'duel.expired': text(
    'duel',
    'Nobody answered in time',
    [challenger],
    ['Nobody accepted {{ challenger.name }}’s challenge; the stake is refunded.'],
  ),
} as const satisfies Readonly<Record<string, GameText>>
