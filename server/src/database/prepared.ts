import type { Reader } from './connect.ts'

/**
 * A read that is made over and over: putting its SQL together anew each time took longer than sending it.
 * @param make - Makes it, its values as placeholders, prepared without a name: PostgreSQL then plans it by its values.
 */
export function prepared<Query>(make: (db: Reader) => Query): (db: Reader) => Query {
  const kept = new WeakMap<Reader, Query>()
  return (db) => {
    const before = kept.get(db)
    if (before !== undefined) return before
    const made = make(db)
    kept.set(db, made)
    return made
  }
}
