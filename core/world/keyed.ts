/** The same for each of some words: an object with each of them as a key. */
export const keyedBy = <K extends string, T>(words: readonly K[], make: (word: K) => T) =>
  Object.fromEntries(words.map((word) => [word, make(word)])) as Record<K, T>

/** The keys of an object that has no others than its type says. */
export const keysOf = <T extends object>(object: T) => Object.keys(object) as (keyof T & string)[]
