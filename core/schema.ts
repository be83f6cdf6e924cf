import { type TProperties, type TSchema, Type } from '@sinclair/typebox'

/** For an object that may hold nothing but what is declared. */
export const closed = { additionalProperties: false }

/** An object of these fields, and no others. */
export const exactly = <P extends TProperties>(fields: P) => Type.Object(fields, closed)

/** What is answered where there is nothing to say but that it is done. */
export const Nothing = exactly({})

/** A whole number within bounds, both included. */
export const whole = (minimum: number, maximum = Number.MAX_SAFE_INTEGER) => Type.Integer({ minimum, maximum })

declare const kind: unique symbol

/** A number of one kind. A plain number can become one where it comes in; one kind never passes for another. */
export type NumberOf<K extends string> = number & { readonly [kind]?: K }

const numberOf = <K extends string>(minimum: number, _: K) => Type.Unsafe<NumberOf<K>>(whole(minimum))

/** Number of anything that a channel has: what has a type of its own below is told apart from all else. */
export const Id = whole(1)

export const ViewerId = numberOf(1, 'viewer')
export type ViewerId = NumberOf<'viewer'>
export const RewardId = numberOf(1, 'reward')
export type RewardId = NumberOf<'reward'>
export const OrderId = numberOf(1, 'order')
export type OrderId = NumberOf<'order'>
export const RaffleId = numberOf(1, 'raffle')
export type RaffleId = NumberOf<'raffle'>
export const RoundId = numberOf(1, 'round')
export type RoundId = NumberOf<'round'>
export const BetId = numberOf(1, 'bet')
export type BetId = NumberOf<'bet'>
export const GoalId = numberOf(1, 'goal')
export type GoalId = NumberOf<'goal'>
export const CommandId = numberOf(1, 'command')
export type CommandId = NumberOf<'command'>
export const TriggerId = numberOf(1, 'trigger')
export type TriggerId = NumberOf<'trigger'>
export const TallyId = numberOf(1, 'tally')
export type TallyId = NumberOf<'tally'>
export const CircleId = numberOf(1, 'circle')
export type CircleId = NumberOf<'circle'>
export const OverlayId = numberOf(1, 'overlay')
export type OverlayId = NumberOf<'overlay'>
export const ShowId = numberOf(1, 'show')
export type ShowId = NumberOf<'show'>

/** A count that is never below nothing. */
export const Count = whole(0)

/** So much of the channel's currency, in its unit. */
export const Amount = numberOf(0, 'amount')
export type Amount = NumberOf<'amount'>

/** An amount that the team sets: a price, a stake, a bonus. */
export const SetAmount = Type.Unsafe<Amount>(whole(0, 1_000_000_000))

/** A point in time in seconds since 1970. */
export const UnixSeconds = numberOf(0, 'time')
export type UnixSeconds = NumberOf<'time'>

/** A length of time in seconds. */
export const Seconds = numberOf(0, 'seconds')
export type Seconds = NumberOf<'seconds'>

/** How long something rests before it may be used again: a day at most. */
export const Rest = Type.Unsafe<Seconds>(whole(0, 86_400))

/** Parts of a million; hundredths of a hundredth. */
export type Ppm = NumberOf<'ppm'>
export type BasisPoints = NumberOf<'basis points'>

/** What a schema describes, as the rules hold it: nothing in it is changed in place. */
export type Fixed<T> = T extends string | number | boolean | null | undefined
  ? T
  : T extends readonly (infer E)[]
    ? readonly Fixed<E>[]
    : { readonly [K in keyof T]: Fixed<T[K]> }

/** A value that may be missing. */
export const orNull = <S extends TSchema>(schema: S) => Type.Union([schema, Type.Null()])

/** One of a few words. */
export const oneOf = <const T extends readonly string[]>(words: T) =>
  Type.Unsafe<T[number]>(Type.Union(words.map((word) => Type.Literal(word))))

/** The number of something, or null for none. */
export const IdOrNull = orNull(Id)
