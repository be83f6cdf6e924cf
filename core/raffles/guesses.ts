import { lists, needList } from '../lists/index.ts'
import type { RaffleId, ViewerId } from '../schema.ts'
import { derived, type Need, type World } from '../world/index.ts'
import type { InList } from './entrants.ts'
import { answerIn, drawnAnswer, type Guess } from './guess.ts'
import { entries, type RaffleRow } from './rows.ts'

/** The key of the list of what everybody in a raffle has guessed. */
export const guessesKey = (raffle: RaffleId): string => `guesses/${raffle}`

export const needGuesses = (raffle: RaffleId): Need => needList(guessesKey(raffle))

/** Somebody who has guessed: on the strip everybody is as wide as the others. */
export interface Guesser extends InList, Guess<ViewerId> {}

const PLAIN = 100

const guesser = (viewer: number, name: string, guess: number, order: number): Guesser => ({
  ...{ viewer, name, guess, order, nr: order, weight: PLAIN },
})

/** Everybody who has guessed, in the order of their last guess: as the database has them, with what has changed in memory put over it. Needs `needGuesses`. */
export const guessesOf = derived('guesses', [entries, lists], (world, raffle: RaffleId): readonly Guesser[] =>
  anew(world, raffle),
)

function anew(world: World, raffle: RaffleId): Guesser[] {
  const loaded = world.get(lists, guessesKey(raffle))?.entries ?? []
  const all = new Map(loaded.map(({ id, name, value, nr = 0 }) => [id, guesser(id, name, value, nr)]))
  for (const { raffle: of, viewer, name, guess, guessOrder, state } of world.all(entries)) {
    if (of !== raffle) continue
    if (state === 'in' && guess !== null) all.set(viewer, guesser(viewer, name, guess, guessOrder ?? 0))
    else all.delete(viewer)
  }
  return [...all.values()].sort((a, b) => a.order - b.order)
}

/** The answer to what is guessed: set by the team, or drawn. */
export const answerTo = ({ id, seed, answer, settings: { guess } }: RaffleRow): number | null =>
  guess === null ? null : guess.answer === 'set' ? answerIn(answer) : drawnAnswer(seed, id, guess)
