import { type TProperties, type TSchema, Type } from '@sinclair/typebox'

/** For an object that may hold nothing but what is declared. */
export const closed = { additionalProperties: false }

/** An object of these fields, and no others. */
export const exactly = <P extends TProperties>(fields: P) => Type.Object(fields, closed)

/** What is answered where there is nothing to say but that it is done. */
export const Nothing = exactly({})

/** A whole number within bounds, both included. */
export const whole = (minimum: number, maximum = Number.MAX_SAFE_INTEGER) => Type.Integer({ minimum, maximum })

/** Number of anything that a channel has: a reward, an order, a viewer. */
export const Id = whole(1)

/** A count or an amount that is never below nothing. */
export const Count = whole(0)

/** A point in time in seconds since 1970. */
export const UnixSeconds = whole(0)

/** A value that may be missing. */
export const orNull = <S extends TSchema>(schema: S) => Type.Union([schema, Type.Null()])

/** One of a few words. */
export const oneOf = <const T extends readonly string[]>(words: T) =>
  Type.Unsafe<T[number]>(Type.Union(words.map((word) => Type.Literal(word))))

/** The same for each of some words: an object with each of them as a key. */
export const keyedBy = <K extends string, T>(words: readonly K[], make: (word: K) => T) =>
  Object.fromEntries(words.map((word) => [word, make(word)])) as Record<K, T>

/** The keys of an object that has no others than its type says. */
export const keysOf = <T extends object>(object: T) => Object.keys(object) as (keyof T & string)[]
