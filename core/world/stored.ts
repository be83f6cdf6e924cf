import type { TSchema } from '@sinclair/typebox'

/** A value as some version of the product kept it. */
export type KeptValue = Readonly<Record<string, unknown>> | readonly unknown[]

/** How values of one kind are kept as JSON over all versions of the product. */
export interface Stored<T = unknown> {
  /** What one of them is called: "reward". */
  readonly called: string
  readonly schema: TSchema & { readonly static: T }
  /** What a value is filled in with that was kept before there was a property. */
  readonly initial: Partial<T>
  /** The first makes a value of version 1 one of version 2, and so on: the version of today is one more than there are. */
  readonly upgrades: readonly ((kept: never) => KeptValue)[]
  /**
   * What stands in for a value that cannot be read: it does nothing, and may bear the name of what is kept. Of `undefined` it
   * must be as the schema has it.
   */
  readonly off: (kept: unknown) => T
}

/**
 * Declares how values of one kind are kept as JSON. Whoever adds a property gives it a value in `initial`; whoever changes
 * what one means adds an upgrade, and a row of the version before to the test of frozen rows.
 */
export const stored = <T>(
  called: string,
  schema: TSchema & { readonly static: T },
  { initial = {}, upgrades = [], off }: Pick<Stored<T>, 'off'> & Partial<Stored<T>>,
): Stored<T> => ({ called, schema, initial, upgrades, off })

/** What a kept value comes to: `fault` says why it could not be read, and `value` then is what stands in for it. */
export type ReadValue<T> = { readonly value: T; readonly fault?: string }

/**
 * A value as the rules have it today, from what some version kept: upgraded step by step, filled in, and checked.
 * @param faultIn - Says in a sentence what of a value is not as its schema has it; undefined if nothing is.
 */
export function readStored<T>(
  { called, initial, upgrades, off, schema }: Stored<T>,
  kept: unknown,
  faultIn: (schema: TSchema, value: unknown) => string | undefined,
): ReadValue<T> {
  const unreadable = (why: string) => {
    const named = off(kept)
    const value = faultIn(schema, named) === undefined ? named : off(undefined)
    return { value, fault: `This ${called} cannot be read: ${why}.` }
  }
  const { version, value: old } = versioned(kept)
  const today = upgrades.length + 1
  if (version > today) return unreadable('a newer version of Ricompensa wrote it')
  let value = old
  try {
    for (const upgrade of upgrades.slice(version - 1)) value = upgrade(value as never)
  } catch {
    return unreadable(`it is of version ${version} and could not be brought to version ${today}`)
  }
  const filled = filledIn(schema, initial, value)
  const fault = faultIn(schema, filled)
  return fault === undefined ? { value: filled as T } : unreadable(fault)
}

/** A value as it is kept: one that was never upgraded is kept bare, as those of the first version were. */
export function keptOf<T>({ upgrades }: Stored<T>, value: T): unknown {
  if (upgrades.length === 0) return value
  return { 'kept/version': upgrades.length + 1, ...(Array.isArray(value) ? { 'kept/list': value } : value) }
}

function versioned(kept: unknown): { readonly version: number; readonly value: unknown } {
  if (!isObject(kept) || !('kept/version' in kept)) return { version: 1, value: kept }
  const { 'kept/version': version, ...value } = kept
  return { version: Number(version), value: 'kept/list' in value ? value['kept/list'] : value }
}

/** A value with what `initial` has where the value has nothing; within an object of fixed properties, too, never in a choice. */
function filledIn(schema: TSchema, initial: unknown, value: unknown): unknown {
  if (!isObject(value) || !isObject(initial)) return value
  const properties: Readonly<Record<string, TSchema>> = schema.properties ?? {}
  const inside = Object.entries(properties).filter(([name]) => name in value && name in initial)
  if (schema.type !== 'object') return value
  return {
    ...initial,
    ...value,
    ...Object.fromEntries(inside.map(([name, one]) => [name, filledIn(one, initial[name], value[name])])),
  }
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** A text within a kept value, for the name of what stands in for it; '' if there is none of at most so many letters. */
export function textIn(kept: unknown, property: string, most: number): string {
  const text = isObject(kept) ? kept[property] : undefined
  return typeof text === 'string' && /\S/.test(text) ? text.slice(0, most) : ''
}
