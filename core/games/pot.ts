import { commitmentOf, ownSeed } from '../fairness/index.ts'
import { BOOKS, balanceOf, MAX_AMOUNT, openAccount, payUpTo, transfer } from '../ledger/index.ts'
import { payeeOf, type ViewerRow } from '../people/index.ts'
import type { Amount, UnixSeconds, ViewerId } from '../schema.ts'
import { limitPeriod, showOnAir } from '../show/index.ts'
import { ok, type Result, type World } from '../world/index.ts'
import type { RoundState, SeatPlan } from './declared.ts'
import { GAME_NAMES, type Game } from './names.ts'
import {
  floorOf,
  floors,
  type PlayerAt,
  type PlayerRow,
  playerOf,
  players,
  type RoundOf,
  type RoundRow,
  type RoundStatus,
  rounds,
  type SeatRow,
  seatKey,
  seats,
} from './rounds.ts'
import type { SeatState } from './schema.ts'
import { crewOf, roundBody } from './tellRound.ts'

export interface Opening<S extends RoundState> {
  readonly game: Game
  readonly status: RoundStatus
  readonly state: S
  /** Null: it ends within the intent that opens it. */
  readonly nextAt: UnixSeconds | null
  readonly openerName: string | null
}

/** Opens a round with an empty pot and its commitment, and sets the timer by which it goes on. */
export function openRound<S extends RoundState>(
  world: World,
  { game, status, state, nextAt, openerName }: Opening<S>,
): RoundOf<S> {
  const id = world.nextId()
  openAccount(world, id, 'pot')
  const seed = ownSeed(world, id)
  const round: RoundOf<S> = {
    id,
    game,
    status,
    openedAt: world.at,
    show: showOnAir(world)?.id ?? null,
    openerName,
    seed,
    commitment: commitmentOf(seed),
    seedOrigin: 'own',
    nextAt: null,
    seats: 0,
    staked: 0,
    paid: 0,
    state,
    endedAt: null,
    why: null,
  }
  const floor = floorOf(world, game)
  world.put(floors, { ...floor, open: [...floor.open, id] })
  world.put(rounds, round)
  return nextAt === null ? round : scheduleNext(world, round, nextAt)
}

/** Has a round go on by itself at a time (seconds). A timer that comes for another time finds that, and does nothing. */
export function scheduleNext<R extends RoundRow>(world: World, round: R, at: UnixSeconds): R {
  world.timer({
    key: `game/${round.id}/${at}/${round.status}`,
    at,
    intent: { kind: 'game.tick', round: round.id, due: at },
  })
  return world.put(rounds, { ...round, nextAt: at })
}

/** Puts somebody's stake into a round's pot, and them into its next seat. A stake of 0 takes the seat alone. */
export function takeSeat<R extends RoundRow>(
  world: World,
  round: R,
  viewer: Pick<ViewerRow, 'id' | 'name'>,
  stake: Amount,
  plan: SeatPlan = {},
): Result<{ round: R; seat: SeatRow }> {
  if (stake > 0) {
    const moved = transfer(world, {
      from: viewer.id,
      to: round.id,
      amount: stake,
      reason: 'staked',
      about: round.id,
      detail: { name: GAME_NAMES[round.game] },
    })
    if (!moved.ok) return moved
    tellBalance(world, viewer.id)
  }
  const next = world.put(rounds, { ...round, seats: round.seats + 1, staked: round.staked + stake })
  const seat = world.put(seats, {
    key: seatKey(round.id, next.seats),
    round: round.id,
    game: round.game,
    viewer: viewer.id,
    name: viewer.name,
    stake,
    at: world.at,
    plan,
    state: 'in',
    room: null,
    paid: 0,
  })
  count(world, viewer.id, { staked: stake, paid: 0, rounds: 1 })
  return ok({ round: next, seat })
}

/** Notes where somebody has a part. */
export function placePlayer(world: World, viewer: ViewerId, at: PlayerAt): void {
  const player = playerOf(world, viewer)
  world.put(players, { ...player, at: { ...player.at, ...at } })
}

/** What somebody staked and was paid in the show (or the time between shows) that limits count in. */
export function inPeriod(world: World, player: PlayerRow): { staked: Amount; paid: Amount } {
  return player.period === limitPeriod(world) ? player : { staked: 0, paid: 0 }
}

/** Counts what somebody staked and was paid where it was no round of a game: the limit on losses holds over all of it. */
export const countStaked = (
  world: World,
  viewer: ViewerId,
  more: { readonly staked: Amount; readonly paid: Amount },
): void => count(world, viewer, { ...more, rounds: 0 })

function count(
  world: World,
  viewer: ViewerId,
  more: { readonly staked: Amount; readonly paid: Amount; readonly rounds: number },
): void {
  const player = playerOf(world, viewer)
  const { staked, paid } = inPeriod(world, player)
  world.put(players, {
    ...player,
    period: limitPeriod(world),
    // What was staked in another show and comes back in this one leaves this one's count as it is.
    staked: Math.max(0, staked + more.staked),
    paid: paid + more.paid,
    rounds: player.rounds + more.rounds,
    allStaked: player.allStaked + more.staked,
    allPaid: player.allPaid + more.paid,
  })
}

const tellBalance = (world: World, viewer: ViewerId): void =>
  world.fact('balance.changed', `viewer:${viewer}`, { balance: balanceOf(world, viewer) })

/**
 * Pays somebody out of the pot; what the pot has too little of comes from the house first.
 * @param paid - In all, the stake included; 0: they have lost.
 */
export function settleSeat<R extends RoundRow>(
  world: World,
  round: R,
  seat: SeatRow,
  state: SeatState,
  paid: Amount,
): R {
  world.put(seats, { ...seat, state, paid })
  if (paid === 0) {
    tellLost(world, round, seat, 0)
    return round
  }
  const payee = payeeOf(world, seat.viewer)
  // The pot needs no more than the wallet has room for.
  fillPot(world, round, Math.min(paid, roomOf(world, payee)))
  const detail = { name: GAME_NAMES[round.game], stake: seat.stake }
  const back = state === 'back'
  const got = payUpTo(world, {
    from: round.id,
    to: payee,
    amount: paid,
    reason: back ? 'stakeBack' : 'won',
    about: round.id,
    detail,
  })
  // A stake that went back was never risked.
  count(world, payee, back ? { staked: -paid, paid: 0, rounds: -1 } : { staked: 0, paid: got, rounds: 0 })
  tellBalance(world, payee)
  if (!back && paid > seat.stake)
    world.moment('gameWon', payee, { game: GAME_NAMES[round.game], paid, stake: seat.stake })
  if (!back) tellLost(world, round, seat, paid)
  return world.put(rounds, { ...round, paid: round.paid + got })
}

/** Tells that somebody lost all of their stake, or some of it; of a free game there is nothing to lose. */
function tellLost(world: World, { game }: RoundRow, { viewer, stake }: SeatRow, paid: Amount): void {
  const lost = stake - paid
  if (lost > 0) world.moment('gameLost', payeeOf(world, viewer), { game: GAME_NAMES[game], lost, stake })
}

/** How much more a wallet can hold. */
const roomOf = (world: World, viewer: ViewerId): number => Math.max(0, MAX_AMOUNT - balanceOf(world, viewer))

function fillPot(world: World, { id, game }: RoundRow, wanted: number): void {
  const short = wanted - balanceOf(world, id)
  if (short <= 0) return
  const detail = { name: GAME_NAMES[game] }
  move(world, { from: BOOKS.house, to: id, amount: short, reason: 'houseAdds', about: id, detail })
}

function move(world: World, request: Parameters<typeof transfer>[1]): void {
  const moved = transfer(world, request)
  // Nothing that a round pays can pass what there can be, and its pot was filled: a refusal here is a mistake of ours.
  if (!moved.ok) throw new Error(`A round could not pay: ${moved.refusal.sentence}`)
}

/** Adds to a pot from the house: the prize of a cup. */
export function addPrize(world: World, round: RoundRow, amount: Amount): void {
  if (amount > 0) fillPot(world, round, balanceOf(world, round.id) + amount)
}

/** Ends a round: what is left in its pot is the house's, its seed is told, and the floor is free. */
export function endRound(
  world: World,
  round: RoundRow,
  status: 'settled' | 'off',
  why: string | null = null,
  all: readonly SeatRow[] = [],
): RoundRow {
  const left = balanceOf(world, round.id)
  const detail = { name: GAME_NAMES[round.game] }
  if (left > 0)
    move(world, { from: round.id, to: BOOKS.house, amount: left, reason: 'houseTakes', about: round.id, detail })
  const floor = floorOf(world, round.game)
  const without = (list: readonly number[]) => list.filter((id) => id !== round.id)
  world.put(floors, { ...floor, open: without(floor.open), free: without(floor.free) })
  const ended = world.put(rounds, { ...round, status, why, nextAt: null, endedAt: world.at })
  world.fact('round.ended', 'everyone', {
    ...roundBody(ended),
    seed: ended.seed,
    ...(all.length > 0 && { crew: crewOf(all) }),
  })
  return ended
}
