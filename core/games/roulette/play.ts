import { currencySetting, digits, inWords } from '../../currency/index.ts'
import { balanceOf } from '../../ledger/index.ts'
import type { ViewerRow } from '../../people/index.ts'
import type { Amount, RoundId, ViewerId } from '../../schema.ts'
import { readSetting } from '../../settings/index.ts'
import { ok, type Result, refuse, type World } from '../../world/index.ts'
import { checkStake, countPlay, mayPlay, restAfter } from '../allowed.ts'
import { callOff } from '../callOff.ts'
import { gatheringFields, openOne } from '../gather.ts'
import type { GamePlay } from '../play.ts'
import type { Played } from '../played.ts'
import { endRound, openRound, placePlayer, scheduleNext, settleSeat, takeSeat } from '../pot.ts'
import { floorOf, floors, openRowOf, playerOf, type RoundOf, type RoundRow, rounds, seatsOf } from '../rounds.ts'
import { settingsOf } from '../settings.ts'
import { listed, tell } from '../tell.ts'
import { tellRound } from '../tellRound.ts'
import { type Bet, betInWords, readBets } from './bets.ts'
import { returnedOf, spinWheel } from './roulette.ts'
import type { RouletteState } from './schema.ts'
import { colourOf, NUMBERS } from './wheel.ts'

type RouletteRound = RoundOf<RouletteState>

const isRoulette = (round: RoundRow | undefined): round is RouletteRound => round?.state.of === 'roulette'

/** So many bets one person can have on one spin. */
const MOST_OWN_BETS = 20
/** What bounds how often one person plays. */
const OWN_LIMITS: ReadonlySet<string> = new Set(['rests_own', 'used_up_own'])
/** So many of the last numbers are shown. */
const LAST = 20

const currencyOf = (world: World) => readSetting(world, currencySetting)

/** Bets on the wheel: on the spin that is open, else on a new one. */
function betOnWheel(world: World, viewer: ViewerRow, typed: string): Result<Played> {
  const open = openRowOf(world, 'roulette')
  const joins = isRoulette(open)
  if (joins && open.status !== 'gathering')
    return refuse('round_running', 'No more bets: the wheel is turning. Bet again when it has stopped.')
  const [, before] = ownBets(world, viewer.id, joins ? open.id : 0)
  const allowed = mayPlay(world, 'roulette', viewer, joins)
  // Another bet on the same spin is no other play.
  if (!allowed.ok && !(before > 0 && OWN_LIMITS.has(allowed.refusal.code))) return allowed
  const bets = readBets(typed, balanceOf(world, viewer.id), currencyOf(world))
  if (!bets.ok) return bets
  const fits = fitsLimits(world, viewer, bets.value, before)
  if (!fits.ok) return fits
  const pays = withBets(joins ? open.state.pays : NO_PAYS, bets.value)
  const stands = houseStands(world, pays)
  if (!stands.ok) return stands
  const round = joins ? open : openWheel(world, viewer.name)
  const placed = placeBets(world, round, viewer, bets.value, pays)
  if (!placed.ok) return placed
  if (before === 0) countPlay(world, 'roulette', viewer.id, joins)
  placePlayer(world, viewer.id, { roulette: [round.id, before + bets.value.length] })
  return ok({ round: round.id, told: tellBet(world, placed.value, viewer, bets.value, joins) })
}

const ownBets = (world: World, viewer: ViewerId, round: RoundId): readonly [number, number] => {
  const at = playerOf(world, viewer).at.roulette
  return at?.[0] === round ? at : [round, 0]
}

const NO_PAYS: readonly number[] = Array.from({ length: NUMBERS }, () => 0)

/** What each number would pay once these bets lie, too. */
const withBets = (pays: readonly number[], bets: readonly Bet[]): number[] =>
  pays.map((sum, number) => bets.reduce((all, { bet, stake }) => all + returnedOf(bet, stake, number), sum))

function fitsLimits(world: World, viewer: ViewerRow, bets: readonly Bet[], before: number): Result<true> {
  if (before + bets.length > MOST_OWN_BETS)
    return refuse('bet_unclear', `${MOST_OWN_BETS} bets on one spin are the most; you have ${before} on it.`)
  const { smallest } = settingsOf(world, 'roulette').stakes
  const least = Math.min(...bets.map(({ stake }) => stake))
  if (least < smallest)
    return refuse('stake_too_small', `The smallest bet is ${inWords(smallest, currencyOf(world))}.`, { smallest })
  return checkStake(
    world,
    'roulette',
    viewer.id,
    bets.reduce((sum, { stake }) => sum + stake, 0),
  )
}

function houseStands(world: World, pays: readonly number[]): Result<true> {
  const { houseLimit } = settingsOf(world, 'roulette')
  const most = Math.max(...pays)
  if (most <= houseLimit) return ok(true)
  const currency = currencyOf(world)
  return refuse(
    'payout_too_large',
    `If ${pays.indexOf(most)} came up, this spin would pay ${inWords(most, currency)}; the house pays ${inWords(houseLimit, currency)} at most. Bet less, or on more numbers.`,
    { most, houseLimit },
  )
}

/** Opens the wheel for bets. @param opener - Null: the desk. */
function openWheel(world: World, opener: string | null): RouletteRound {
  const { betSeconds } = settingsOf(world, 'roulette')
  const state: RouletteState = { of: 'roulette', pays: NO_PAYS, number: null }
  return openRound(world, {
    game: 'roulette',
    status: 'gathering',
    state,
    nextAt: betSeconds === 0 && opener !== null ? null : world.at + Math.max(10, betSeconds),
    openerName: opener,
  })
}

function placeBets(
  world: World,
  round: RouletteRound,
  viewer: ViewerRow,
  bets: readonly Bet[],
  pays: readonly number[],
): Result<RouletteRound> {
  let now: RouletteRound = { ...round, state: { ...round.state, pays } }
  for (const { bet, stake } of bets) {
    const seated = takeSeat(world, now, viewer, stake, { on: bet })
    if (!seated.ok) return seated
    now = seated.value.round
  }
  return ok(now)
}

const betsInWords = (bets: readonly Bet[]): string =>
  bets.map(({ bet, stake }) => `${digits(stake)} on ${betInWords(bet)}`).join(', ')

function tellBet(world: World, round: RouletteRound, viewer: ViewerRow, bets: readonly Bet[], joins: boolean): string {
  const { betSeconds } = settingsOf(world, 'roulette')
  const told = betsInWords(bets)
  if (!joins) tellRound(world, round)
  world.fact('round.joined', 'everyone', {
    round: round.id,
    game: 'roulette',
    name: viewer.name,
    bets: told,
    stake: bets.reduce((sum, { stake }) => sum + stake, 0),
    seats: round.seats,
    staked: round.staked,
  })
  if (betSeconds === 0 && round.nextAt === null) return spinNow(world, round)
  if (!joins) tellOpened(world, round, viewer.name)
  return tell(world, 'roulette.bet', { viewer: { name: viewer.name }, bets: told }, { likeness: 'roulette.bet' })
}

/** Says that bets are taken. */
function tellOpened(world: World, round: RoundRow, opener: string): string {
  const { word } = settingsOf(world, 'roulette').word
  return tell(world, 'roulette.opened', { ...gatheringFields(world, round, opener), word })
}

/** Lets the ball fall: from now on no bet is taken, and the pages show the wheel turn until it is paid. */
function closeBets(world: World, round: RouletteRound): RouletteRound {
  const state: RouletteState = { ...round.state, number: spinWheel(round.seed, round.id) }
  return world.put(rounds, { ...round, status: 'running' as const, state })
}

function spinNow(world: World, round: RouletteRound): string {
  const running = closeBets(world, round)
  tellRound(world, running)
  return pay(world, running)
}

/** What the wheel does when its time has come: bets close, or it is paid. */
function advanceRoulette(world: World, round: RouletteRound): void {
  if (round.status === 'running') {
    pay(world, round)
    return
  }
  if (round.seats === 0) {
    callOff(world, round, 'Nobody bet.')
    return
  }
  const { suspenseSeconds } = settingsOf(world, 'roulette')
  tellRound(world, scheduleNext(world, closeBets(world, round), world.at + suspenseSeconds))
}

function pay(world: World, round: RouletteRound): string {
  const { number } = round.state
  if (number === null) throw new Error(`Spin ${round.id} has no number.`)
  const won = new Map<number, { name: string; paid: Amount }>()
  let now: RoundRow = round
  for (const seat of seatsOf(world, round)) {
    const paid = seat.plan.on === undefined ? 0 : returnedOf(seat.plan.on, seat.stake, number)
    now = settleSeat(world, now, seat, paid > 0 ? 'won' : 'lost', paid)
    if (paid > 0) won.set(seat.viewer, { name: seat.name, paid: paid + (won.get(seat.viewer)?.paid ?? 0) })
  }
  const winners = [...won.values()].sort((a, b) => b.paid - a.paid)
  const told = tell(world, 'roulette.spun', {
    number,
    colour: colourOf(number),
    winners: listed(winners.map(({ name, paid }) => `${name} ${digits(paid)}`)),
    paid: inWords(now.paid, currencyOf(world)),
  })
  const floor = floorOf(world, 'roulette')
  world.put(floors, { ...floor, last: [number, ...floor.last].slice(0, LAST) })
  endRound(world, now, 'settled')
  restAfter(world, 'roulette')
  return told
}

export const roulettePlay: GamePlay<'roulette'> = {
  acts: {
    roulette: {
      read: (_, { rest }) => ok({ do: 'roulette', bets: rest.slice(0, 300) }),
      rounds: openOne('roulette'),
      play: (world, viewer, { bets }) => betOnWheel(world, viewer, bets),
    },
  },
  opens: { open: (world) => openWheel(world, null), tell: tellOpened },
  advance: advanceRoulette,
}
