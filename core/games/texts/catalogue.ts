import { type Field, field } from '../../texts/index.ts'
import type { Game } from '../schema.ts'

/** A text of the games: when it is said, what it can tell, and our own words for it. */
export interface GameText {
  readonly game: Game
  readonly when: string
  readonly fields: readonly Field[]
  readonly ours: readonly string[]
}

const viewer = field('viewer.name', 'whose doing it is', 'valve_vera')
const stake = field('stake', 'what was staked', '50 rivets')
const paid = field('paid', 'what was paid out', '120 rivets')
const seconds = field('seconds', 'how many seconds are left', '60')
const word = field('word', 'the word to type', 'heist')
const challenger = field('challenger.name', 'who calls', 'valve_vera')
const challenged = field('challenged.name', 'who is called', 'umbra_coil')
const take = field('take', 'the word that accepts', 'take')
const pass = field('pass', 'the word that declines', 'pass')
const winner = field('winner.name', 'who won', 'valve_vera')
const loser = field('loser.name', 'who lost', 'umbra_coil')
const commitment = field('commitment', 'the first letters of the commitment', '4f1c0a9be2d7')
const crew = field('crew', 'how many are in it', '7')
const number = field('number', 'the number', '17')
const colour = field('colour', 'its colour', 'black')
const cup = field('cup', 'what the cup is called', 'Lamp cup')

const text = (game: Game, when: string, fields: readonly Field[], ours: readonly string[]): GameText => ({
  game,
  when,
  fields,
  ours,
})

/** Every text that the games say, by its key. */
export const GAME_TEXTS = {
  'heist.opened': text(
    'heist',
    'A heist is being planned',
    [viewer, stake, seconds, word, commitment],
    [
      '{{ viewer.name }} plans a heist and puts in {{ stake }}. Type !{{ word }} and a stake to come along; off in {{ seconds }} s. (Commitment {{ commitment }})',
      'A quiet word from {{ viewer.name }}: tonight. {{ stake }} are in already. !{{ word }} and a stake, within {{ seconds }} s. (Commitment {{ commitment }})',
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
    ['Only {{ crew }} came, and it takes {{ needed }}: the heist is off, all stakes are back.'],
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
    'The next one can be started',
    [word],
    ['The watchmen have gone back to sleep: !{{ word }} and a stake starts the next heist.'],
  ),
  'duel.asked': text(
    'duel',
    'Somebody is called to a duel',
    [challenger, challenged, stake, take, pass, seconds, commitment],
    [
      '@{{ challenged.name }}: {{ challenger.name }} calls you to a duel for {{ stake }}. !{{ take }} or !{{ pass }} within {{ seconds }} s. (Commitment {{ commitment }})',
      '{{ challenger.name }} lays {{ stake }} and a spanner on the bench. @{{ challenged.name }}, !{{ take }} or !{{ pass }}? {{ seconds }} s. (Commitment {{ commitment }})',
    ],
  ),
  'duel.open': text(
    'duel',
    'A duel that anyone may take',
    [challenger, stake, take, seconds, commitment],
    [
      '{{ challenger.name }} would duel anybody for {{ stake }}. The first !{{ take }} within {{ seconds }} s has it. (Commitment {{ commitment }})',
    ],
  ),
  'duel.taken': text(
    'duel',
    'It is accepted',
    [challenger, challenged, stake],
    [
      '{{ challenged.name }} takes it. {{ challenger.name }} and {{ challenged.name }} step up, {{ stake }} each.',
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
    ['{{ challenged.name }} passes. {{ challenger.name }}’s stake is back.'],
  ),
  'duel.withdrawn': text('duel', 'It is taken back', [challenger], ['{{ challenger.name }} takes the challenge back.']),
  'duel.expired': text(
    'duel',
    'Nobody answered in time',
    [challenger],
    ['Nobody took {{ challenger.name }}’s challenge; the stake is back.'],
  ),
  'roulette.opened': text(
    'roulette',
    'Bets are taken',
    [viewer, seconds, word, commitment],
    [
      'The wheel is open for {{ seconds }} s: !{{ word }} 50 red, !{{ word }} 20 17, !{{ word }} 10 second dozen. (Commitment {{ commitment }})',
    ],
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
    [
      '{{ cup }}: {{ places }} places, to win: {{ prize }}. Type !{{ word }} (entry: {{ stake }}). (Commitment {{ commitment }})',
    ],
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
    ['Only {{ crew }} signed up for {{ cup }}: it is off, all stakes are back.'],
  ),
} as const satisfies Readonly<Record<string, GameText>>

export type GameTextKey = keyof typeof GAME_TEXTS
