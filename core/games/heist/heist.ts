import { Chance, digestOf } from '../../fairness/index.ts'
import { mulDiv } from '../../ledger/index.ts'
import type { Amount, Ppm } from '../../schema.ts'
import { type Fraction, fraction, times } from '../fraction.ts'

const CERTAIN_PPM = 1_000_000

export interface Room {
  /** The chance to get through it, in parts per million, before the crew's bonus. */
  readonly throughPpm: Ppm
  /** What leaving after it pays, in hundredths of the stake, the stake included. */
  readonly multiplier: number
}

export interface Site {
  readonly rooms: readonly Room[]
  /** What every member beyond the first adds to a room's chance, in parts per million. */
  readonly bonusPpm: Ppm
  /** What the bonus lifts a room's chance to at most. A room that is easier of itself stays so. */
  readonly capPpm: Ppm
}

export interface Member<Viewer extends string | number = string | number> {
  readonly viewer: Viewer
  readonly stake: Amount
  /** The room after which they go, 1 being the first. Beyond the last room: they stay to the end. */
  readonly leaveAfter: number
}

export interface Escape<Viewer extends string | number = string | number> {
  readonly viewer: Viewer
  /** Whether they got out; else they were caught in that room. */
  readonly out: boolean
  readonly room: number
  readonly paid: Amount
}

/** A room's chance for a crew of so many, in parts per million (rules: heist). */
export const roomChance = ({ throughPpm }: Room, { bonusPpm, capPpm }: Site, crew: number): number =>
  Math.max(throughPpm, Math.min(capPpm, throughPpm + bonusPpm * (crew - 1)))

/** The digest of who is in a crew with what stake, in the order of joining: a draw holds for this crew alone. */
export const crewDigest = (crew: readonly Pick<Member, 'viewer' | 'stake'>[]): string =>
  digestOf(crew.map(({ viewer, stake }) => `${viewer}:${stake}`))

/** The stream that a heist is drawn from (rules: heist). @param seed - 32 bytes in hex. */
export const heistChance = (
  seed: string,
  heist: string | number,
  crew: readonly Pick<Member, 'viewer' | 'stake'>[],
): Chance => new Chance(seed, `heist/${heist}/${crewDigest(crew)}`)

/**
 * Takes those who are inside through one room.
 * @param inside - In the order of joining; the stream gives one number to each.
 * @param crew - How many there were at the start.
 * @returns Whether each of them is through.
 */
export function enterRoom(chance: Chance, site: Site, room: Room, inside: number, crew: number): boolean[] {
  const through = roomChance(room, site, crew)
  return Array.from({ length: inside }, () => chance.below(CERTAIN_PPM) < through)
}

/** What leaving after a room pays. */
export const paidAfter = (stake: Amount, { multiplier }: Room): number => mulDiv(stake, multiplier, 100)

/**
 * Plays a heist to its end (rules: heist).
 * @param crew - In the order of joining, with the room after which each of them went in the end.
 * @returns What became of each, in the same order.
 */
export function playHeist<Viewer extends string | number>(
  chance: Chance,
  site: Site,
  crew: readonly Member<Viewer>[],
): Escape<Viewer>[] {
  const ends = new Map<Member<Viewer>, Escape<Viewer>>()
  let inside = [...crew]
  site.rooms.forEach((room, index) => {
    const number = index + 1
    const through = enterRoom(chance, site, room, inside.length, crew.length)
    const last = number === site.rooms.length
    inside = inside.filter((member, i) => {
      const out = through[i] === true
      if (out && !last && member.leaveAfter !== number) return true
      const paid = out ? paidAfter(member.stake, room) : 0
      ends.set(member, { viewer: member.viewer, out, room: number, paid })
      return false
    })
  })
  return crew.map((member) => ends.get(member) ?? { viewer: member.viewer, out: true, room: 0, paid: member.stake })
}

/** What a plan to leave after a room comes to. */
export interface PlanOdds {
  /** The chance to get that far. */
  readonly reaches: Fraction
  /** What comes back of a stake on average, 1 being all of it. Amounts too small to split lose a little more to rounding. */
  readonly returns: Fraction
}

/** The chance to get out after each room, and what that returns, for a crew of so many (rules: heist). */
export function heistOdds(site: Site, crew: number): PlanOdds[] {
  let reaches = fraction(1n, 1n)
  return site.rooms.map((room) => {
    const chance = Math.min(CERTAIN_PPM, roomChance(room, site, crew))
    reaches = times(reaches, fraction(BigInt(chance), BigInt(CERTAIN_PPM)))
    return { reaches, returns: times(reaches, fraction(BigInt(room.multiplier), 100n)) }
  })
}
