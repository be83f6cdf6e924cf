import { Chance, digestOf } from '../../fairness/index.ts'
import { duelWinner } from '../duel/duel.ts'
import type { How, Match } from './schema.ts'

/**
 * The order in which entrants are drawn: a shuffle (Fisher and Yates, from the last place down) by `below` on
 * `cup/<id>/<digest>`, the digest being of the entrants' ids in the order of signing up.
 * @param seed - 32 bytes in hex.
 */
export function drawOrder(seed: string, cup: number | string, entrants: readonly number[]): number[] {
  const chance = new Chance(seed, `cup/${cup}/${digestOf(entrants.map(String))}`)
  const order = [...entrants]
  for (let i = order.length - 1; i > 0; i--) {
    const other = chance.below(i + 1)
    const [a = 0, b = 0] = [order[i], order[other]]
    order[i] = b
    order[other] = a
  }
  return order
}

/** The places of a bracket so that the first and second meet in the final at the earliest: 1, 8, 4, 5, 2, 7, 3, 6. */
function placesOf(size: number): number[] {
  let places = [1]
  while (places.length < size) {
    const all = places.length * 2 + 1
    places = places.flatMap((place) => [place, all - place])
  }
  return places
}

/** The matches for a drawn order of two or more. Where they do not fill the bracket, the first drawn have a bye. */
export function bracketFor(order: readonly number[]): Match[] {
  let size = 2
  while (size < order.length) size *= 2
  const places = placesOf(size)
  const at = (i: number): number | null => order[(places[i] ?? 0) - 1] ?? null
  const matches: Match[] = []
  let id = 1
  for (let level = 0, count = size / 2; count >= 1; level++, count /= 2)
    for (let i = 0; i < count; i++) {
      const sides = level === 0 ? { a: at(2 * i), b: at(2 * i + 1) } : { a: null, b: null }
      matches.push({ id: id++, level, ...sides, ready: [], games: [], winner: null, how: null })
    }
  return matches
    .filter(({ level }) => level === 0)
    .reduce(
      (all, one) =>
        one.a !== null && one.b !== null ? all : decideMatch(all, one.id, (one.a ?? one.b) as number, 'bye'),
      matches,
    )
}

/** Notes who won a match, and puts them into the next one. */
export function decideMatch(
  matches: readonly Match[],
  id: number,
  winner: number,
  how: How,
  games: readonly number[] = [],
): Match[] {
  const decided = matches.find((one) => one.id === id)
  if (decided === undefined) throw new Error(`There is no match ${id}.`)
  const level = matches.filter((one) => one.level === decided.level)
  const at = level.findIndex((one) => one.id === id)
  const next = matches.filter((one) => one.level === decided.level + 1)[Math.floor(at / 2)]
  return matches.map((one) => {
    if (one.id === id) return { ...one, winner, how, games }
    if (one.id === next?.id) return at % 2 === 0 ? { ...one, a: winner } : { ...one, b: winner }
    return one
  })
}

/** The next match to be played; undefined: the cup is won. */
export const nextMatch = (matches: readonly Match[]): Match | undefined => matches.find(({ winner }) => winner === null)

/** The last match. */
export const finalOf = (matches: readonly Match[]): Match | undefined => matches.at(-1)

/** The winners of a match's games, in order: drawn until one has more than half of `bestOf`. */
export function playMatch(seed: string, cup: number | string, { id, a, b }: Match, bestOf: number): number[] {
  const games: number[] = []
  if (a === null || b === null) return games
  const needed = Math.floor(bestOf / 2) + 1
  while (games.filter((one) => one === a).length < needed && games.filter((one) => one === b).length < needed)
    games.push(duelWinner(seed, `${cup}.${id}.${games.length + 1}`, a, b))
  return games
}

/** Who goes on where neither showed up: drawn like a game with the number 0. */
export const drawLot = (seed: string, cup: number | string, { id }: Match, a: number, b: number): number =>
  duelWinner(seed, `${cup}.${id}.0`, a, b)

/** What a level is called: "Final", "Semi-final", "Quarter-final", "Last 16". */
export function stageName(matches: readonly Match[], level: number): string {
  const count = matches.filter((one) => one.level === level).length
  if (count === 1) return 'Final'
  if (count === 2) return 'Semi-final'
  if (count === 4) return 'Quarter-final'
  return `Last ${count * 2}`
}
