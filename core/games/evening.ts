import type { Amount } from '../schema.ts'
import type { Outcome } from './odds.ts'

/** One player's evening: with how much they come, and how they play. */
export interface Evening {
  readonly outcomes: readonly Outcome[]
  readonly balance: Amount
  readonly stake: Amount
  /** Plays in the evening, and how many such evenings are tried. */
  readonly plays: number
  readonly evenings: number
}

/** How such evenings end: for each play what the poorest 5 %, the poorer quarter, the middle, ... hold; and who lost everything. */
export interface Spread {
  /** For each of `SHARES` what is held after each play, the beginning first. */
  readonly bands: readonly (readonly number[])[]
  /** Evenings that ended because less than the stake was left. */
  readonly broke: number
  readonly evenings: number
  /** After how many plays half of those were there; null: nobody was. */
  readonly brokeAfter: number | null
}

/** The hundredths of the evenings that a band has below it. */
export const SHARES = [5, 25, 50, 75, 95] as const

/** A quick stream of numbers from 0 to below 1 for try-outs (xorshift, 32 bits). Nothing that is paid is ever drawn from it. */
export function quickRandom(seed: number): () => number {
  let x = seed >>> 0 || 1
  return () => {
    x ^= x << 13
    x ^= x >>> 17
    x ^= x << 5
    return (x >>> 0) / 4_294_967_296
  }
}

/** A function that plays once: from a number between 0 and 1 to what is paid in hundredths. */
export function player(outcomes: readonly Outcome[]): (drawn: number) => number {
  const pays = outcomes.map((one) => one.pays)
  let sum = 0
  const upTo = outcomes.map(({ chance }) => {
    sum += Number(chance.top) / Number(chance.bottom)
    return sum
  })
  const last = pays.length - 1
  return (drawn) => {
    for (let i = 0; i < last; i++) if (drawn < (upTo[i] as number)) return pays[i] as number
    return pays[last] ?? 0
  }
}

/** Tries many evenings. Rounded and drawn quickly: it shows a spread, and decides nothing. */
export function tryEvenings({ outcomes, balance, stake, plays, evenings }: Evening, random: () => number): Spread {
  const play = player(outcomes)
  const held = Array.from({ length: plays + 1 }, () => new Float64Array(evenings))
  const brokeAt: number[] = []
  for (let evening = 0; evening < evenings; evening++) {
    let left = balance
    let broke = left < stake
    if (broke) brokeAt.push(0)
    for (let at = 0; at <= plays; at++) {
      ;(held[at] as Float64Array)[evening] = left
      if (broke || at === plays) continue
      left += Math.floor((stake * play(random())) / 100) - stake
      if (left < stake) {
        broke = true
        brokeAt.push(at + 1)
      }
    }
  }
  for (const column of held) column.sort()
  const bands = SHARES.map((share) =>
    held.map((column) => column[Math.min(evenings - 1, Math.floor((share * evenings) / 100))] ?? 0),
  )
  brokeAt.sort((a, b) => a - b)
  return { bands, broke: brokeAt.length, evenings, brokeAfter: brokeAt[Math.floor(brokeAt.length / 2)] ?? null }
}
