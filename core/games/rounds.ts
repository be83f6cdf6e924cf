import type { SeedOrigin } from '../fairness/index.ts'
import type { Amount, BasisPoints, RoundId, ShowId, UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, type Need, needKey, type World } from '../world/index.ts'
import type { Strength } from './boss/boss.ts'
import type { CupState } from './cup/state.ts'
import type { Machine } from './reels.ts'
import type { On } from './roulette.ts'
import type { Game, HeistSite } from './schema.ts'

/**
 * `opened`: somebody is asked, and has not answered. `gathering`: whoever wants comes in. `running`: nobody comes in any more.
 * `settled`: the pot is paid out. `off`: called off, all stakes went back.
 */
export type RoundStatus = 'opened' | 'gathering' | 'running' | 'settled' | 'off'

export interface HeistState {
  readonly of: 'heist'
  /** Where it goes: known once the crew is. */
  readonly site: HeistSite | null
  /** Rooms gone through, numbers drawn so far, and who is inside still. */
  readonly step: number
  readonly drawn: number
  readonly inside: number
}

export interface Duellist {
  readonly id: number
  readonly name: string
}

export interface DuelState {
  readonly of: 'duel'
  readonly challenger: Duellist
  /** Null: whoever takes it. */
  readonly challenged: Duellist | null
  readonly stake: Amount
  readonly rakeBp: BasisPoints
  readonly winner: number | null
}

export interface RouletteState {
  readonly of: 'roulette'
  /** What each number would pay, 0 to 36. */
  readonly pays: readonly number[]
  readonly number: number | null
}

export interface ReelsState {
  readonly of: 'reels'
  readonly machine: Machine
  readonly shown: readonly string[]
}

export type Side = 'heads' | 'tails'

export interface CoinState {
  readonly of: 'coin'
  readonly multiplier: number
  readonly called: Side
  readonly side: Side
}

/** `left`: how many are still in; the first wave is 1. Who is out stands in the seats. */
export interface ScrambleState {
  readonly of: 'scramble'
  readonly stake: Amount
  readonly adds: Amount
  readonly rakeBp: BasisPoints
  readonly sharesPpm: readonly number[]
  readonly wave: number
  readonly left: number
}

/** How far a fight has come: blows struck by everybody, and hits so far. */
export interface BossState {
  readonly of: 'boss'
  readonly name: string
  readonly picture: string
  readonly strength: Strength
  readonly needed: number
  readonly hits: number
  readonly step: number
  /** Who made the hit by which it fell. */
  readonly lastBlow: ViewerId | null
}

export type RoundState =
  | HeistState
  | DuelState
  | RouletteState
  | ReelsState
  | CoinState
  | CupState
  | ScrambleState
  | BossState

/** One play of a game. What is staked lies in the pot that bears the round's id. Times in seconds since 1970. */
export interface RoundRow {
  readonly id: RoundId
  readonly game: Game
  readonly status: RoundStatus
  readonly openedAt: UnixSeconds
  readonly show: ShowId | null
  readonly openerName: string | null
  /** What its outcome is drawn from, 32 bytes in hex; told to nobody before it ends. */
  readonly seed: string
  readonly commitment: string
  readonly seedOrigin: SeedOrigin
  /** When it goes on by itself; null: it has ended. */
  readonly nextAt: UnixSeconds | null
  readonly seats: number
  readonly staked: Amount
  readonly paid: Amount
  readonly state: RoundState
  readonly endedAt: UnixSeconds | null
  /** Why it was called off. */
  readonly why: string | null
}

/** A round of one game. */
export type RoundOf<S extends RoundState> = RoundRow & { readonly state: S }

/** Whether a round is of a game. */
export const isOf = <G extends Game>(
  round: RoundRow | undefined,
  game: G,
): round is RoundOf<Extract<RoundState, { of: G }>> => round?.state.of === game

export const rounds = defineTable<RoundRow>('round', 'keyed', (row) => row.id)

/** `in`: still in it. `out`: got out. `caught`. `won`, `lost`: of a bet. `back`: the stake went back. */
export type SeatState = 'in' | 'out' | 'caught' | 'won' | 'lost' | 'back'

/** What somebody has put into a round: their part in a heist, one bet on the wheel, one side of a duel. */
export interface SeatRow {
  /** The round's id and the number of the seat, 1 being the first: "12/1". */
  readonly key: string
  readonly round: RoundId
  readonly game: Game
  readonly viewer: ViewerId
  readonly name: string
  readonly stake: Amount
  readonly at: UnixSeconds
  readonly plan: SeatPlan
  readonly state: SeatState
  /** The room of a heist in which they were caught, or after which they got out; of a scramble the place. */
  readonly room: number | null
  readonly paid: Amount
}

/** Of a heist: after which room they go. Of the wheel: what the bet is on. Of a fight: their hits. */
export interface SeatPlan {
  readonly leaveAfter?: number
  readonly on?: On
  /** Of a fight: how often they hit. */
  readonly hits?: number
}

export const seatKey = (round: RoundId, seat: number): string => `${round}/${seat}`
const roundIn = (key: string | number): number => Number(String(key).split('/')[0])

export const seats = defineTable<SeatRow>('seat', 'keyed', (row) => row.key, [], roundIn)

/** Where somebody has a part: the last round of each game, and their seat in it. */
export interface PlayerAt {
  readonly heist?: readonly [round: number, seat: number]
  readonly scramble?: number
  readonly boss?: number
  /** The round, and how many bets they have on it. */
  readonly roulette?: readonly [round: number, bets: number]
  /** The duel they have called or taken, and the one they were asked to. */
  readonly duel?: number
  readonly asked?: number
  readonly cup?: number
}

/** What somebody has staked and been paid; bears their viewer's id. */
export interface PlayerRow {
  readonly id: number
  /** Barred from all wagering until then, by themselves; 0: not. */
  readonly sitsOutUntil: UnixSeconds
  /** What `staked` and `paid` count towards: see `limitPeriod`. */
  readonly period: number
  readonly staked: Amount
  readonly paid: Amount
  readonly rounds: number
  readonly allStaked: number
  readonly allPaid: number
  readonly at: PlayerAt
}

export const players = defineTable<PlayerRow>('player', 'keyed', (row) => row.id)

/** Somebody's row; for who never played: nothing yet. */
export const playerOf = (world: World, id: number): PlayerRow =>
  world.get(players, id) ?? {
    id,
    sitsOutUntil: 0,
    period: 0,
    staked: 0,
    paid: 0,
    rounds: 0,
    allStaked: 0,
    allPaid: 0,
    at: {},
  }

/** What reading somebody's row needs. */
export const needPlayerRow = (id: number): Need[] => [needKey(players, id)]

/** What is on in a game: the rounds that have not ended, the challenges that anyone may take, and how the last ones ended. */
export interface FloorRow {
  readonly game: Game
  readonly open: readonly number[]
  readonly free: readonly number[]
  /** Of the wheel: the last numbers, the latest first. */
  readonly last: readonly number[]
}

export const floors = defineTable<FloorRow>('floor', 'whole', (row) => row.game)

export const floorOf = (world: World, game: Game): FloorRow =>
  world.get(floors, game) ?? { game, open: [], free: [], last: [] }

/** The round of a game that is on, where there can be one only. */
export const openRoundOf = (world: World, game: Game): number | undefined => floorOf(world, game).open[0]

/** The row of the round of a game that is on; undefined: none is. Needs that row. */
export function openRowOf(world: World, game: Game): RoundRow | undefined {
  const id = openRoundOf(world, game)
  return id === undefined ? undefined : world.get(rounds, id)
}

export const isOver = ({ status }: Pick<RoundRow, 'status'>): boolean => status === 'settled' || status === 'off'

/** All seats of a round, in the order in which they were taken. */
export function seatsOf(world: World, { id, seats: count }: RoundRow): SeatRow[] {
  return Array.from({ length: count }, (_, i) => {
    const seat = world.get(seats, seatKey(id, i + 1))
    if (seat === undefined) throw new Error(`Seat ${i + 1} of round ${id} is not there.`)
    return seat
  })
}
