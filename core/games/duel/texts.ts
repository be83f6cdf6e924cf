import {
  challenged,
  challenger,
  commitment,
  type GameText,
  loser,
  paid,
  pass,
  seconds,
  stake,
  take,
  text,
  winner,
} from '../text.ts'

/** What is said of a duel. */
export const DUEL_TEXTS = {
  'duel.asked': text(
    'Somebody is called to a duel',
    [challenger, challenged, stake, take, pass, seconds, commitment],
    [
      '@{{ challenged.name }}: {{ challenger.name }} challenges you to a duel for {{ stake }}. !{{ take }} or !{{ pass }} within {{ seconds }} s.',
      '{{ challenger.name }} puts {{ stake }} on the table. @{{ challenged.name }}, !{{ take }} or !{{ pass }}? {{ seconds }} s.',
    ],
  ),
  'duel.open': text(
    'A duel open to anyone',
    [challenger, stake, take, seconds, commitment],
    [
      '{{ challenger.name }} challenges anyone to a duel for {{ stake }}. The first !{{ take }} within {{ seconds }} s accepts.',
    ],
  ),
  'duel.taken': text(
    'It is accepted',
    [challenger, challenged, stake],
    [
      '{{ challenged.name }} accepts. {{ challenger.name }} and {{ challenged.name }} step up, {{ stake }} each.',
      'Sleeves rolled up: {{ challenger.name }} against {{ challenged.name }}, {{ stake }} each.',
    ],
  ),
  'duel.won': text(
    'It is decided',
    [winner, loser, paid],
    [
      '{{ winner.name }} wins {{ paid }} against {{ loser.name }}.',
      'Sparks, then quiet. {{ winner.name }} is left standing and takes {{ paid }}; {{ loser.name }} buys the next round.',
    ],
  ),
  'duel.passed': text(
    'It is declined',
    [challenger, challenged],
    ['{{ challenged.name }} declines. {{ challenger.name }}’s stake is refunded.'],
  ),
  'duel.withdrawn': text('It is withdrawn', [challenger], ['{{ challenger.name }} withdraws the challenge.']),
  'duel.expired': text(
    'Nobody answered in time',
    [challenger],
    ['Nobody accepted {{ challenger.name }}’s challenge; the stake is refunded.'],
  ),
} as const satisfies Readonly<Record<string, GameText>>
