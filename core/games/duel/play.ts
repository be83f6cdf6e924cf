import { amount } from '../../currency/index.ts'
import { shortCommitment } from '../../fairness/index.ts'
import { accounts } from '../../ledger/index.ts'
import { type ViewerRow, viewers } from '../../people/index.ts'
import type { Amount, ViewerId } from '../../schema.ts'
import { showOnAir } from '../../show/index.ts'
import { SAMPLE_VIEWER } from '../../texts/index.ts'
import { say } from '../../voice/index.ts'
import { type Need, needKey, ok, type Result, refuse, type World } from '../../world/index.ts'
import { checkStake, countPlay, mayPlay, needPlayer, readStake, sitsOut } from '../allowed.ts'
import { callOff } from '../callOff.ts'
import { calledMatch, showUp } from '../cup/cup.ts'
import { openCup, withdrawFromCup } from '../cup/entrants.ts'
import type { Act } from '../declared.ts'
import { type ActPlay, type GamePlay, stakeIn, usage } from '../play.ts'
import type { Played } from '../played.ts'
import { endRound, openRound, placePlayer, scheduleNext, settleSeat, takeSeat } from '../pot.ts'
import {
  floorOf,
  floors,
  isOver,
  openRoundOf,
  type PlayerAt,
  playerOf,
  type RoundOf,
  type RoundRow,
  rounds,
  seatsOf,
} from '../rounds.ts'
import { settingsOf } from '../settings.ts'
import { tell } from '../tell.ts'
import { tellRound } from '../tellRound.ts'
import { duelPot, duelWinner } from './duel.ts'
import type { DuelState } from './schema.ts'

type DuelRound = RoundOf<DuelState>

const isDuel = (round: RoundRow | undefined): round is DuelRound => round?.state.of === 'duel'

/** So many challenges that anyone may take can be open at once. */
const MOST_FREE = 20

/** A duel that has not ended, by its id; undefined: there is none. */
const goingOn = (world: World, id: number | undefined): DuelRound | undefined => {
  const round = id === undefined ? undefined : world.get(rounds, id)
  return isDuel(round) && !isOver(round) ? round : undefined
}

/** Calls somebody to a duel; null: whoever takes it. */
function callDuel(world: World, viewer: ViewerRow, other: ViewerRow | null, typed: string): Result<Played> {
  const allowed = mayPlay(world, 'duel', viewer)
  if (!allowed.ok) return allowed
  if (goingOn(world, playerOf(world, viewer.id).at.duel) !== undefined)
    return refuse(
      'duel_open',
      `You have a duel open. Type !${settingsOf(world, 'duel').withdraw.word} to withdraw it first.`,
    )
  if (other === null && floorOf(world, 'duel').free.length >= MOST_FREE)
    return refuse('duel_open', `${MOST_FREE} open challenges are already waiting. Accept one of them.`)
  const stake = readStake(world, 'duel', viewer, typed)
  if (!stake.ok) return stake
  const possible = other === null ? ok(true as const) : mayBeCalled(world, viewer, other, stake.value)
  if (!possible.ok) return possible
  const round = openDuel(world, viewer, other, stake.value)
  const seated = takeSeat(world, round, viewer, stake.value)
  if (!seated.ok) return seated
  countPlay(world, 'duel', viewer.id)
  placePlayer(world, viewer.id, { duel: round.id })
  if (other !== null) placePlayer(world, other.id, { asked: round.id })
  tellRound(world, seated.value.round)
  return ok({ round: round.id, told: tellCalled(world, round, viewer, other, stake.value) })
}

function openDuel(world: World, viewer: ViewerRow, other: ViewerRow | null, stake: Amount): RoundRow {
  const { answerSeconds, rakeBp } = settingsOf(world, 'duel')
  const state: DuelState = {
    of: 'duel',
    challenger: { id: viewer.id, name: viewer.name },
    challenged: other === null ? null : { id: other.id, name: other.name },
    stake,
    rakeBp,
    winner: null,
  }
  const nextAt = world.at + answerSeconds
  const round = openRound(world, { game: 'duel', status: 'opened', state, nextAt, openerName: viewer.name })
  if (other === null) {
    const floor = floorOf(world, 'duel')
    world.put(floors, { ...floor, free: [...floor.free, round.id] })
  }
  return round
}

/** Whether somebody can be called to a duel, with the reason if not. */
function mayBeCalled(world: World, viewer: ViewerRow, other: ViewerRow, stake: Amount): Result<true> {
  const { name } = other
  if (other.id === viewer.id)
    return refuse('duel_with_self', 'You cannot duel yourself. Name somebody else, or nobody.')
  if (other.ignored || other.archivedAt !== null)
    return refuse('duel_not_possible', `${name} is ignored in this channel.`)
  const show = showOnAir(world)
  if (!other.present && (show === undefined || other.lastSeenAt < show.startedAt))
    return refuse('duel_not_possible', `${name} has not been here this show.`)
  if (!sitsOut(world, other).ok) return refuse('duel_not_possible', `${name} is sitting out.`)
  const allowed = mayPlay(world, 'duel', other, true)
  if (!allowed.ok && allowed.refusal.code !== 'rests_own')
    return refuse('duel_not_possible', `${name} cannot duel now.`)
  const { at } = playerOf(world, other.id)
  if (goingOn(world, at.asked)?.status === 'opened')
    return refuse('duel_not_possible', `${name} was challenged to another duel and has not answered.`)
  if (goingOn(world, at.duel) !== undefined) return refuse('duel_not_possible', `${name} has a duel open already.`)
  const covers = checkStake(world, 'duel', other.id, stake)
  return covers.ok ? covers : refuse('duel_not_possible', `${name} cannot stake ${amount(world, stake)} now.`)
}

function tellCalled(world: World, round: RoundRow, viewer: ViewerRow, other: ViewerRow | null, stake: Amount): string {
  const { take, pass, answerSeconds } = settingsOf(world, 'duel')
  const fields = {
    challenger: { name: viewer.name },
    stake: amount(world, stake),
    take: take.word,
    pass: pass.word,
    seconds: answerSeconds,
    commitment: shortCommitment(round.commitment),
  }
  if (other === null) return tell(world, 'duel.open', fields)
  const told = tell(world, 'duel.asked', { ...fields, challenged: { name: other.name } })
  const asked = `${viewer.name} challenges you to a duel for ${fields.stake}: !${take.word} or !${pass.word} within ${answerSeconds} s.`
  say(world, { topic: 'games', to: other.chatName, text: asked })
  world.fact('duel.asked', `viewer:${other.id}`, {
    round: round.id,
    by: viewer.name,
    stake,
    until: world.at + answerSeconds,
  })
  return told
}

/** The duel that somebody's "take" means: the one they were called to, else the first that anyone may take. */
function duelToTake(world: World, viewer: ViewerId, wanted?: number): DuelRound | undefined {
  const asked = goingOn(world, playerOf(world, viewer).at.asked)
  if (asked?.status === 'opened' && (wanted === undefined || asked.id === wanted)) return asked
  const free = floorOf(world, 'duel').free.map((id) => goingOn(world, id))
  return free.find(
    (round) =>
      round !== undefined && round.state.challenger.id !== viewer && (wanted === undefined || round.id === wanted),
  )
}

/** Takes a duel: puts in the same stake, and it is on. @param wanted - Its id; left out: the one meant by `duelToTake`. */
function takeDuel(world: World, viewer: ViewerRow, wanted?: number): Result<Played> {
  const round = duelToTake(world, viewer.id, wanted)
  if (round === undefined) return refuse('duel_none', 'There is no duel for you to accept.')
  const allowed = mayPlay(world, 'duel', viewer, true)
  // Who is called has not asked for it: their own rest does not keep them from answering.
  if (!allowed.ok && allowed.refusal.code !== 'rests_own') return allowed
  const own = goingOn(world, playerOf(world, viewer.id).at.duel)
  if (own !== undefined && own.id !== round.id)
    return refuse(
      'duel_open',
      `You have a duel open. Type !${settingsOf(world, 'duel').withdraw.word} to withdraw it first.`,
    )
  const covers = checkStake(world, 'duel', viewer.id, round.state.stake)
  if (!covers.ok) return covers
  const seated = takeSeat(world, round, viewer, round.state.stake)
  if (!seated.ok) return seated
  countPlay(world, 'duel', viewer.id, true)
  placePlayer(world, viewer.id, { duel: round.id })
  return ok({ round: round.id, told: begin(world, seated.value.round, viewer) })
}

/** Draws the winner; the pages show it happen until it is paid. */
function begin(world: World, round: DuelRound, taker: ViewerRow): string {
  const { suspenseSeconds } = settingsOf(world, 'duel')
  const { challenger } = round.state
  const challenged = { id: taker.id, name: taker.name }
  const winner = duelWinner(round.seed, round.id, challenger.id, challenged.id)
  const state: DuelState = { ...round.state, challenged, winner }
  const floor = floorOf(world, 'duel')
  world.put(floors, { ...floor, free: floor.free.filter((id) => id !== round.id) })
  const running = scheduleNext(world, { ...round, status: 'running' as const, state }, world.at + suspenseSeconds)
  tellRound(world, running)
  const told = tell(world, 'duel.taken', { challenger, challenged, stake: amount(world, round.state.stake) })
  if (suspenseSeconds === 0) settleDuel(world, running)
  return told
}

/** What a duel does when its time has come: nobody answered, or it is decided. */
function advanceDuel(world: World, round: DuelRound): void {
  if (round.status === 'running') return settleDuel(world, round)
  callOff(world, round, 'Nobody answered.')
  tell(world, 'duel.expired', { challenger: round.state.challenger })
}

function settleDuel(world: World, round: DuelRound): void {
  const { winner, challenger, challenged, stake, rakeBp } = round.state
  const { paid } = duelPot(stake, rakeBp)
  let now: RoundRow = round
  for (const seat of seatsOf(world, round)) {
    const won = seat.viewer === winner
    now = settleSeat(world, now, seat, won ? 'won' : 'lost', won ? paid : 0)
  }
  const [first, second] = challenger.id === winner ? [challenger, challenged] : [challenged, challenger]
  tell(world, 'duel.won', { winner: first, loser: second, paid: amount(world, paid) })
  endRound(world, now, 'settled')
}

/** Declines the duel that somebody was called to. */
function passDuel(world: World, viewer: ViewerRow): Result<Played> {
  const round = goingOn(world, playerOf(world, viewer.id).at.asked)
  if (round?.status !== 'opened') return refuse('duel_none', 'Nobody waits for your answer.')
  callOff(world, round, `${viewer.name} passed.`)
  const fields = { challenger: round.state.challenger, challenged: { name: viewer.name } }
  return ok({ round: round.id, told: tell(world, 'duel.passed', fields) })
}

/** Takes back a challenge that nobody has taken. */
function withdrawDuel(world: World, viewer: ViewerRow): Result<Played> {
  const round = goingOn(world, playerOf(world, viewer.id).at.duel)
  if (round === undefined || round.state.challenger.id !== viewer.id || round.status !== 'opened')
    return refuse('duel_none', 'You have no open challenge to withdraw.')
  callOff(world, round, `${viewer.name} withdrew it.`)
  return ok({ round: round.id, told: tell(world, 'duel.withdrawn', { challenger: round.state.challenger }) })
}

/** An amount as people type it, to be told from a name. */
const AMOUNT = /^(all|half|\d[\d.,'’_]*[km]?)$/iu

const words = (rest: string): string[] => rest.split(/\s+/u).filter((one) => one !== '')

/** Whom a challenge names. */
function namedIn(rest: string): string | undefined {
  const [first, second] = words(rest)
  return first !== undefined && (first.startsWith('@') || !AMOUNT.test(first)) ? first : second
}

const needRound = (id: number): Need[] => [needKey(rounds, id), needKey(accounts, id)]
const needOther = (id: number): Need[] => [needKey(viewers, id), needKey(accounts, id), ...needPlayer('duel', id)]

const CALL: ActPlay<Extract<Act, { do: 'duel' }>> = {
  names: namedIn,
  read(world, { rest, named }) {
    const { word } = settingsOf(world, 'duel').word
    const name = namedIn(rest)
    const stake = words(rest).find((one) => one !== name)
    if (stake === undefined) return usage(`!${word} ${SAMPLE_VIEWER} 50, or !${word} 50 for a duel open to anyone`)
    if (name === undefined) return ok({ do: 'duel', stake: stakeIn(stake), challenged: null })
    const found = named(name)
    return found.ok ? ok({ do: 'duel', stake: stakeIn(stake), challenged: found.value.id }) : found
  },
  rounds: (_, at) => [at.duel, at.asked],
  needs(world, _, { challenged }) {
    if (challenged === null) return []
    const needed = needOther(challenged)
    if (!needed.every((need) => world.rows.has(need))) return needed
    const { duel, asked } = playerOf(world, challenged).at
    return [...needed, ...[duel, asked].flatMap((id) => (id === undefined ? [] : needRound(id)))]
  },
  play(world, viewer, { stake, challenged }) {
    const other = challenged === null ? null : world.get(viewers, challenged)
    if (other === undefined) return refuse('viewer_not_found', 'Nobody here has that name.')
    return callDuel(world, viewer, other, stake)
  },
}

/** Takes a duel; or shows up for the match of the cup that is called. */
const TAKE: ActPlay<Extract<Act, { do: 'take' }>> = {
  names: (rest) => words(rest)[0],
  read(world, { first, named }) {
    // Words behind it are talk, unless they name whose challenge is meant.
    const found = first === '' ? undefined : named(first)
    const duel = found?.ok ? playerOf(world, found.value.id).at.duel : undefined
    return ok(duel === undefined ? { do: 'take' } : { do: 'take', duel })
  },
  rounds: (world, at, { duel }) => [at.asked, at.duel, duel, openRoundOf(world, 'cup'), ...floorOf(world, 'duel').free],
  mayEnd: true,
  play(world, viewer, { duel }) {
    const cup = openCup(world)
    const match = duel === undefined ? calledMatch(cup, viewer.id) : undefined
    return cup !== undefined && match !== undefined ? showUp(world, cup, match, viewer) : takeDuel(world, viewer, duel)
  },
}

const asked = (world: World, at: PlayerAt) => [at.asked, at.duel, openRoundOf(world, 'cup')]

export const duelPlay: GamePlay<'duel'> = {
  acts: {
    duel: CALL,
    take: TAKE,
    pass: { read: () => ok({ do: 'pass' }), rounds: asked, mayEnd: true, play: passDuel },
    withdraw: {
      read: () => ok({ do: 'withdraw' }),
      rounds: asked,
      mayEnd: true,
      play: (world, viewer) => withdrawFromCup(world, viewer) ?? withdrawDuel(world, viewer),
    },
  },
  opens: null,
  advance: advanceDuel,
}
