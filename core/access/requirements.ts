import { type Static, Type } from '@sinclair/typebox'
import { durationInWords } from '../currency/index.ts'
import { closed, type Seconds, type UnixSeconds, whole } from '../schema.ts'
import { keysOf } from '../world/index.ts'

const HOUR = 3600
const DAY = 86_400

/** All of somebody that requirements look at. Times in seconds since 1970. */
export interface Looked {
  readonly watchedSeconds: Seconds
  readonly followedAt: UnixSeconds | null
  readonly firstSeenAt: UnixSeconds
  /** When their account was made; null: not known. */
  readonly accountMadeAt: UnixSeconds | null
}

/** How many seconds of watching are missing to so many hours; 0: none. */
export const watchShort = (hours: number, { watchedSeconds }: Pick<Looked, 'watchedSeconds'>): Seconds =>
  Math.max(0, hours * HOUR - watchedSeconds)

/** How many seconds of following are missing to so many days; 0: none, null: they do not follow. */
export function followShort(days: number, { followedAt }: Pick<Looked, 'followedAt'>, at: UnixSeconds): Seconds | null {
  if (days === 0) return 0
  return followedAt === null ? null : Math.max(0, days * DAY - (at - followedAt))
}

export const daysInWords = (days: number): string => (days === 1 ? '1 day' : `${days} days`)

interface Requirement {
  readonly most: number
  /** What the field is called, with its unit. */
  readonly name: string
  readonly unit: string
  /** What it takes: "5 h watched". */
  readonly takes: (value: number) => string
  /** What somebody lacks of it: "you need 2 h more"; undefined: nothing. */
  readonly lacks: (value: number, person: Looked, at: UnixSeconds) => string | undefined
}

/**
 * What can be asked of everybody who may use something, whoever they are. All that is set, checked, said and shown of
 * requirements follows from this list.
 */
export const REQUIREMENTS = {
  hours: {
    most: 100_000,
    name: 'Watched at least',
    unit: 'hours',
    takes: (hours) => `${hours} h watched`,
    lacks: (hours, person) => {
      const short = watchShort(hours, person)
      return short === 0 ? undefined : `you need ${durationInWords(Math.ceil(short / 60) * 60)} more`
    },
  },
  followDays: {
    most: 10_000,
    name: 'Following for at least',
    unit: 'days',
    takes: (days) => `${daysInWords(days)} of following`,
    lacks: (days, person, at) => {
      const short = followShort(days, person, at)
      if (short === null) return 'you do not follow yet'
      return short === 0 ? undefined : `for you that is in ${daysInWords(Math.ceil(short / DAY))}`
    },
  },
  knownDays: {
    most: 10_000,
    name: 'Known here for at least',
    unit: 'days',
    takes: (days) => `${daysInWords(days)} since the first visit`,
    lacks: (days, { firstSeenAt }, at) => {
      const short = days * DAY - (at - firstSeenAt)
      return short <= 0 ? undefined : `for you that is in ${daysInWords(Math.ceil(short / DAY))}`
    },
  },
  accountDays: {
    most: 10_000,
    name: 'Account made at least',
    unit: 'days ago',
    takes: (days) => `an account at least ${daysInWords(days)} old`,
    // An account is at least as old as its first visit here.
    lacks: (days, { firstSeenAt, accountMadeAt }, at) => {
      const short = days * DAY - (at - Math.min(firstSeenAt, accountMadeAt ?? firstSeenAt))
      if (short <= 0) return undefined
      return `for you that is in ${durationInWords(Math.ceil(short / DAY) * DAY)}, as far as is known here`
    },
  },
} as const satisfies Readonly<Record<string, Requirement>>

export type RequirementKey = keyof typeof REQUIREMENTS
export const REQUIREMENT_KEYS = keysOf(REQUIREMENTS)

/** What is asked of everybody who may use something; what is left out is not asked. */
export const Asked = Type.Object(
  Object.fromEntries(REQUIREMENT_KEYS.map((key) => [key, Type.Optional(whole(1, REQUIREMENTS[key].most))])) as {
    readonly [K in RequirementKey]: ReturnType<typeof optionalWhole>
  },
  closed,
)
const optionalWhole = () => Type.Optional(whole(1))
export type Asked = Static<typeof Asked>

/** "5 h watched, 7 days of following"; '': nothing is asked. */
export const askedInWords = (asked: Asked | undefined): string =>
  REQUIREMENT_KEYS.flatMap((key) => {
    const value = asked?.[key]
    return value === undefined ? [] : [REQUIREMENTS[key].takes(value)]
  }).join(', ')

/** The first thing that somebody lacks, as a sentence: "It takes 5 h watched; you need 2 h more."; undefined: nothing. */
export function lackOf(asked: Asked | undefined, person: () => Looked, at: UnixSeconds): string | undefined {
  for (const key of REQUIREMENT_KEYS) {
    const value = asked?.[key]
    const lacks = value === undefined ? undefined : REQUIREMENTS[key].lacks(value, person(), at)
    if (value !== undefined && lacks !== undefined) return `It takes ${REQUIREMENTS[key].takes(value)}; ${lacks}.`
  }
  return undefined
}
