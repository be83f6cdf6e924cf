import type { CircleId, UnixSeconds } from '../schema.ts'
import type { ViewerRow } from './viewers.ts'

/**
 * What a viewer is to the channel: `follower`, `tier1` to `tier3` (a subscriber, one of them at a time), `moderator`, `linked` (has a second account that is theirs, too), and
 * `circle:ID` for each circle they are in.
 */
export type Standing = string

/** The standings that there are without any circle, in the order in which they are shown. */
export const PLAIN_STANDINGS = ['follower', 'tier1', 'tier2', 'tier3', 'moderator', 'linked'] as const

export const circleStanding = (circle: CircleId): Standing => `circle:${circle}`

/** What standings are made of. */
export type StandingFacts = Pick<
  ViewerRow,
  'followedAt' | 'tier' | 'subscribedUntil' | 'moderator' | 'linked' | 'circles'
>

/** Whether a subscription holds at a time (seconds since 1970). */
export const subscribes = (
  { tier, subscribedUntil }: Pick<ViewerRow, 'tier' | 'subscribedUntil'>,
  at: UnixSeconds,
): boolean => tier > 0 && (subscribedUntil === null || subscribedUntil > at)

/** The standings somebody holds at a time, in the order of `PLAIN_STANDINGS`, then their circles. */
export function standingsOf(viewer: StandingFacts, at: UnixSeconds): Standing[] {
  const held: Standing[] = []
  if (viewer.followedAt !== null) held.push('follower')
  if (subscribes(viewer, at)) held.push(`tier${viewer.tier}`)
  if (viewer.moderator) held.push('moderator')
  if (viewer.linked) held.push('linked')
  return [...held, ...viewer.circles.map(circleStanding)]
}

/** Whether a needed standing is among those held; null needs none, `subscriber` is met by every tier. */
export const holds = (held: readonly Standing[], needed: Standing | null): boolean =>
  needed === null || held.includes(needed) || (needed === 'subscriber' && held.some((one) => /^tier[123]$/.test(one)))

const NAMES: Readonly<Record<string, string>> = {
  follower: 'follower',
  subscriber: 'subscriber',
  tier1: 'subscriber, tier 1',
  tier2: 'subscriber, tier 2',
  tier3: 'subscriber, tier 3',
  moderator: 'moderator',
  linked: 'viewer with a linked account',
}

/** What a standing is called: "follower", "subscriber, tier 2", or the circle's name. */
export function standingName(
  standing: Standing,
  circles: readonly { readonly id: number; readonly name: string }[],
): string {
  const circle = circles.find(({ id }) => circleStanding(id) === standing)
  return circle?.name ?? NAMES[standing] ?? 'a removed circle'
}
