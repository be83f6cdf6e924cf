import { field } from '../../texts/index.ts'
import { commitment, crew, type GameText, paid, seconds, stake, text, viewer, winner, word } from './parts.ts'

const boss = field('boss', 'who is fought', 'The boiler')
const needed = field('needed', 'how many it takes', '2')

/** What is said of games that a whole room plays together. */
export const TOGETHER = {
  'scramble.opened': text(
    'scramble',
    'A scramble gathers',
    [viewer, stake, field('adds', 'what the house adds; empty: nothing', '500 rivets'), seconds, word, commitment],
    [
      'A scramble, everyone against everyone: !{{ word }} to join ({{ stake }}){% if adds != "" %}, the house adds {{ adds }}{% endif %}. It starts in {{ seconds }} s.',
    ],
  ),
  'scramble.joined': text(
    'scramble',
    'Somebody comes in',
    [viewer, stake, crew],
    ['{{ viewer.name }} is in ({{ crew }} now).'],
  ),
  'scramble.tooFew': text(
    'scramble',
    'Too few came',
    [crew, needed],
    ['Only {{ crew }} came, and it takes {{ needed }}: no scramble, all stakes are refunded.'],
  ),
  'scramble.started': text(
    'scramble',
    'It begins',
    [crew, field('prize', 'what there is to win', '950 rivets')],
    ['{{ crew }} of you, one prize of {{ prize }}, and everybody has the same chance. Here it goes.'],
  ),
  'scramble.wave': text(
    'scramble',
    'A wave is out',
    [field('gone', 'who is out', 'umbra_coil'), field('left', 'how many are still in', '5')],
    ['Out: {{ gone }}. {{ left }} left.'],
  ),
  'scramble.ended': text(
    'scramble',
    'Somebody is left',
    [winner, field('places', 'who gets what', 'valve_vera 570, umbra_coil 285')],
    ['{{ winner.name }} is the last one standing. Paid: {{ places }}.'],
  ),
  'boss.opened': text(
    'boss',
    'A fight gathers',
    [viewer, boss, seconds, word, commitment],
    ['{{ boss }} is back. !{{ word }} and a stake to fight it together; it starts in {{ seconds }} s.'],
  ),
  'boss.joined': text(
    'boss',
    'Somebody comes in',
    [viewer, stake, crew],
    ['{{ viewer.name }} joins the fight with {{ stake }} ({{ crew }} now).'],
  ),
  'boss.tooFew': text(
    'boss',
    'Too few came',
    [crew, needed],
    ['Only {{ crew }} came, and it takes {{ needed }}: no fight, all stakes are refunded.'],
  ),
  'boss.started': text(
    'boss',
    'It begins',
    [
      boss,
      crew,
      needed,
      field('blows', 'how many blows there are', '21'),
      field('chance', 'the chance to win', '54 %'),
    ],
    ['{{ boss }} against {{ crew }} of you: {{ needed }} of {{ blows }} blows must hit. Chance to win: {{ chance }}.'],
  ),
  'boss.blow': text(
    'boss',
    'Everybody has struck once',
    [
      boss,
      field('struck', 'how many hit', '4'),
      field('left', 'how many hits are missing', '6'),
      field('blows', 'how often each still strikes', '2'),
    ],
    [
      '{{ struck }} hit. {{ left }} more and {{ boss }} falls; {{ blows }} {% if blows == 1 %}blow{% else %}blows{% endif %} each to go.',
    ],
  ),
  'boss.won': text(
    'boss',
    'It falls',
    [
      boss,
      field('hits', 'how many hit', '12'),
      needed,
      field('best', 'who hit most', 'valve_vera 3, umbra_coil 2'),
      field('last.name', 'who made the last blow', 'valve_vera'),
      paid,
    ],
    [
      '{{ boss }} falls to {{ last.name }}, with {{ hits }} hits of all of you! {{ paid }} for the crew. Most hits: {{ best }}.',
    ],
  ),
  'boss.lost': text(
    'boss',
    'It stands',
    [boss, field('hits', 'how many hit', '8'), needed, field('best', 'who hit most', 'valve_vera 3')],
    ['{{ boss }} stands: {{ hits }} hits, and it took {{ needed }}. Most hits: {{ best }}.'],
  ),
} as const satisfies Readonly<Record<string, GameText>>
