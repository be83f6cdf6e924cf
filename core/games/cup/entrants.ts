import { mayUse } from '../../access/index.ts'
import { amount } from '../../currency/index.ts'
import { balanceOf } from '../../ledger/index.ts'
import type { ViewerRow } from '../../people/index.ts'
import type { Amount, ViewerId } from '../../schema.ts'
import { showOnAir } from '../../show/index.ts'
import { ok, type Result, refuse, type World } from '../../world/index.ts'
import { countPlay, mayPlay } from '../allowed.ts'
import type { Played } from '../played.ts'
import { placePlayer, settleSeat, takeSeat } from '../pot.ts'
import { isOf, openRowOf, playerOf, type RoundOf, type RoundRow, rounds, seatKey, seats } from '../rounds.ts'
import { lossLeft } from '../stakes.ts'
import { tell } from '../tell.ts'
import { tellRound } from '../tellRound.ts'
import type { CupState, Entrant } from './schema.ts'

export type CupRound = RoundOf<CupState>

export const isCup = (round: RoundRow | undefined): round is CupRound => isOf(round, 'cup')

/** Puts a cup with some of its state changed. */
export const put = (world: World, round: CupRound, state: Partial<CupState>): CupRound =>
  world.put(rounds, { ...round, state: { ...round.state, ...state } })

/** The cup that has not ended; undefined: there is none. */
export function openCup(world: World): CupRound | undefined {
  const round = openRowOf(world, 'cup')
  return isCup(round) ? round : undefined
}

/** Signs somebody up for the cup that is open. */
export function enterCup(world: World, viewer: ViewerRow): Result<Played> {
  const allowed = mayPlay(world, 'cup', viewer)
  if (!allowed.ok) return allowed
  const round = openCup(world)
  if (round === undefined) return refuse('round_not_found', 'There is no cup to sign up for now.')
  if (round.status !== 'gathering') return refuse('round_running', 'The sign-up is over; the cup is being played.')
  const entered = addEntrant(world, round, viewer)
  if (!entered.ok) return entered
  countPlay(world, 'cup', viewer.id)
  const { entrants, rules } = entered.value.state
  const fields = { viewer: { name: viewer.name }, crew: entrants.length, places: rules.places }
  return ok({ round: round.id, told: tell(world, 'cup.joined', fields, { likeness: 'cup.joined' }) })
}

/** Gives somebody a place, if there is one for them and they can pay for it. */
function addEntrant(world: World, round: CupRound, viewer: ViewerRow): Result<CupRound> {
  const { rules, entrants } = round.state
  if (entrants.some(({ id }) => id === viewer.id)) return refuse('joined_already', 'You are signed up already.')
  const kept = placeFor(world, round, viewer)
  if (!kept.ok) return kept
  const pays = canPay(world, viewer, rules.stake)
  if (!pays.ok) return pays
  const seated = takeSeat(world, round, viewer, rules.stake)
  if (!seated.ok) return seated
  const entrant: Entrant = { id: viewer.id, name: viewer.name, seat: seated.value.round.seats, kept: kept.value }
  placePlayer(world, viewer.id, { cup: round.id })
  const next = put(world, seated.value.round, { entrants: [...entrants, entrant] })
  tellRound(world, next)
  return ok(next)
}

/** Whether there is a place: true: one of those kept. */
function placeFor(world: World, { state }: CupRound, viewer: ViewerRow): Result<boolean> {
  const { rules, entrants } = state
  if (entrants.length >= rules.places) return refuse('round_full', `All ${rules.places} places are taken.`)
  const taken = entrants.filter(({ kept }) => kept).length
  const free = entrants.length - taken < rules.places - rules.kept.places
  if (rules.kept.places > taken && isKeptFor(world, rules, viewer)) return ok(true)
  if (free) return ok(false)
  return refuse(
    'round_full',
    `The open places are taken; the ${rules.kept.places - taken} left are reserved for others.`,
  )
}

function isKeptFor(world: World, { kept }: CupState['rules'], viewer: ViewerRow): boolean {
  const since = showOnAir(world)?.startedAt ?? world.at
  const before = viewer.followedAt !== null && viewer.followedAt < since
  return mayUse(world, kept.who, viewer) && (!kept.before || before)
}

function canPay(world: World, viewer: ViewerRow, stake: Amount): Result<true> {
  const balance = balanceOf(world, viewer.id)
  if (balance < stake)
    return refuse('balance_too_small', `The entry is ${amount(world, stake)}; you have ${amount(world, balance)}.`, {
      has: balance,
      short: stake - balance,
    })
  const left = lossLeft(world, viewer.id)
  if (stake > left)
    return refuse(
      'stake_limit',
      `The entry is ${amount(world, stake)}; you can lose ${amount(world, left)} more in this show.`,
      { most: left, smallest: stake },
    )
  return ok(true)
}

/** Takes somebody out of a cup that has not begun; their entry goes back. */
export function leaveCup(world: World, round: CupRound, viewer: ViewerId): Result<CupRound> {
  const entrant = round.state.entrants.find(({ id }) => id === viewer)
  const seat = entrant && world.get(seats, seatKey(round.id, entrant.seat))
  if (entrant === undefined || seat === undefined) return refuse('not_inside', 'They are not in this cup.')
  if (hasBegun(round)) return refuse('round_running', 'The first match has been played: places stay as they are.')
  const after = settleSeat(world, round, seat, 'back', seat.stake)
  const next = put(world, after, { entrants: round.state.entrants.filter(({ id }) => id !== viewer) })
  tellRound(world, next)
  return ok(next)
}

const hasBegun = ({ state }: CupRound): boolean => state.matches.some(({ how }) => how !== null && how !== 'bye')

/** Gives the place of somebody who cannot play to another one, until the first match. */
export function replaceEntrant(world: World, round: CupRound, gone: number, viewer: ViewerRow): Result<CupRound> {
  const drawn = round.status === 'running'
  const left = leaveCup(world, round, gone)
  if (!left.ok) return left
  const entered = addEntrant(world, left.value, viewer)
  if (!entered.ok || !drawn) return entered
  const swap = (id: number | null) => (id === gone ? viewer.id : id)
  const matches = round.state.matches.map((one) => ({
    ...one,
    a: swap(one.a),
    b: swap(one.b),
    winner: swap(one.winner),
    ready: one.ready.filter((id) => id !== gone),
  }))
  const order = round.state.order.map((id) => (id === gone ? viewer.id : id))
  const next = put(world, entered.value, { matches, order })
  tellRound(world, next)
  return ok(next)
}

/** Takes oneself out of the cup's sign-up; undefined: one is not in it. */
export function withdrawFromCup(world: World, viewer: ViewerRow): Result<Played> | undefined {
  const round = openCup(world)
  if (round === undefined || playerOf(world, viewer.id).at.cup !== round.id || round.status !== 'gathering')
    return undefined
  if (!round.state.entrants.some(({ id }) => id === viewer.id)) return undefined
  const left = leaveCup(world, round, viewer.id)
  return left.ok
    ? ok({ round: round.id, told: `${viewer.name} is out of ${round.state.rules.name}; the entry was refunded.` })
    : left
}
