import { mulDiv } from '../ledger/index.ts'
import type { Standing } from '../people/index.ts'
import type { UnixSeconds } from '../schema.ts'
import { weightOf } from './draw.ts'
import { type Person, personMay } from './mayEnter.ts'
import { somebodyWith } from './open.ts'
import type { RaffleSettings } from './schema.ts'
import { freeTickets, ticketWeight, weightInWords } from './tickets.ts'

/** Somebody who is here, as far as a raffle asks. */
export interface Here {
  readonly person: Person
  readonly standings: readonly Standing[]
}

/** What those with one standing have of all chances. Both parts in tenths of a hundredth (1,000: all). */
export interface Share {
  readonly standing: string
  readonly weight: number
  readonly people: number
  readonly ofPeople: number
  readonly ofChances: number
}

/** What a raffle means for those who are here. */
export interface Outlook {
  readonly here: number
  /** Of them, who could enter now; and of the others, how many for each reason, by its code. */
  readonly could: number
  readonly reasons: readonly { readonly code: string; readonly count: number }[]
  /** If everybody who could came in with what is free for them (or one ticket). */
  readonly shares: readonly Share[]
  /** The smallest chance in hundredths of an equal one; null: nobody could enter. */
  readonly least: number | null
}

/** A chance below this part of an equal one is warned of (hundredths). */
const FAIR = 10

/** What a raffle with such settings would mean if everybody who is here came in. */
export function outlookOf(settings: RaffleSettings, all: readonly Here[], at: UnixSeconds): Outlook {
  const reasons = new Map<string, number>()
  const could = all.filter(({ person }) => {
    const may = personMay(settings, person, at)
    if (!may.ok) reasons.set(may.refusal.code, (reasons.get(may.refusal.code) ?? 0) + 1)
    return may.ok
  })
  const entries = could.map(({ standings }) => {
    const { weight, standing } = ticketWeight(settings, standings)
    return {
      standing,
      each: weight,
      weight: weightOf(
        Math.max(1, settings.price === 0 ? settings.mostTickets : freeTickets(settings, standings)),
        weight,
      ),
    }
  })
  const total = entries.reduce((sum, { weight }) => sum + weight, 0)
  const smallest = entries.reduce((least, { weight }) => Math.min(least, weight), Number.MAX_SAFE_INTEGER)
  return {
    here: all.length,
    could: could.length,
    reasons: [...reasons].map(([code, count]) => ({ code, count })).sort((a, b) => b.count - a.count),
    shares: sharesOf(
      entries.map(({ standing, each, weight }) => ({ standing, weight: each, people: 1, chances: weight })),
    ),
    least: entries.length === 0 ? null : mulDiv(smallest * 100, entries.length, total),
  }
}

/** Some of those who are in. */
export interface Group {
  /** What makes their tickets count more; null: nothing. */
  readonly standing: string | null
  readonly weight: number
  readonly people: number
  /** What their tickets count together. */
  readonly chances: number
}

/** What those with each standing that makes tickets count more have of all chances. */
export function sharesOf(groups: readonly Group[]): Share[] {
  const people = groups.reduce((sum, one) => sum + one.people, 0)
  const chances = groups.reduce((sum, one) => sum + one.chances, 0)
  const by = new Map<string, Share>()
  const sums = new Map<string, { people: number; chances: number; weight: number }>()
  for (const { standing, weight, people: some, chances: have } of groups) {
    if (standing === null) continue
    const sum = sums.get(standing) ?? { people: 0, chances: 0, weight }
    sums.set(standing, { people: sum.people + some, chances: sum.chances + have, weight: Math.max(sum.weight, weight) })
  }
  for (const [standing, sum] of sums)
    by.set(standing, {
      standing,
      weight: sum.weight,
      people: sum.people,
      ofPeople: mulDiv(sum.people, 1000, people),
      ofChances: mulDiv(sum.chances, 1000, chances),
    })
  return [...by.values()].sort((a, b) => b.ofChances - a.ofChances)
}

const part = (tenths: number): string => `${(tenths / 10).toFixed(1).replace('.0', '')} %`

/** "a subscriber’s ticket counts 1.5: that makes 38 % of all chances for 21 % of the people". */
export const shareInWords = (
  { standing, weight, ofPeople, ofChances }: Share,
  circles: readonly { id: number; name: string }[],
): string =>
  `A ticket of ${somebodyWith(standing, circles)} has weight ${weightInWords(weight)}: that makes ${part(ofChances)} of all chances for ${part(ofPeople)} of the people.`

/** What is warned of: who comes plainly would have far less than an equal chance; undefined: nothing. */
export const unfair = ({ least }: Pick<Outlook, 'least'>): string | undefined =>
  least !== null && least < FAIR
    ? `Somebody would have only ${least} % of an equal chance. Lower the weights or the free tickets of others, or people will say it was decided before.`
    : undefined
