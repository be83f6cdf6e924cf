import type { OrderId, RaffleId, RewardId, UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, type Need, needKey, noId, savedCollection, viewerIn, type World } from '../world/index.ts'
import type { RewardSettings } from './schema.ts'
import { type Counts, NO_COUNTS } from './windows.ts'

/** Something that the store sells. `word` is that of its settings; null once it is archived, so that another can bear it. */
export interface RewardRow {
  readonly id: RewardId
  readonly word: string | null
  readonly settings: RewardSettings
  /** Its place in the store, from 0. */
  readonly place: number
  readonly goneAt: UnixSeconds | null
}

/** Archived rewards are not loaded. */
export const rewards = defineTable<RewardRow>('reward', 'whole', (row) => row.id, ['word'])

/** The rewards there are, in the order of the shelf. */
export const savedRewards = savedCollection(rewards, {
  one: 'reward',
  many: 'rewards',
  most: 500,
  missing: 'reward_not_found',
  full: 'reward_invalid',
  order: (a, b) => a.place - b.place || a.id - b.id,
})
export const { open: openRewards, find: rewardOf } = savedRewards

/**
 * How often a reward was sold: by everybody (key: the reward's id) or to one viewer ("id/viewer"). What was given back does not
 * count.
 */
export interface RewardSaleRow extends Counts {
  readonly key: string
  /** When it may be bought again (seconds since 1970). */
  readonly until: UnixSeconds
  readonly lastAt: UnixSeconds
  /** When what was bought last ends. */
  readonly perkUntil: UnixSeconds
  /** Whether its secret word was said. */
  readonly unlocked: boolean
}

export const rewardSales = defineTable<RewardSaleRow>('sold', 'keyed', (row) => row.key, [], viewerIn)

export const salesKey = (reward: RewardId, viewer: ViewerId | null): string =>
  viewer === null ? String(reward) : `${reward}/${viewer}`

/** What buying a reward needs to know of its sales. `viewer`: undefined for who is new. */
export const needSales = (reward: RewardId, viewer: ViewerId | undefined): Need[] =>
  [null, ...(viewer === undefined ? [] : [viewer])].map((who) => needKey(rewardSales, salesKey(reward, who)))

export const NO_SALES: Omit<RewardSaleRow, 'key'> = {
  ...NO_COUNTS,
  until: 0,
  lastAt: 0,
  perkUntil: 0,
  unlocked: false,
}

export function saleCountsOf(world: World, reward: RewardId, viewer: ViewerId | null): RewardSaleRow {
  const key = salesKey(reward, viewer)
  return world.get(rewardSales, key) ?? { key, ...NO_SALES }
}

/** How many codes a reward's list has had, and how many of them are given out. Bears the reward's id. */
export interface CodeListRow {
  readonly id: number
  readonly count: number
  readonly given: number
}

export const codeLists = defineTable<CodeListRow>('codeList', 'whole', (row) => row.id)

export const codeListOf = (world: World, reward: RewardId): CodeListRow =>
  world.get(codeLists, reward) ?? { id: reward, count: 0, given: 0 }

export const codesLeft = ({ count, given }: Pick<CodeListRow, 'count' | 'given'>): number => count - given

/** A code of a reward's list: the n-th that was put in (key "reward/n"). */
export interface CodeRow {
  readonly key: string
  readonly code: string
  /** "reward:code", by which a code that was put in before is known. */
  readonly mark: string
  /** The order it was given out with; null: it was not. */
  readonly order: OrderId | RaffleId | null
}

export const codes = defineTable<CodeRow>('code', 'keyed', (row) => row.key, ['mark'], noId)

export const codeKey = (reward: RewardId, n: number): string => `${reward}/${n}`

/** So many codes are had at hand for one batch: of more buyers at once the rest is decided after them. */
const AT_HAND = 64

/** The codes that are given out next. @param most - So many may be given out by one intent. */
export function needCodes(world: World, { id, settings }: RewardRow, most = AT_HAND): Need[] {
  if (settings.kind !== 'code') return []
  const list = codeListOf(world, id)
  const next = Math.min(most, codesLeft(list))
  return Array.from({ length: next }, (_, i) => needKey(codes, codeKey(id, list.given + 1 + i)))
}
