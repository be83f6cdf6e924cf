import type { ViewerId } from '../schema.ts'
import type { Drawing, ShownPick, Strip } from './rows.ts'

/** So many slices can be told apart on a strip; narrower ones are shown together. */
const MOST_SLICES = 240
/** Who has at least this part of all chances is named on the strip. */
const NAMED_PART = 25

/** Somebody on the strip: what they have of it, and their name. */
export interface OnStrip {
  readonly viewer: ViewerId
  readonly name: string
  readonly weight: number
}

/** Where a pick stops on the strip of all who were in before the first of this draw. */
export interface OnList {
  readonly draw: number
  readonly winner: number
  readonly point: number
  readonly start: number
}

/** The strip as everybody may see it before the reveal: nothing of it hangs on who was picked. */
export const hiddenStrip = (all: readonly OnStrip[]): Pick<Drawing, 'total' | 'slices'> => {
  const { total, slices } = stripOf(all, [])
  return { total, slices }
}

/**
 * The odds bar of a draw: every person a slice as wide as their chance, in the order of entry; the narrowest next to one another are joined
 * until the strip can be drawn. A pick that came after others stops at the same place within the winner's slice.
 */
export function stripOf(all: readonly OnStrip[], picks: readonly OnList[]): Strip {
  const total = all.reduce((sum, one) => sum + one.weight, 0)
  const winners = new Map(picks.map((pick) => [pick.winner, pick]))
  const slices: [number, string | null][] = []
  const shown: ShownPick[] = []
  let [start, joined] = [0, 0]
  const join = () => {
    if (joined > 0) slices.push([joined, null])
    joined = 0
  }
  for (const { viewer, name, weight } of all) {
    const pick = winners.get(viewer)
    const wide = weight * MOST_SLICES >= total
    if (pick !== undefined || wide) {
      join()
      slices.push([weight, pick !== undefined || weight * NAMED_PART >= total ? name : null])
    } else {
      joined += weight
      if (joined * MOST_SLICES >= total) join()
    }
    if (pick !== undefined) shown.push({ draw: pick.draw, name, mark: start + pick.point - pick.start })
    start += weight
  }
  join()
  return { picks: shown.sort((a, b) => a.draw - b.draw), total, slices }
}
