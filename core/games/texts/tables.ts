import { field } from '../../texts/index.ts'
import {
  challenged,
  challenger,
  colour,
  commitment,
  crew,
  cup,
  type GameText,
  loser,
  number,
  paid,
  seconds,
  stake,
  take,
  text,
  viewer,
  winner,
  word,
} from './parts.ts'

/** What is said of the wheel, the reels, the coin and cups. */
export const TABLES = {
  'roulette.opened': text(
    'roulette',
    'Bets are taken',
    [viewer, seconds, word, commitment],
    ['The wheel is open for {{ seconds }} s: !{{ word }} 50 red, !{{ word }} 20 17, !{{ word }} 10 second dozen.'],
  ),
  'roulette.bet': text(
    'roulette',
    'Somebody bets',
    [viewer, field('bets', 'what they bet', '50 on red')],
    ['{{ viewer.name }}: {{ bets }}.'],
  ),
  'roulette.spun': text(
    'roulette',
    'The wheel has stopped',
    [number, colour, field('winners', 'who won what, or "nobody"', 'valve_vera 100 rivets'), paid],
    [
      '{{ number }} {{ colour }}! Paid: {{ winners }}.',
      'The ball rattles, hops, and lies down in {{ number }} {{ colour }}. Paid: {{ winners }}.',
    ],
  ),
  'reels.won': text(
    'reels',
    'A line of the table is met',
    [viewer, field('shown', 'what the reels show', 'lamp · lamp · cog'), paid, stake],
    ['{{ viewer.name }}: {{ shown }} pays {{ paid }}.'],
  ),
  'reels.lost': text(
    'reels',
    'No line is met',
    [viewer, field('shown', 'what the reels show', 'lamp · rivet · cog'), stake],
    [
      '{{ viewer.name }}: {{ shown }}. The machine keeps {{ stake }}.',
      '{{ viewer.name }}: {{ shown }}. Nothing this time; {{ stake }} gone.',
    ],
  ),
  'coin.won': text(
    'coin',
    'The right side is up',
    [viewer, field('side', 'the side that is up', 'heads'), paid, stake],
    ['{{ viewer.name }}: {{ side }} it is, {{ paid }} back for {{ stake }}.'],
  ),
  'coin.lost': text(
    'coin',
    'The wrong side is up',
    [viewer, field('side', 'the side that is up', 'tails'), stake],
    ['{{ viewer.name }}: {{ side }}. There go {{ stake }}.'],
  ),
  'cup.opened': text(
    'cup',
    'The sign-up begins',
    [
      cup,
      word,
      seconds,
      stake,
      field('prize', 'what there is to win, or nothing', '500 rivets'),
      field('places', 'how many places', '16'),
      commitment,
    ],
    ['{{ cup }}: {{ places }} places, to win: {{ prize }}. Type !{{ word }} (entry: {{ stake }}).'],
  ),
  'cup.joined': text(
    'cup',
    'Somebody signs up',
    [viewer, crew, field('places', 'how many places', '16')],
    ['{{ viewer.name }} is in ({{ crew }} of {{ places }}).'],
  ),
  'cup.started': text(
    'cup',
    'The bracket is drawn',
    [cup, crew],
    ['{{ cup }} begins with {{ crew }}. The bracket is drawn.'],
  ),
  'cup.called': text(
    'cup',
    'A match is called',
    [challenger, challenged, take, seconds, field('stage', 'how far the cup is', 'Semi-final')],
    [
      '{{ stage }}: @{{ challenger.name }} against @{{ challenged.name }}. Both type !{{ take }} within {{ seconds }} s.',
    ],
  ),
  'cup.match': text(
    'cup',
    'A match is decided',
    [winner, loser, field('score', 'how it ended', '2 : 1')],
    ['{{ winner.name }} beats {{ loser.name }} {{ score }}.'],
  ),
  'cup.walkover': text(
    'cup',
    'Somebody did not show up',
    [winner, loser],
    ['{{ loser.name }} did not show up: {{ winner.name }} goes on.'],
  ),
  'cup.lot': text(
    'cup',
    'Neither showed up',
    [winner, loser],
    ['Neither {{ winner.name }} nor {{ loser.name }} showed up; by lot {{ winner.name }} goes on.'],
  ),
  'cup.won': text('cup', 'The cup is won', [cup, winner, paid], ['{{ winner.name }} wins {{ cup }} and {{ paid }}!']),
  'cup.tooFew': text(
    'cup',
    'Too few signed up',
    [cup, crew],
    ['Only {{ crew }} signed up for {{ cup }}: it is off, all stakes are refunded.'],
  ),
} as const satisfies Readonly<Record<string, GameText>>
