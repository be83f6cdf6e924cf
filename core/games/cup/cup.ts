import { mayUse } from '../../access/index.ts'
import { currencySetting, inWords } from '../../currency/index.ts'
import { balanceOf, mulDiv } from '../../ledger/index.ts'
import type { ViewerRow } from '../../people/index.ts'
import { readSetting } from '../../settings/index.ts'
import { showOnAir } from '../../show/index.ts'
import { ok, type Result, refuse, type World } from '../../world/index.ts'
import { countPlay, lossLeft, mayPlay } from '../allowed.ts'
import { callOff } from '../play/callOff.ts'
import type { Played } from '../play/played.ts'
import { addPrize, endRound, goOnAt, openRound, placePlayer, settleSeat, takeSeat, tellRound } from '../pot.ts'
import { openRowOf, playerOf, type RoundRow, rounds, seatKey, seats, seatsOf } from '../rounds.ts'
import type { CupRules } from '../schema.ts'
import { settingsOf } from '../settings.ts'
import { tell } from '../texts/tell.ts'
import { bracketFor, decideMatch, drawLot, drawOrder, finalOf, nextMatch, playMatch, stageName } from './bracket.ts'
import type { CupState, Entrant, How, Match } from './state.ts'

export type CupRound = RoundRow & { readonly state: CupState }

export const isCup = (round: RoundRow | undefined): round is CupRound => round?.state.of === 'cup'

/** With fewer there is no cup. */
const LEAST_ENTRANTS = 3
/** Between two matches (seconds). */
const PAUSE = 5

const amount = (world: World, n: number): string => inWords(n, readSetting(world, currencySetting))
const put = (world: World, round: CupRound, state: Partial<CupState>): CupRound =>
  world.put(rounds, { ...round, state: { ...round.state, ...state } }) as CupRound

/** The cup that has not ended; undefined: there is none. */
export function openCup(world: World): CupRound | undefined {
  const round = openRowOf(world, 'cup')
  return isCup(round) ? round : undefined
}

/** Opens a cup for signing up. */
export function openCupRound(world: World, rules: CupRules): Result<CupRound> {
  if (openCup(world) !== undefined) return refuse('round_running', 'A cup is on already. End it or call it off first.')
  if (rules.kept.places > rules.places)
    return refuse('game_invalid', `${rules.kept.places} places are kept, but there are ${rules.places} only.`)
  const state: CupState = { of: 'cup', rules, entrants: [], drawnFrom: [], order: [], matches: [], current: null }
  const nextAt = world.at + rules.signUpSeconds
  const round = openRound(world, { game: 'cup', status: 'gathering', state, nextAt, openerName: null })
  tellRound(world, round)
  tell(world, 'cup.opened', {
    cup: rules.name,
    word: settingsOf(world, 'cup').word.word,
    seconds: rules.signUpSeconds,
    stake: rules.stake === 0 ? 'free' : amount(world, rules.stake),
    prize:
      rules.prize > 0
        ? `${amount(world, rules.prize)}${rules.stake > 0 ? ' and all entries' : ''}`
        : rules.stake > 0
          ? 'all entries'
          : 'the honour',
    places: rules.places,
    commitment: round.commitment.slice(0, 12),
  })
  return ok(round as CupRound)
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
  const next = put(world, seated.value.round as CupRound, { entrants: [...entrants, entrant] })
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
    `The open places are taken; the ${rules.kept.places - taken} that are left are kept for others.`,
  )
}

function isKeptFor(world: World, { kept }: CupRules, viewer: ViewerRow): boolean {
  const since = showOnAir(world)?.startedAt ?? world.at
  const before = viewer.followedAt !== null && viewer.followedAt < since
  return mayUse(world, kept.who, viewer) && (!kept.before || before)
}

function canPay(world: World, viewer: ViewerRow, stake: number): Result<true> {
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
      `The entry is ${amount(world, stake)}; of what one may lose in a show ${amount(world, left)} are left.`,
      { most: left, smallest: stake },
    )
  return ok(true)
}

/** Takes somebody out of a cup that has not begun; their entry goes back. */
export function leaveCup(world: World, round: CupRound, viewer: number): Result<CupRound> {
  const entrant = round.state.entrants.find(({ id }) => id === viewer)
  const seat = entrant && world.get(seats, seatKey(round.id, entrant.seat))
  if (entrant === undefined || seat === undefined) return refuse('not_inside', 'They are not in this cup.')
  if (hasBegun(round)) return refuse('round_running', 'The first match has been played: places stay as they are.')
  const after = settleSeat(world, round, seat, 'back', seat.stake) as CupRound
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

/** What a cup does when its time has come: it begins, a match is called, or one was waited for long enough. */
export function cupGoesOn(world: World, round: CupRound): void {
  if (round.status === 'gathering') return beginCup(world, round)
  const { current, matches } = round.state
  const match = matches.find(({ id }) => id === current)
  if (match === undefined) return callMatch(world, round)
  if (match.a === null || match.b === null) throw new Error(`Match ${match.id} of cup ${round.id} has an empty side.`)
  const [there] = match.ready
  if (there !== undefined) decided(world, round, match, there, 'walkover')
  else decided(world, round, match, drawLot(round.seed, round.id, match, match.a, match.b), 'lot')
}

/** Ends the sign-up: draws the bracket, or calls the cup off. */
export function beginCup(world: World, round: CupRound): void {
  const { entrants, rules } = round.state
  if (entrants.length < LEAST_ENTRANTS) {
    tell(world, 'cup.tooFew', { cup: rules.name, crew: entrants.length })
    callOff(world, round, 'Too few signed up.')
    return
  }
  addPrize(world, round, rules.prize)
  const drawnFrom = entrants.map(({ id }) => id)
  const order = drawOrder(round.seed, round.id, drawnFrom)
  const begun = put(world, { ...round, status: 'running' }, { drawnFrom, order, matches: bracketFor(order) })
  tell(world, 'cup.started', { cup: rules.name, crew: entrants.length })
  tellRound(world, goOnAt(world, begun, world.at + PAUSE))
}

const named = ({ state }: CupRound, id: number | null) => ({
  name: state.entrants.find((one) => one.id === id)?.name ?? 'nobody',
})

function callMatch(world: World, round: CupRound): void {
  const { matches, rules } = round.state
  const match = nextMatch(matches)
  if (match === undefined) return endCup(world, round)
  const called = put(world, round, { current: match.id })
  tell(world, 'cup.called', {
    stage: stageName(matches, match.level),
    challenger: named(round, match.a),
    challenged: named(round, match.b),
    take: settingsOf(world, 'duel').take.word,
    seconds: rules.matchSeconds,
  })
  tellRound(world, goOnAt(world, called, world.at + rules.matchSeconds))
}

/** The match that is called now, if somebody is in it and has not shown up. */
export function calledMatch(round: CupRound | undefined, viewer: number): Match | undefined {
  const match = round?.state.matches.find(({ id }) => id === round.state.current)
  const plays = match !== undefined && (match.a === viewer || match.b === viewer) && !match.ready.includes(viewer)
  return plays ? match : undefined
}

/** Somebody shows up for their match; once both are there it is played. */
export function showUp(world: World, round: CupRound, match: Match, viewer: ViewerRow): Result<Played> {
  const ready = [...match.ready, viewer.id]
  const matches = round.state.matches.map((one) => (one.id === match.id ? { ...one, ready } : one))
  const there = put(world, round, { matches })
  if (ready.length < 2) {
    tellRound(world, there)
    return ok({ round: round.id, told: `${viewer.name} is there.` })
  }
  const games = playMatch(round.seed, round.id, match, round.state.rules.bestOf)
  const winner = games.at(-1)
  if (winner === undefined) throw new Error(`Match ${match.id} of cup ${round.id} was not played.`)
  return ok({ round: round.id, told: decided(world, there, match, winner, 'played', games) })
}

function decided(
  world: World,
  round: CupRound,
  match: Match,
  winner: number,
  how: How,
  games: readonly number[] = [],
): string {
  const loser = match.a === winner ? match.b : match.a
  const matches = decideMatch(round.state.matches, match.id, winner, how, games)
  const wins = games.filter((one) => one === winner).length
  const fields = { winner: named(round, winner), loser: named(round, loser) }
  const told =
    how === 'played'
      ? tell(world, 'cup.match', { ...fields, score: `${wins} : ${games.length - wins}` })
      : tell(world, how === 'lot' ? 'cup.lot' : 'cup.walkover', fields)
  const next = put(world, round, { matches, current: null })
  tellRound(world, goOnAt(world, next, world.at + PAUSE))
  return told
}

function endCup(world: World, round: CupRound): void {
  const { matches, rules, entrants } = round.state
  const last = finalOf(matches)
  const winner = last?.winner ?? null
  const other = last?.a === winner ? last?.b : last?.a
  const prize = balanceOf(world, round.id)
  const second = mulDiv(prize, rules.second, 100)
  let now: RoundRow = round
  for (const seat of seatsOf(world, round)) {
    if (seat.state !== 'in' || !entrants.some(({ id }) => id === seat.viewer)) continue
    const paid = seat.viewer === winner ? prize - second : seat.viewer === other ? second : 0
    now = settleSeat(world, now, seat, paid > 0 || seat.viewer === winner ? 'won' : 'lost', paid)
  }
  const what = prize - second > 0 ? amount(world, prize - second) : 'the honour'
  tell(world, 'cup.won', { cup: rules.name, winner: named(round, winner), paid: what })
  endRound(world, now, 'settled')
  world.moment('cupWon', winner, { name: rules.name, paid: prize - second })
}

/** Takes oneself out of the cup's sign-up; undefined: one is not in it. */
export function withdrawFromCup(world: World, viewer: ViewerRow): Result<Played> | undefined {
  const round = openCup(world)
  if (round === undefined || playerOf(world, viewer.id).at.cup !== round.id || round.status !== 'gathering')
    return undefined
  if (!round.state.entrants.some(({ id }) => id === viewer.id)) return undefined
  const left = leaveCup(world, round, viewer.id)
  return left.ok
    ? ok({ round: round.id, told: `${viewer.name} is out of ${round.state.rules.name}; the entry is back.` })
    : left
}
