import type { RewardId } from '../schema.ts'
import { type Handler, needLookup, ok, refuse, type World } from '../world/index.ts'
import { leftIn, tellStock } from './place.ts'
import {
  codeKey,
  codeListOf,
  codeLists,
  codes,
  needSales,
  openRewards,
  type RewardRow,
  rewardOf,
  rewards,
  saleCountsOf,
} from './rewards.ts'

const GONE = 'This reward no longer exists. Reload the page.'

const changed = (world: World, reward: RewardId | null): void =>
  world.fact('store.changed', 'everyone', { reward: reward ?? 0 })

export interface SwitchRewards {
  readonly kind: 'store.switch'
  readonly rewards: readonly number[]
  readonly on: boolean
}

/** Puts rewards on sale, or takes them off. */
export function putOnSale(world: World, rows: readonly RewardRow[], on: boolean): void {
  for (const row of rows) world.put(rewards, { ...row, settings: { ...row.settings, on } })
  changed(world, rows.length === 1 ? (rows[0]?.id ?? null) : null)
}

/** Switches rewards on or off, one or a whole group. */
export const switchRewards = {
  decide(world, { rewards: ids, on }) {
    const rows = ids.map((id) => rewardOf(world, id)).filter((row) => row !== undefined)
    if (rows.length === 0) return refuse('reward_not_found', GONE)
    putOnSale(world, rows, on)
    return ok({ switched: rows.length, on })
  },
} satisfies Handler<SwitchRewards>

export interface RefillReward {
  readonly kind: 'store.refill'
  readonly reward: RewardId
}

/** Puts so many of a reward on the shelf again as its settings say: what was sold before does not count any more. */
export const refillReward = {
  needs: (_world, { reward }) => needSales(reward, undefined),
  decide(world, { reward: id }) {
    const row = rewardOf(world, id)
    if (row === undefined) return refuse('reward_not_found', GONE)
    const { refill, stock, name } = row.settings
    if (refill === null) return refuse('reward_invalid', `${name} has no number to refill to. Set one under Limits.`)
    const all = saleCountsOf(world, id, null).total + refill
    const filled = world.put(rewards, { ...row, settings: { ...row.settings, stock: { ...stock, all } } })
    tellStock(world, filled)
    changed(world, id)
    return ok({ left: leftIn(world, filled) ?? refill })
  },
} satisfies Handler<RefillReward>

export interface ArrangeRewards {
  readonly kind: 'store.arrange'
  /** The ids in the store's order; those left out come after them as they were. */
  readonly order: readonly number[]
}

/** Puts the rewards in another order. */
export const arrangeRewards = {
  decide(world, { order }) {
    const rank = new Map(order.map((id, i) => [id, i]))
    const sorted = openRewards(world).sort(
      (a, b) => (rank.get(a.id) ?? 1e6 + a.place) - (rank.get(b.id) ?? 1e6 + b.place),
    )
    for (const [place, row] of sorted.entries()) if (row.place !== place) world.put(rewards, { ...row, place })
    changed(world, null)
    return ok({})
  },
} satisfies Handler<ArrangeRewards>

export interface ArchiveReward {
  readonly kind: 'store.archive'
  readonly reward: RewardId
}

/** Takes a reward out of the store. What was sold of it stays, with its orders; its word is free again. */
export const archiveReward = {
  decide(world, { reward: id }) {
    const row = rewardOf(world, id)
    if (row === undefined) return refuse('reward_not_found', GONE)
    world.put(rewards, { ...row, word: null, goneAt: world.at })
    changed(world, id)
    return ok({})
  },
} satisfies Handler<ArchiveReward>

export interface AddCodes {
  readonly kind: 'store.codes'
  readonly reward: RewardId
  readonly codes: readonly string[]
}

export const MOST_CODES_AT_ONCE = 1000
const MOST_CODES = 100_000

/** Adds codes to a reward's list. Codes that are on it already, and repeats, are left out and counted. */
export const addCodes = {
  needs: (_world, { reward, codes: list }) => [
    ...list.map((code) => needLookup(codes, 'mark', `${reward}:${code}`)),
    ...needSales(reward, undefined),
  ],
  decide(world, { reward: id, codes: list }) {
    const row = rewardOf(world, id)
    if (row?.settings.kind !== 'code') return refuse('reward_not_found', GONE)
    let added = 0
    let { count } = codeListOf(world, id)
    for (const code of list) {
      const mark = `${id}:${code}`
      if (world.find(codes, 'mark', mark) !== undefined) continue
      if (count >= MOST_CODES) return refuse('codes_invalid', `A reward can have ${MOST_CODES} codes at most.`)
      count++
      added++
      world.add(codes, { key: codeKey(id, count), code, mark, order: null })
    }
    world.put(codeLists, { ...codeListOf(world, id), count })
    if (added > 0) tellStock(world, row)
    world.fact('store.changed', 'desk', { reward: id })
    return ok({ added, known: list.length - added })
  },
} satisfies Handler<AddCodes>

/** The codes in a pasted text or the first column of a CSV file: one a line, blank lines and quotes taken away, repeats once. */
export function readCodes(text: string): {
  readonly codes: string[]
  readonly repeats: number
  readonly tooLong: string[]
} {
  const lines = text
    .replace(/^\ufeff/, '')
    .split(/\r\n|\r|\n/)
    .map((line) =>
      (line.split(/[,;\t]/)[0] ?? '')
        .trim()
        .replace(/^"(.*)"$/, '$1')
        .trim(),
    )
    .filter((line) => line !== '')
  const fit = lines.filter((line) => [...line].length <= MOST_LETTERS)
  const unique = [...new Set(fit)]
  return {
    codes: unique,
    repeats: fit.length - unique.length,
    tooLong: lines.filter((line) => [...line].length > MOST_LETTERS),
  }
}

const MOST_LETTERS = 200
