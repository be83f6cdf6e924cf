import { type TSchema, Type } from '@sinclair/typebox'
import { whole } from '#core/schema'
import { plainText } from '#core/texts'
import { type Bounds, choiceIn, figureIn } from './figures.ts'
import { Problem } from './problems.ts'

/** Something that an address can ask with: how it is described, and how what stands there is read. */
export interface AskedWith<T> {
  readonly schema: TSchema
  /** @throws `query_invalid` for what it is not. */
  readonly read: (name: string, text: string | undefined) => T | undefined
}

/** What an address can ask with, by name: `?before=12&sort=name`. */
export type Asks = Readonly<Record<string, AskedWith<unknown>>>

/** What was asked with; undefined: it was left out, or left empty. */
export type Asked<A extends Asks> = { readonly [K in keyof A]: A[K] extends AskedWith<infer T> ? T | undefined : never }

/** A whole number, from 0 to 2^53 - 1 if nothing else is said. */
export const figure = (says: string, { min = 0, max = Number.MAX_SAFE_INTEGER }: Bounds = {}): AskedWith<number> => ({
  schema: { ...whole(min, max), description: says },
  read: (name, text) => figureIn(name, text, { min, max }),
})

/** One of some words. */
export const choice = <const T extends string>(says: string, words: readonly T[]): AskedWith<T> => ({
  schema: Type.Unsafe({ type: 'string', enum: words, description: says }),
  read: (name, text) => choiceIn(name, text, words),
})

/** Words to look for, of which the first so many letters count. */
export const text = (says: string, letters: number): AskedWith<string> => ({
  schema: Type.String({ description: `${says} Only the first ${letters} characters count.` }),
  read: (_, given) => given?.trim().slice(0, letters) || undefined,
})

/** The row before which a list goes on: the `before` of the page that came last. */
export const before = figure('The page after this one: the `before` that the page before it was answered with.')

const SHOWN_LETTERS = 40

/** Reads what an address asks with. @throws `query_invalid` for what is not as declared, and for names that are not declared. */
export function readAsked(asks: Asks, search: URLSearchParams): Readonly<Record<string, unknown>> {
  for (const name of search.keys()) {
    if (Object.hasOwn(asks, name)) continue
    const shown = plainText(name).slice(0, SHOWN_LETTERS)
    const known = Object.keys(asks).join(', ')
    const instead = known === '' ? 'nothing can be asked with here.' : `there is ${known}.`
    throw new Problem('query_invalid', `Please correct: there is no “${shown}” to ask with; ${instead}`)
  }
  return Object.fromEntries(
    Object.entries(asks).map(([name, { read }]) => [name, read(name, search.get(name) ?? undefined)]),
  )
}
