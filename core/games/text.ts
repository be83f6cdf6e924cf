import { type Field, field, SAMPLE_VIEWER } from '../texts/index.ts'

/** A text of the games: when it is said, what it can tell, and our own words for it. */
export interface GameText {
  readonly when: string
  readonly fields: readonly Field[]
  readonly ours: readonly string[]
  /** Of a result, which names many: it may take two lines of chat. */
  readonly long: boolean
}

// What several texts can tell.
export const viewer = field('viewer.name', 'who did it', SAMPLE_VIEWER)
export const stake = field('stake', 'what was staked', '50 points')
export const paid = field('paid', 'what was paid out', '120 points')
export const seconds = field('seconds', 'how many seconds are left', '60')
export const word = field('word', 'the word to type', 'heist')
export const challenger = field('challenger.name', 'the challenger', SAMPLE_VIEWER)
export const challenged = field('challenged.name', 'the challenged', 'umbra_coil')
export const take = field('take', 'the word that accepts', 'take')
export const pass = field('pass', 'the word that declines', 'pass')
export const winner = field('winner.name', 'who won', SAMPLE_VIEWER)
export const loser = field('loser.name', 'who lost', 'umbra_coil')
export const commitment = field('commitment', 'the first letters of the commitment', '4f1c0a9be2d7')
export const crew = field('crew', 'how many are in it', '7')
export const number = field('number', 'the number', '17')
export const colour = field('colour', 'its colour', 'black')
export const cup = field('cup', 'what the cup is called', 'The cup')

export const text = (
  when: string,
  fields: readonly Field[],
  ours: readonly string[],
  length: 'short' | 'long' = 'short',
): GameText => ({ when, fields, ours, long: length === 'long' })
