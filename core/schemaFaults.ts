import { Kind, type TSchema, TypeRegistry } from '@sinclair/typebox'
import { Errors, ValueErrorType as Fault, type ValueError } from '@sinclair/typebox/errors'
import type { Faults } from './faults.ts'

/** As many places are named; who sends more than that wrong corrects these first. */
const MOST_FAULTS = 20
/** A place is named with so many characters at most: what is not known here may have a name of any length. */
const LONGEST_PLACE = 120

/**
 * What of a value is not as its schema has it. The same words at the desk while it is typed and in the server's answer.
 * @param references - Schemas that it refers to by their names.
 * @returns one sentence for each place, the first found; empty if the value is as it should be.
 */
export function schemaFaults(schema: TSchema, value: unknown, references: readonly TSchema[] = []): Faults {
  const faults = new Map<string, string>()
  for (const error of placed(Errors(byCharacters(schema), references.map(byCharacters), value))) {
    const at = error.path.slice(1, LONGEST_PLACE).replaceAll('/', '.')
    if (!faults.has(at)) faults.set(at, saidOf(error))
    if (faults.size === MOST_FAULTS) break
  }
  return Object.fromEntries(faults)
}

/** Faults in what is one of several shapes are those of the shape that it comes nearest to. */
function* placed(errors: Iterable<ValueError>): Iterable<ValueError> {
  for (const told of errors) {
    const error = told.type === Fault.Kind ? { ...told, type: faultOfText(told.schema, told.value) ?? told.type } : told
    if (error.type !== Fault.Union) {
      if (!isFineHere(error)) yield error
      continue
    }
    const shapes = error.errors.map((shape) => [...placed(shape)])
    if (shapes.some(({ length }) => length === 0)) continue
    const nearest = shapes.filter((shape) => !shape.some(isOther(error.path))).sort(byFewest)[0]
    if (nearest === undefined) yield error
    else yield* nearest
  }
}

const OF_CHARACTERS = 'OfCharacters'

TypeRegistry.Set(OF_CHARACTERS, (schema: TSchema, value) => faultOfText(schema, value) === undefined)

/** What is wrong with a text that has a pattern, read by characters. */
function faultOfText({ pattern, minLength = 0, maxLength = Infinity }: TSchema, value: unknown): Fault | undefined {
  if (typeof value !== 'string') return Fault.String
  const { length } = Array.from(value)
  if (length < minLength) return Fault.StringMinLength
  if (length > maxLength) return Fault.StringMaxLength
  return new RegExp(pattern, 'u').test(value) ? undefined : Fault.StringPattern
}

const readByCharacters = new WeakMap<object, object>()

/**
 * A schema whose patterns are read by characters, as the server's check reads them. The library reads them by their halves, and takes
 * what a property of characters is written with for characters: "{" of \p{L}.
 */
function byCharacters<S extends object>(schema: S): S {
  const known = readByCharacters.get(schema)
  if (known !== undefined) return known as S
  const copy = (Array.isArray(schema) ? [...schema] : { ...schema }) as Record<string | symbol, unknown>
  for (const [name, one] of Object.entries(copy))
    if (typeof one === 'object' && one !== null) copy[name] = byCharacters(one)
  if (copy[Kind] === 'String' && typeof copy.pattern === 'string') copy[Kind] = OF_CHARACTERS
  readByCharacters.set(schema, copy)
  return copy as S
}

/** Texts without a pattern are counted by characters, too. */
const isFineHere = ({ type, schema, value }: ValueError): boolean =>
  typeof value === 'string' && type === Fault.StringMaxLength && Array.from(value).length <= schema.maxLength

const byFewest = (one: readonly unknown[], other: readonly unknown[]) => one.length - other.length

const OF_ANOTHER_KIND = new Set([Fault.Literal, Fault.Null, Fault.Object, Fault.Array, Fault.String, Fault.Integer])

/** A shape is another one if the value is of another kind, or the word that tells the shapes apart is another. */
const isOther =
  (path: string) =>
  ({ type, path: at }: ValueError): boolean =>
    at === path
      ? OF_ANOTHER_KIND.has(type)
      : type === Fault.Literal && at.slice(path.length + 1).split('/').length === 1

const items = (count: number, of: string): string => `${count} ${of}${count === 1 ? '' : 's'}`

const SAID: { readonly [K in Fault]?: (schema: TSchema) => string } = {
  [Fault.StringMinLength]: ({ minLength }) =>
    minLength === 1 ? 'Fill this in.' : `Needs ${items(minLength, 'character')} or more.`,
  [Fault.StringMaxLength]: ({ maxLength }) => `Can have ${items(maxLength, 'character')} at most.`,
  [Fault.StringPattern]: ({ pattern }) => `Is not of the form ${pattern}.`,
  [Fault.String]: () => 'Must be a text.',
  [Fault.IntegerMinimum]: ({ minimum }) => `Must be ${minimum} or more.`,
  [Fault.IntegerMaximum]: ({ maximum }) => `Must be ${maximum} or less.`,
  [Fault.Integer]: () => 'Must be a whole number.',
  [Fault.NumberMinimum]: ({ minimum }) => `Must be ${minimum} or more.`,
  [Fault.NumberMaximum]: ({ maximum }) => `Must be ${maximum} or less.`,
  [Fault.Number]: () => 'Must be a number.',
  [Fault.Boolean]: () => 'Must be true or false.',
  [Fault.Array]: () => 'Must be a list.',
  [Fault.ArrayMinItems]: ({ minItems }) => `Needs ${items(minItems, 'line')} or more.`,
  [Fault.ArrayMaxItems]: ({ maxItems }) => `Can have ${items(maxItems, 'line')} at most.`,
  [Fault.ArrayUniqueItems]: () => 'Holds the same thing twice. Remove one.',
  [Fault.Object]: () => 'Must be an object.',
  [Fault.ObjectRequiredProperty]: () => 'Is missing.',
  [Fault.ObjectAdditionalProperties]: () => 'Is not known here. Leave it out.',
  [Fault.Literal]: ({ const: wanted }) => `Must be ${wanted}.`,
  [Fault.Union]: ({ anyOf }) => choiceOf(anyOf),
}

/** What can be chosen from, where that is told by words alone. */
function choiceOf(shapes: readonly TSchema[]): string {
  const words = shapes.filter((shape) => 'const' in shape).map((shape) => String(shape.const))
  return words.length === shapes.length ? `Must be one of ${words.join(', ')}.` : 'Is none of what it can be.'
}

const saidOf = ({ type, schema }: ValueError): string => SAID[type]?.(schema) ?? 'Is not as it must be.'
