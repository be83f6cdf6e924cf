import { amount, digits } from '../../currency/index.ts'
import type { ViewerRow } from '../../people/index.ts'
import type { Amount } from '../../schema.ts'
import { needKey, ok, type Result, refuse, type World } from '../../world/index.ts'
import { countPlay, mayPlay, readStake, restAfter } from '../allowed.ts'
import { callOff } from '../callOff.ts'
import type { Act } from '../declared.ts'
import { gatheringFields, openOne } from '../gather.ts'
import { type ActPlay, type GamePlay, stakeIn, usage } from '../play.ts'
import type { Played } from '../played.ts'
import { endRound, openRound, placePlayer, scheduleNext, settleSeat, takeSeat } from '../pot.ts'
import {
  openRowOf,
  playerOf,
  type RoundOf,
  type RoundRow,
  rounds,
  type SeatRow,
  seatKey,
  seats,
  seatsOf,
} from '../rounds.ts'
import { settingsOf } from '../settings.ts'
import { listed, tell } from '../tell.ts'
import { tellRound } from '../tellRound.ts'
import { siteFor } from './crews.ts'
import { enterRoom, heistChance, paidAfter, roomChance } from './heist.ts'
import type { HeistState } from './schema.ts'

/** A heist with what is particular to it. */
type HeistRound = RoundOf<HeistState>

const isHeist = (round: RoundRow | undefined): round is HeistRound => round?.state.of === 'heist'

const chanceInWords = (ppm: number): string => `${digits(ppm / 10_000)} %`

/** Starts a heist, or comes along on the one that is being planned. @param leaveAfter - The room; null: to the end. */
function joinHeist(world: World, viewer: ViewerRow, typed: string, leaveAfter: number | null): Result<Played> {
  const open = openRowOf(world, 'heist')
  const joins = isHeist(open)
  const allowed = mayJoin(world, viewer, joins ? open : undefined)
  if (!allowed.ok) return allowed
  const stake = readStake(world, 'heist', viewer, typed)
  if (!stake.ok) return stake
  const round = joins ? open : planHeist(world, viewer.name)
  const seated = takeSeat(world, round, viewer, stake.value, leaveAfter === null ? {} : { leaveAfter })
  if (!seated.ok) return seated
  countPlay(world, 'heist', viewer.id, joins)
  placePlayer(world, viewer.id, { heist: [round.id, seated.value.round.seats] })
  return ok({ round: round.id, told: tellJoined(world, seated.value.round, viewer, stake.value, joins) })
}

function mayJoin(world: World, viewer: ViewerRow, open: HeistRound | undefined): Result<true> {
  const allowed = mayPlay(world, 'heist', viewer, open !== undefined)
  if (!allowed.ok || open === undefined) return allowed
  if (open.status !== 'gathering')
    return refuse('round_running', 'The crew is already on its way. Join the next heist.')
  if (playerOf(world, viewer.id).at.heist?.[0] === open.id)
    return refuse('joined_already', 'You are already in. Your stake stays as it is.')
  const { mostCrew } = settingsOf(world, 'heist')
  return open.seats < mostCrew ? ok(true) : refuse('round_full', `The crew is full: ${digits(mostCrew)} are the most.`)
}

/** Opens a heist that others can come along on. @param opener - Null: the desk. */
function planHeist(world: World, opener: string | null): RoundRow {
  const { gatherSeconds } = settingsOf(world, 'heist')
  const state: HeistState = { of: 'heist', site: null, step: 0, drawn: 0, inside: 0 }
  return openRound(world, {
    game: 'heist',
    status: 'gathering',
    state,
    nextAt: world.at + gatherSeconds,
    openerName: opener,
  })
}

function tellJoined(world: World, round: RoundRow, viewer: ViewerRow, stake: Amount, joins: boolean): string {
  const { mostCrew } = settingsOf(world, 'heist')
  const fields = { viewer: { name: viewer.name }, stake: amount(world, stake), crew: round.seats }
  if (!joins) tellRound(world, round)
  world.fact('round.joined', 'everyone', {
    round: round.id,
    game: 'heist',
    name: viewer.name,
    stake,
    seats: round.seats,
    staked: round.staked,
  })
  if (round.seats === mostCrew) scheduleNext(world, round, world.at)
  if (joins) return tell(world, 'heist.joined', fields, { likeness: 'heist.joined' })
  return tellOpened(world, round, viewer.name, fields.stake)
}

/** Says that a heist is being planned. @param stake - What is in it already. */
function tellOpened(world: World, round: RoundRow, opener: string, stake = 'nothing yet'): string {
  const { word } = settingsOf(world, 'heist').word
  return tell(world, 'heist.opened', { ...gatheringFields(world, round, opener), stake, word })
}

/** What a heist does when its time has come: it sets off, is called off, or the next room is entered. */
function advanceHeist(world: World, round: HeistRound): void {
  if (round.status === 'gathering') setOff(world, round)
  else if (!endIfEmpty(world, round)) enter(world, round)
}

function setOff(world: World, round: HeistRound): void {
  const { leastCrew, sites, pauseSeconds } = settingsOf(world, 'heist')
  if (round.seats < leastCrew) {
    if (round.seats > 0) tell(world, 'heist.tooFew', { crew: round.seats, needed: leastCrew })
    callOff(world, round, 'Too few came.')
    return
  }
  const site = siteFor(sites, round.seats)
  const [first] = site.rooms
  if (first === undefined) throw new Error('A site has no rooms.')
  const state: HeistState = { ...round.state, site, inside: round.seats }
  const running = scheduleNext(world, { ...round, status: 'running', state }, world.at + pauseSeconds)
  tellRound(world, running, seatsOf(world, running))
  tell(world, 'heist.started', {
    crew: round.seats,
    site: site.name,
    room: first.name,
    chance: chanceInWords(roomChance(first, site, round.seats)),
  })
}

/** Takes those inside through the next room. */
function enter(world: World, round: HeistRound): void {
  const { site, step, drawn } = round.state
  const room = site?.rooms[step]
  if (site === null || room === undefined) throw new Error(`Heist ${round.id} has no room ${step + 1}.`)
  const all = seatsOf(world, round)
  const inside = all.filter(({ state }) => state === 'in')
  const chance = heistChance(round.seed, round.id, all)
  for (let i = 0; i < drawn; i++) chance.below(1_000_000)
  const through = enterRoom(chance, site, room, inside.length, all.length)
  const number = step + 1
  let now: RoundRow = round
  let left = 0
  for (const [i, seat] of inside.entries()) {
    const goes = number === site.rooms.length || seat.plan.leaveAfter === number
    if (!through[i]) now = settleSeat(world, now, { ...seat, room: number }, 'caught', 0)
    else if (goes) now = settleSeat(world, now, { ...seat, room: number }, 'out', paidAfter(seat.stake, room))
    else left++
  }
  const state: HeistState = { ...round.state, step: number, drawn: drawn + inside.length, inside: left }
  const caught = inside.filter((_, i) => !through[i]).map(({ name }) => name)
  const next = world.put(rounds, { ...now, state })
  if (left === 0) endHeist(world, next, caught.length > 0)
  else pause(world, next, caught)
}

function pause(world: World, round: HeistRound, caught: readonly string[]): void {
  const { pauseSeconds, out } = settingsOf(world, 'heist')
  const { site, step, inside } = round.state
  const [room, next] = [site?.rooms[step - 1], site?.rooms[step]]
  if (site === null || room === undefined || next === undefined) throw new Error(`Heist ${round.id} is lost.`)
  const waiting = scheduleNext(world, round, world.at + pauseSeconds)
  tellRound(world, waiting, seatsOf(world, waiting))
  tell(world, 'heist.room', {
    story: caught.length > 0 ? room.caught : room.through,
    caught: listed(caught),
    inside,
    multiplier: (room.multiplier / 100).toFixed(2),
    next: next.name,
    chance: chanceInWords(roomChance(next, site, round.seats)),
    out: out.word,
    seconds: pauseSeconds,
  })
}

/** Leaves a heist after the room that lies behind. */
function leaveHeist(world: World, viewer: ViewerRow): Result<Played> {
  const [id = 0, number = 0] = playerOf(world, viewer.id).at.heist ?? []
  const round = id === 0 ? undefined : world.get(rounds, id)
  const seat = id === 0 ? undefined : world.get(seats, seatKey(id, number))
  if (!isHeist(round) || seat === undefined || round.status === 'settled' || round.status === 'off')
    return refuse('not_inside', 'You are in no heist now.')
  const { site, step } = round.state
  const room = site?.rooms[step - 1]
  if (room === undefined) return refuse('not_inside', 'You cannot leave before the first room.')
  if (seat.state !== 'in')
    return refuse(
      'not_inside',
      seat.state === 'caught' ? 'You were caught; it is too late for that.' : 'You are out already.',
    )
  const paid = paidAfter(seat.stake, room)
  const leaving = { ...seat, plan: { ...seat.plan, leaveAfter: step }, room: step }
  const after = settleSeat(world, round, leaving, 'out', paid)
  const inside = round.state.inside - 1
  const next = world.put(rounds, { ...after, state: { ...round.state, inside } })
  const fields = { viewer: { name: viewer.name }, paid: amount(world, paid) }
  const told = tell(world, 'heist.left', fields, { likeness: 'heist.left' })
  if (inside === 0) scheduleNext(world, next, world.at)
  tellRound(world, next)
  return ok({ round: id, told })
}

/** Tells the story and ends. @param caughtLast - Whether somebody was caught in the last room that was entered. */
function endHeist(world: World, round: HeistRound, caughtLast: boolean): void {
  const { site, step } = round.state
  const all = seatsOf(world, round)
  const room = site?.rooms[step - 1]
  const out = all.filter(({ state }) => state === 'out').sort((a, b) => b.paid - a.paid)
  const caught = all.filter(({ state }) => state === 'caught')
  const where = (seat: SeatRow) => `${seat.name} in ${site?.rooms[(seat.room ?? 1) - 1]?.name ?? 'the dark'}`
  tell(world, 'heist.ended', {
    story: (caughtLast ? room?.caught : room?.through) ?? '',
    out: listed(out.map(({ name, paid }) => `${name} ${digits(paid)}`)),
    caught: listed(caught.map(where)),
    paid: amount(world, round.paid),
  })
  endRound(world, round, 'settled', null, all)
  world.moment('heistEnded', null, { site: site?.name ?? '', crew: all.length, out: out.length, paid: round.paid })
  const until = restAfter(world, 'heist')
  if (until > 0 && settingsOf(world, 'heist').notice)
    world.timer({
      key: `game/${round.id}/rested`,
      at: until,
      intent: { kind: 'game.tick', round: round.id, due: until },
    })
}

/** Ends a heist whose last ones have left by choice. */
function endIfEmpty(world: World, round: HeistRound): boolean {
  if (round.status !== 'running' || round.state.step === 0 || round.state.inside > 0) return false
  endHeist(world, round, false)
  return true
}

const JOIN: ActPlay<Extract<Act, { do: 'heist' }>> = {
  read(world, { first, second }) {
    const { word } = settingsOf(world, 'heist').word
    if (first === '') return usage(`!${word} 50, or !${word} 50 2 to leave after the second room`)
    if (second !== '' && !/^[1-9]\d?$/.test(second))
      return refuse(
        'arguments_wrong',
        `"${second.slice(0, 20)}" is not a room. Type !${word} 50 2 to leave after the second room.`,
      )
    return ok({ do: 'heist', stake: stakeIn(first), leaveAfter: second === '' ? null : Number(second) })
  },
  rounds: openOne('heist'),
  play: (world, viewer, { stake, leaveAfter }) => joinHeist(world, viewer, stake, leaveAfter),
}

const LEAVE: ActPlay<Extract<Act, { do: 'out' }>> = {
  read: () => ok({ do: 'out' }),
  rounds: (_, at) => [at.heist?.[0]],
  needs: (_, at) => (at.heist === undefined ? [] : [needKey(seats, seatKey(...at.heist))]),
  play: leaveHeist,
}

export const heistPlay: GamePlay<'heist'> = {
  acts: { heist: JOIN, out: LEAVE },
  opens: { open: (world) => planHeist(world, null), tell: tellOpened },
  advance: advanceHeist,
  rested(world) {
    const { on, word, notice } = settingsOf(world, 'heist')
    if (on && notice) tell(world, 'heist.rested', { word: word.word })
    return on && notice
  },
}
