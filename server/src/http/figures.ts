import { Problem, problem } from './problems.ts'

/** The number of something as text: nothing else that JavaScript takes for a number. */
const ID = /^[1-9]\d{0,15}$/
const FIGURE = /^-?(0|[1-9]\d{0,15})$/

/** An id as it stands in an address, or undefined. The one parser of ids at every edge. */
export function idIn(text: string | undefined): number | undefined {
  if (text === undefined || !ID.test(text)) return undefined
  const id = Number(text)
  return Number.isSafeInteger(id) ? id : undefined
}

/** The id of something, from an address. @throws `not_found` for what is none. */
export function idOf(text: string): number {
  const id = idIn(text)
  if (id === undefined) throw problem('not_found')
  return id
}

export interface Bounds {
  readonly min?: number
  readonly max?: number
}

/**
 * A whole number that an address asks with (`?before=12`); undefined where it was left out or left empty.
 * @throws `query_invalid` for anything but a whole number within its bounds (0 to 2^53 - 1, if nothing else is said).
 */
export function figureIn(
  name: string,
  text: string | undefined,
  { min = 0, max = Number.MAX_SAFE_INTEGER }: Bounds = {},
): number | undefined {
  if (text === undefined || text.trim() === '') return undefined
  const figure = FIGURE.test(text) ? Number(text) : Number.NaN
  if (Number.isSafeInteger(figure) && figure >= min && figure <= max) return figure
  throw new Problem('query_invalid', `Please correct: ${name} must be a whole number from ${min} to ${max}.`)
}

/**
 * One of some words that an address asks with (`?sort=name`); undefined where it was left out or left empty.
 * @throws `query_invalid` for any other word.
 */
export function choiceIn<T extends string>(name: string, text: string | undefined, words: readonly T[]): T | undefined {
  if (text === undefined || text.trim() === '') return undefined
  const chosen = words.find((word) => word === text)
  if (chosen !== undefined) return chosen
  throw new Problem('query_invalid', `Please correct: ${name} must be one of ${words.join(', ')}.`)
}
