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

/** The circle that a draft stands for, or what to change. */
export function readCircle(draft: CircleDraft): CircleSettings | string {
  const whole = (typed: string, most: number) =>
    typed.trim() === ''
      ? null
      : /^\d{1,6}$/.test(typed.trim()) && Number(typed) >= 1 && Number(typed) <= most
        ? Number(typed)
        : undefined
  const hours = whole(draft.hours, 100_000)
  const [least, of] = [whole(draft.showsLeast, 50), whole(draft.showsOf, 50)]
  const followerDays = whole(draft.followerDays, 36_500)
  const subscriberMonths = whole(draft.subscriberMonths, 1200)
  if (draft.name.trim() === '') return 'Type a name for the circle.'
  if (hours === undefined) return 'Type whole hours from 1 up, or leave them empty.'
  if (least === undefined || of === undefined || (least === null) !== (of === null))
    return 'Type both numbers of shows, from 1 to 50, or leave both empty.'
  if (least !== null && of !== null && least > of) return `Nobody can attend ${least} of ${of} shows.`
  if (followerDays === undefined || subscriberMonths === undefined)
    return 'Type whole days and months from 1 up, or leave them empty.'
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
