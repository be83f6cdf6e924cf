import { amount } from '../../currency/index.ts'
import { shortCommitment } from '../../fairness/index.ts'
import { balanceOf, mulDiv } from '../../ledger/index.ts'
import type { ViewerRow } from '../../people/index.ts'
import type { ViewerId } from '../../schema.ts'
import { ok, type Result, refuse, type World } from '../../world/index.ts'
import { callOff } from '../callOff.ts'
import type { Played } from '../played.ts'
import { addPrize, endRound, openRound, scheduleNext, settleSeat } from '../pot.ts'
import { type RoundRow, seatsOf } from '../rounds.ts'
import { settingsOf } from '../settings.ts'
import { tell } from '../tell.ts'
import { tellRound } from '../tellRound.ts'
import { bracketFor, decideMatch, drawLot, drawOrder, finalOf, nextMatch, playMatch, stageName } from './bracket.ts'
import { type CupRound, openCup, put } from './entrants.ts'
import type { CupRules, CupState, How, Match } from './schema.ts'

/** With fewer there is no cup. */
const LEAST_ENTRANTS = 3
/** Between two matches (seconds). */
const PAUSE = 5

/** Opens a cup for signing up. */
export function openCupRound(world: World, rules: CupRules): Result<CupRound> {
  if (openCup(world) !== undefined) return refuse('round_running', 'A cup is on already. End it or call it off first.')
  if (rules.kept.places > rules.places)
    return refuse('game_invalid', `${rules.kept.places} places are reserved, but there are only ${rules.places}.`)
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
    commitment: shortCommitment(round.commitment),
  })
  return ok(round)
}

/** What a cup does when its time has come: it begins, a match is called, or one was waited for long enough. */
export function advanceCup(world: World, round: CupRound): void {
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
  tellRound(world, scheduleNext(world, begun, world.at + PAUSE))
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
  tellRound(world, scheduleNext(world, called, world.at + rules.matchSeconds))
}

/** The match that is called now, if somebody is in it and has not shown up. */
export function calledMatch(round: CupRound | undefined, viewer: ViewerId): Match | undefined {
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
  tellRound(world, scheduleNext(world, next, world.at + PAUSE))
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
  if (winner !== null) world.moment('cupWon', winner, { name: rules.name, paid: prize - second })
}
