import { field, SAMPLE_VIEWER, SECOND_VIEWER } from '../../texts/index.ts'
import { commitment, crew, type GameText, paid, seconds, stake, text, viewer, word } from '../text.ts'

const boss = field('boss', 'who is fought', 'The giant')
const needed = field('needed', 'how many it takes', '2')

/** What is said of a fight. */
export const BOSS_TEXTS = {
  'boss.opened': text(
    'A fight gathers',
    [viewer, boss, seconds, word, commitment],
    ['{{ boss }} is back. !{{ word }} and a stake to fight it together; it starts in {{ seconds }} s.'],
  ),
  'boss.joined': text(
    'Somebody comes in',
    [viewer, stake, crew],
    ['{{ viewer.name }} joins the fight with {{ stake }} ({{ crew }} now).'],
  ),
  'boss.tooFew': text(
    'Too few came',
    [crew, needed],
    ['Only {{ crew }} came, and it takes {{ needed }}: no fight, all stakes are refunded.'],
  ),
  'boss.started': text(
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
    'It falls',
    [
      boss,
      field('hits', 'how many hit', '12'),
      needed,
      field('best', 'who hit most', `${SAMPLE_VIEWER} 3, ${SECOND_VIEWER} 2`),
      field('last.name', 'who made the last blow', SAMPLE_VIEWER),
      paid,
    ],
    [
      '{{ boss }} falls to {{ last.name }}, with {{ hits }} hits of all of you! {{ paid }} for the crew. Most hits: {{ best }}.',
    ],
  ),
  'boss.lost': text(
    'It stands',
    [boss, field('hits', 'how many hit', '8'), needed, field('best', 'who hit most', `${SAMPLE_VIEWER} 3`)],
    ['{{ boss }} stands: {{ hits }} hits, and it took {{ needed }}. Most hits: {{ best }}.'],
  ),
} as const satisfies Readonly<Record<string, GameText>>
