import { same } from '../same.ts'

/** A field that two people changed to different values. */
export interface Clash {
  /** The names on the way to the field. */
  readonly path: readonly string[]
  readonly mine: unknown
  readonly theirs: unknown
}

export interface Merged<T> {
  /** Both changes in one; where they clash it holds mine. */
  readonly merged: T
  readonly clashes: readonly Clash[]
}

type Fields = Readonly<Record<string, unknown>>

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/**
 * Brings together what I typed and what somebody else saved meanwhile, field by field; a list counts as one field.
 * @param base - What was saved when I began to type.
 */
export function mergeDraft<T>(base: unknown, mine: T, theirs: T): Merged<T> {
  const clashes: Clash[] = []
  return { merged: mergeAt(base, mine, theirs, [], clashes) as T, clashes }
}

function mergeAt(base: unknown, mine: unknown, theirs: unknown, path: readonly string[], clashes: Clash[]): unknown {
  if (same(mine, theirs) || same(theirs, base)) return mine
  if (same(mine, base)) return theirs
  if (isFields(base) && isFields(mine) && isFields(theirs)) {
    const names = new Set([...Object.keys(theirs), ...Object.keys(mine)])
    const fields = [...names].map((name) => [
      name,
      mergeAt(base[name], mine[name], theirs[name], [...path, name], clashes),
    ])
    return Object.fromEntries(fields.filter(([, value]) => value !== undefined))
  }
  clashes.push({ path, mine, theirs })
  return mine
}

/** The draft with what somebody else saved in the fields that clash. */
export const takeTheirs = <T>(merged: T, clashes: readonly Clash[]): T =>
  clashes.reduce((draft, { path, theirs }) => put(draft, path, theirs), merged as unknown) as T

function put(value: unknown, [name, ...rest]: readonly string[], to: unknown): unknown {
  if (name === undefined) return to
  const fields = isFields(value) ? value : {}
  return { ...fields, [name]: put(fields[name], rest, to) }
}
