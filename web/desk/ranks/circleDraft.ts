import { type Faults, foundFaults } from '#core/faults'
import type { CircleRow } from '#core/people'
import type { CircleSettings, Rank } from '#core/ranks'

/** A circle as it is being typed; an empty text asks for nothing. */
export interface CircleDraft {
  readonly name: string
  readonly keep: boolean
  readonly hours: string
  readonly showsLeast: string
  readonly showsOf: string
  readonly followerDays: string
  readonly subscriberMonths: string
  readonly rank: string
}

const text = (n: number | null): string => (n === null ? '' : String(n))

export const draftOf = (circle: Pick<CircleRow, 'name' | 'keep' | 'rules'> | null): CircleDraft => ({
  name: circle?.name ?? '',
  keep: circle?.keep ?? false,
  hours: text(circle?.rules.hours ?? null),
  showsLeast: text(circle?.rules.shows?.least ?? null),
  showsOf: text(circle?.rules.shows?.of ?? null),
  followerDays: text(circle?.rules.followerDays ?? null),
  subscriberMonths: text(circle?.rules.subscriberMonths ?? null),
  rank: text(circle?.rules.rank ?? null),
})

/** A whole number from 1; null: the field is empty; undefined: it is something else. */
function wholeIn(typed: string, most: number): number | null | undefined {
  const plain = typed.trim()
  if (plain === '') return null
  return /^\d{1,6}$/.test(plain) && Number(plain) >= 1 && Number(plain) <= most ? Number(plain) : undefined
}

const readAll = (draft: CircleDraft) => ({
  hours: wholeIn(draft.hours, 100_000),
  least: wholeIn(draft.showsLeast, 50),
  of: wholeIn(draft.showsOf, 50),
  followerDays: wholeIn(draft.followerDays, 36_500),
  subscriberMonths: wholeIn(draft.subscriberMonths, 1200),
})

/** What of a draft cannot be read, by field, and what to change. */
export function circleFaults(draft: CircleDraft): Faults {
  const { hours, least, of, followerDays, subscriberMonths } = readAll(draft)
  const either = least === undefined || of === undefined || (least === null) !== (of === null)
  const never = least && of && least > of ? `Nobody can attend ${least} of ${of} shows.` : undefined
  return foundFaults({
    name: draft.name.trim() === '' ? 'Type a name for the circle.' : undefined,
    hours: hours === undefined ? 'Type whole hours from 1 up, or leave them empty.' : undefined,
    showsLeast: either ? 'Type both numbers of shows, from 1 to 50, or leave both empty.' : never,
    followerDays: followerDays === undefined ? 'Type whole days from 1 up, or leave them empty.' : undefined,
    subscriberMonths: subscriberMonths === undefined ? 'Type whole months from 1 up, or leave them empty.' : undefined,
  })
}

/** The circle that a draft stands for, once nothing is wrong with it. */
export function readCircle(draft: CircleDraft): CircleSettings {
  const { hours = null, least = null, of = null, followerDays = null, subscriberMonths = null } = readAll(draft)
  const shows = least === null || of === null ? null : { least, of }
  const rank = draft.rank === '' ? null : Number(draft.rank)
  return { name: draft.name.trim(), keep: draft.keep, rules: { hours, shows, followerDays, subscriberMonths, rank } }
}

/** What makes somebody a member: "watched 20 h and attended 6 of the last 10 shows; left again when that ends". */
export function rulesInWords({ rules, keep }: Pick<CircleRow, 'rules' | 'keep'>, ranks: readonly Rank[]): string {
  const { hours, shows, followerDays, subscriberMonths, rank } = rules
  const parts: string[] = []
  if (hours !== null) parts.push(`watched ${hours} h`)
  if (shows !== null) parts.push(`attended ${shows.least} of the last ${shows.of} shows`)
  if (followerDays !== null) parts.push(`followed for ${followerDays} days`)
  if (subscriberMonths !== null) parts.push(`subscribed for ${subscriberMonths} months`)
  if (rank !== null) parts.push(`rank ${ranks.find(({ id }) => id === rank)?.name ?? 'that is gone'} or higher`)
  if (parts.length === 0) return 'joined by invitation'
  return `${parts.join(' and ')}; ${keep ? 'kept for good' : 'left again when that ends'}`
}
