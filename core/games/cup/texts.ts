import { field } from '../../texts/index.ts'
import {
  challenged,
  challenger,
  commitment,
  crew,
  cup,
  type GameText,
  loser,
  paid,
  seconds,
  stake,
  take,
  text,
  viewer,
  winner,
  word,
} from '../text.ts'

/** What is said of a cup. */
export const CUP_TEXTS = {
  'cup.opened': text(
    'The sign-up begins',
    [
      cup,
      word,
      seconds,
      stake,
      field('prize', 'what there is to win, or nothing', '500 points'),
      field('places', 'how many places', '16'),
      commitment,
    ],
    ['{{ cup }}: {{ places }} places, to win: {{ prize }}. Type !{{ word }} (entry: {{ stake }}).'],
  ),
  'cup.joined': text(
    'Somebody signs up',
    [viewer, crew, field('places', 'how many places', '16')],
    ['{{ viewer.name }} is in ({{ crew }} of {{ places }}).'],
  ),
  'cup.started': text('The bracket is drawn', [cup, crew], ['{{ cup }} begins with {{ crew }}. The bracket is drawn.']),
  'cup.called': text(
    'A match is called',
    [challenger, challenged, take, seconds, field('stage', 'how far the cup is', 'Semi-final')],
    [
      '{{ stage }}: @{{ challenger.name }} against @{{ challenged.name }}. Both type !{{ take }} within {{ seconds }} s.',
    ],
  ),
  'cup.match': text(
    'A match is decided',
    [winner, loser, field('score', 'how it ended', '2 : 1')],
    ['{{ winner.name }} beats {{ loser.name }} {{ score }}.'],
  ),
  'cup.walkover': text(
    'Somebody did not show up',
    [winner, loser],
    ['{{ loser.name }} did not show up: {{ winner.name }} goes on.'],
  ),
  'cup.lot': text(
    'Neither showed up',
    [winner, loser],
    ['Neither {{ winner.name }} nor {{ loser.name }} showed up; by lot {{ winner.name }} goes on.'],
  ),
  'cup.won': text('The cup is won', [cup, winner, paid], ['{{ winner.name }} wins {{ cup }} and {{ paid }}!']),
  'cup.tooFew': text(
    'Too few signed up',
    [cup, crew],
    ['Only {{ crew }} signed up for {{ cup }}: it is off, all stakes are refunded.'],
  ),
} as const satisfies Readonly<Record<string, GameText>>
