import type { SeedOrigin } from '../fairness/index.ts'
import type { Amount, RoundId, ShowId, UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, type Need, needKey, type World } from '../world/index.ts'
import type { RoundState, SeatPlan, StateOf } from './declared.ts'
import type { Game } from './names.ts'
import type { SeatState } from './schema.ts'

/**
 * `opened`: somebody is asked, and has not answered. `gathering`: whoever wants comes in. `running`: nobody comes in any more.
 * `settled`: the pot is paid out. `off`: called off, all stakes went back.
 */
export type RoundStatus = 'opened' | 'gathering' | 'running' | 'settled' | 'off'

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
export const isOf = <G extends Game>(round: RoundRow | undefined, game: G): round is RoundOf<StateOf<G> & RoundState> =>
  round?.state.of === game

export const rounds = defineTable<RoundRow>('round', 'keyed', (row) => row.id)

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

export const seatKey = (round: RoundId, seat: number): string => `${round}/${seat}`
const roundIn = (key: string | number): number => Number(String(key).split('/')[0])

export const seats = defineTable<SeatRow>('seat', 'keyed', (row) => row.key, [], roundIn)

/** Games in which it matters which seats of a round are somebody's. */
type SeatedGame = 'heist' | 'roulette'

/** Where somebody has a part: the last round of each game. */
export type PlayerAt = { readonly [G in Exclude<Game, SeatedGame>]?: number } & {
  /** With their seat in it. */
  readonly heist?: readonly [round: number, seat: number]
  /** With how many bets they have on it. */
  readonly roulette?: readonly [round: number, bets: number]
  /** The duel they were asked to. */
  readonly asked?: number
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
