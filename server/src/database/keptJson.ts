import { customType } from 'drizzle-orm/pg-core'
import { keptOf, readStored, type Stored } from '#core/world'
import { faultIn } from '../checked.ts'

/** Why a value could not be read that another stands in for. */
const faults = new WeakMap<object, string>()

/** Why what is kept could not be read, in a sentence, if this value stands in for it. */
export const faultOf = (value: unknown): string | undefined =>
  typeof value === 'object' && value !== null ? faults.get(value) : undefined

/** What is kept, as the rules have it: brought to today, or what stands in for it (`faultOf` tells). */
export function readKept<T extends object>(stored: Stored<T>, kept: unknown): T {
  const { value, fault } = readStored(stored, kept, faultIn)
  if (fault === undefined) return value
  // A copy of its own, so that nothing else is taken for unreadable.
  const standIn = structuredClone(value)
  faults.set(standIn, fault)
  return standIn
}

const inColumns = new Set<Stored>()

/** Everything that has a column of its own by `keptJson`. */
export const keptInColumns = (): readonly Stored[] => [...inColumns]

/** A column for JSON that outlives versions: every reader has it as the rules of today do. */
export function keptJson<T extends object>(name: string, stored: Stored<T>) {
  inColumns.add(stored)
  return customType<{ data: T; driverData: unknown }>({
    dataType: () => 'jsonb',
    toDriver: (value) => keptOf(stored, value),
    fromDriver: (kept) => readKept(stored, kept),
  })(name)
}
