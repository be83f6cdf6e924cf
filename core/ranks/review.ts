import { earnedOf } from '../ledger/index.ts'
import {
  attendedOfLast,
  type CircleRow,
  hasRules,
  openCircles,
  standingsOf,
  subscribes,
  type ViewerRow,
  viewers,
  type WatchRow,
  watchOf,
} from '../people/index.ts'
import type { UnixSeconds, ViewerId } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { latestShow } from '../show/index.ts'
import { fillIn } from '../texts/index.ts'
import { say } from '../voice/index.ts'
import type { World } from '../world/index.ts'
import { measureOf, nextThreshold, rankFor } from './ranks.ts'
import type { RankPlan } from './schema.ts'
import { ranksSetting } from './setting.ts'

const DAY = 86_400
/** A month of tenure: as people count it, near enough, and the same for everybody. */
const MONTH = 30 * DAY

/** What the rules of circles look at. Times and durations in seconds. */
export interface CircleFacts {
  readonly viewer: Pick<ViewerRow, 'followedAt' | 'tier' | 'subscribedSince' | 'subscribedUntil'>
  readonly watch: Pick<WatchRow, 'watchedSeconds' | 'attended' | 'attendedShow'>
  /** Number of the latest show. */
  readonly latest: number
  /** Where the held rank stands among all, lowest 0; -1: none. */
  readonly rankAt: UnixSeconds
  readonly at: UnixSeconds
}

/** Whether somebody meets every rule of a circle; one without rules is met by nobody. */
export function meetsRules(
  { rules }: Pick<CircleRow, 'rules'>,
  { viewer, watch, latest, rankAt, at }: CircleFacts,
  rankPlace: (rank: number) => number,
): boolean {
  const { hours, shows, followerDays, subscriberMonths, rank } = rules
  if (!hasRules({ rules })) return false
  if (hours !== null && watch.watchedSeconds < hours * 3600) return false
  if (shows !== null && attendedOfLast(watch, latest, shows.of) < shows.least) return false
  if (followerDays !== null && (viewer.followedAt === null || at - viewer.followedAt < followerDays * DAY)) return false
  if (subscriberMonths !== null) {
    if (!subscribes(viewer, at) || viewer.subscribedSince === null) return false
    if (at - viewer.subscribedSince < subscriberMonths * MONTH) return false
  }
  return rank === null || (rankPlace(rank) >= 0 && rankAt >= rankPlace(rank))
}

/** The circles somebody is in: as a hand decided, else by the rules, else as before where a circle keeps its members. */
export function circlesFor(
  all: readonly CircleRow[],
  viewer: Pick<ViewerRow, 'circles' | 'circlesByHand'>,
  meets: (circle: CircleRow) => boolean,
): number[] {
  return all
    .filter((circle) => {
      const byHand = viewer.circlesByHand[circle.id]
      if (byHand !== undefined) return byHand === 'in'
      return (circle.keep && viewer.circles.includes(circle.id)) || meets(circle)
    })
    .map(({ id }) => id)
}

const placeIn = ({ ranks }: RankPlan) => {
  const order = [...ranks].sort((a, b) => a.from - b.from).map(({ id }) => id)
  return (rank: number) => order.indexOf(rank)
}

/**
 * Looks at somebody's rank and circles anew, after whatever may have changed them. Circles may need a rank and ranks a
 * circle: ranks are looked at first, and again once circles changed.
 * @returns Their promotion, if there was one, to be announced (`announce`).
 */
export function review(world: World, id: number): Promotion | undefined {
  const plan = readSetting(world, ranksSetting)
  const circles = openCircles(world)
  const viewer = world.get(viewers, id)
  if (viewer === undefined || viewer.ignored || viewer.mergedInto !== null) return undefined
  if (plan.ranks.length === 0 && circles.length === 0 && viewer.rank === null && viewer.circles.length === 0)
    return undefined
  const ranked = rerank(world, viewer, plan)
  const circled = recircle(world, ranked, circles, plan)
  const after = circled === ranked ? ranked : rerank(world, circled, plan)
  if (same(viewer, after)) return undefined
  world.put(viewers, after)
  return tell(world, viewer, after, plan)
}

/** Somebody who rose to a rank. */
export interface Promotion {
  readonly name: string
  readonly rank: string
}

const same = (a: ViewerRow, b: ViewerRow): boolean =>
  a.rank === b.rank && a.rankNext === b.rankNext && String(a.circles) === String(b.circles)

function rerank(world: World, viewer: ViewerRow, plan: RankPlan): ViewerRow {
  const { watchedSeconds } = watchOf(world, viewer.id)
  const measure = measureOf(plan, { watchedSeconds, earned: earnedOf(world, viewer.id) })
  const rank = rankFor(plan.ranks, measure, standingsOf(viewer, world.at))?.id ?? null
  return { ...viewer, rank, rankNext: nextThreshold(plan.ranks, measure) }
}

function recircle(world: World, viewer: ViewerRow, all: readonly CircleRow[], plan: RankPlan): ViewerRow {
  const place = placeIn(plan)
  const facts: CircleFacts = {
    viewer,
    watch: watchOf(world, viewer.id),
    latest: latestShow(world)?.number ?? 0,
    rankAt: viewer.rank === null ? -1 : place(viewer.rank),
    at: world.at,
  }
  const circles = circlesFor(all, viewer, (circle) => meetsRules(circle, facts, place))
  return String(circles) === String(viewer.circles) ? viewer : { ...viewer, circles }
}

function tell(world: World, before: ViewerRow, after: ViewerRow, plan: RankPlan): Promotion | undefined {
  if (String(before.circles) !== String(after.circles))
    world.fact('circle.changed', 'desk', { viewer: after.id, name: after.name })
  if (before.rank === after.rank) return undefined
  const place = placeIn(plan)
  const rank = plan.ranks.find(({ id }) => id === after.rank)
  const up = rank !== undefined && place(rank.id) > (before.rank === null ? -1 : place(before.rank))
  world.fact('rank.changed', 'desk', { viewer: after.id, name: after.name, rank: rank?.name ?? null, up })
  world.fact('me.changed', `viewer:${after.id}`, {})
  if (up) world.moment('rankReached', after.id, { rank: rank.id, name: rank.name })
  return up ? { name: after.name, rank: rank.name } : undefined
}

/** As many promotions to one rank are told one by one; of more at a time chat would hear nothing else for minutes. */
const TOLD_ALONE = 3

/** Says promotions in chat as the streamer wishes: those to one rank together where there are many. */
export function announce(world: World, promotions: readonly Promotion[]): void {
  const text = readSetting(world, ranksSetting).announce
  if (text.trim() === '') return
  for (const rank of new Set(promotions.map((one) => one.rank))) {
    const names = promotions.filter((one) => one.rank === rank).map(({ name }) => name)
    const many = `New: ${rank}. Well done, ${names.slice(0, 3).join(', ')} and ${names.length - 3} more!`
    const told = names.length > TOLD_ALONE ? [many] : names.map((name) => promotionText(text, name, rank))
    for (const line of told) say(world, { topic: 'ranks', to: null, text: line })
  }
}

/** "{{ viewer.name }} is {{ viewer.rank }} now." filled in. */
export const promotionText = (announce: string, name: string, rank: string): string =>
  fillIn(announce, { viewer: { name, rank } })

/** The name of the rank somebody holds, for texts; empty where they hold none. */
export function rankName(world: World, viewer: ViewerId): string {
  const held = world.get(viewers, viewer)?.rank
  return readSetting(world, ranksSetting).ranks.find(({ id }) => id === held)?.name ?? ''
}

/** Whether somebody holds a rank or a higher one. A rank that is gone is held by nobody. */
export function rankFrom(world: World, viewer: Pick<ViewerRow, 'rank'>, rank: number): boolean {
  const place = placeIn(readSetting(world, ranksSetting))
  return viewer.rank !== null && place(rank) >= 0 && place(viewer.rank) >= place(rank)
}
