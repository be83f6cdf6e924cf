import { amount, digits } from '../../currency/index.ts'
import { balanceOf } from '../../ledger/index.ts'
import type { ViewerRow } from '../../people/index.ts'
import { ok, type Result, refuse, type World } from '../../world/index.ts'
import { restAfter } from '../allowed.ts'
import { callOff } from '../callOff.ts'
import { comeIn, gatheringFields, mayGather, openOne } from '../gather.ts'
import type { GamePlay } from '../play.ts'
import type { Played } from '../played.ts'
import { endRound, openRound, scheduleNext, settleSeat } from '../pot.ts'
import { type RoundOf, type RoundRow, rounds, type SeatRow, seatsOf } from '../rounds.ts'
import { settingsOf } from '../settings.ts'
import { lossLeft } from '../stakes.ts'
import { listed, tell } from '../tell.ts'
import { tellRound } from '../tellRound.ts'
import type { ScrambleState } from './schema.ts'
import { orderOf, placesPaid, scrambleChance, scramblePrize, wavesOf } from './scramble.ts'

type ScrambleRound = RoundOf<ScrambleState>

/** Opens a scramble that everybody can come into. @param opener - Null: the desk. */
function openScramble(world: World, opener: string | null): RoundRow {
  const { stake, adds, rakeBp, sharesPpm, gatherSeconds } = settingsOf(world, 'scramble')
  const state: ScrambleState = { of: 'scramble', stake, adds, rakeBp, sharesPpm, wave: 0, left: 0 }
  const nextAt = world.at + gatherSeconds
  return openRound(world, { game: 'scramble', status: 'gathering', state, nextAt, openerName: opener })
}

/** Comes into the scramble that gathers, or opens one: everybody puts in the same. */
function joinScramble(world: World, viewer: ViewerRow): Result<Played> {
  const open = mayGather(world, 'scramble', viewer)
  if (!open.ok) return open
  const round = open.value
  const stake = round?.state.of === 'scramble' ? round.state.stake : settingsOf(world, 'scramble').stake
  const short = stake - balanceOf(world, viewer.id)
  if (short > 0)
    return refuse(
      'balance_too_small',
      `Everybody puts in ${amount(world, stake)}: you are ${amount(world, short)} short.`,
    )
  if (stake > lossLeft(world, viewer.id))
    return refuse('stake_too_large', 'That is more than you may still lose in this show.', {
      most: lossLeft(world, viewer.id),
    })
  return comeIn(world, 'scramble', viewer, {
    round: round ?? openScramble(world, viewer.name),
    stake,
    opened: round === undefined ? (now) => tellOpened(world, now, viewer.name) : undefined,
  })
}

/** Says that a scramble gathers. */
function tellOpened(world: World, round: RoundRow, opener: string): string {
  const { word, stake, adds } = settingsOf(world, 'scramble')
  return tell(world, 'scramble.opened', {
    ...gatheringFields(world, round, opener),
    word: word.word,
    stake: stake === 0 ? 'free' : amount(world, stake),
    adds: adds === 0 ? '' : amount(world, adds),
  })
}

/** What a scramble does when its time has come: it begins, or the next wave goes. */
function advanceScramble(world: World, round: ScrambleRound): void {
  if (round.status === 'gathering') begin(world, round)
  else nextWave(world, round)
}

function begin(world: World, round: ScrambleRound): void {
  const { leastCrew, pauseSeconds } = settingsOf(world, 'scramble')
  if (round.seats < leastCrew) {
    if (round.seats > 0) tell(world, 'scramble.tooFew', { crew: round.seats, needed: leastCrew })
    callOff(world, round, 'Too few came.')
    return
  }
  const state = { ...round.state, left: round.seats }
  const running = scheduleNext(world, { ...round, status: 'running', state }, world.at + pauseSeconds)
  tellRound(world, running, seatsOf(world, running))
  const { prize } = scramblePrize(round.staked, state.rakeBp, state.adds)
  tell(world, 'scramble.started', { crew: round.seats, prize: amount(world, prize) })
}

/** The seats of a scramble in the order in which it ends, the winner first: known from the seed once nobody can come in. */
function standing(world: World, round: ScrambleRound): SeatRow[] {
  const all = seatsOf(world, round)
  const byViewer = new Map(all.map((seat) => [seat.viewer, seat]))
  const viewers = all.map(({ viewer }) => viewer)
  return orderOf(scrambleChance(round.seed, round.id, viewers), viewers).flatMap((one) => byViewer.get(one) ?? [])
}

/** The next wave goes: from the end of the order, each with what their place is paid. */
function nextWave(world: World, round: ScrambleRound): void {
  const { rakeBp, adds, sharesPpm, wave, left } = round.state
  const order = standing(world, round)
  const { prize } = scramblePrize(round.staked, rakeBp, adds)
  const paid = placesPaid(prize, sharesPpm, order.length)
  const after = wavesOf(order.length, paid.length)[wave] ?? 0
  const now = settlePlaces(world, round, order.slice(after, left), paid, after)
  const state = { ...round.state, wave: wave + 1, left: after }
  const next = { ...now, state }
  const gone = order.slice(after, left).map(({ name }) => name)
  if (after > 1) goOn(world, next, gone)
  else finish(world, settlePlaces(world, next, order.slice(0, after), paid, 0), order, paid)
}

/** @param from - The place of the first of them, from 0. */
function settlePlaces(
  world: World,
  round: ScrambleRound,
  gone: readonly SeatRow[],
  paid: readonly number[],
  from: number,
): ScrambleRound {
  return gone.reduce((now, seat, i) => {
    const pays = paid[from + i] ?? 0
    return settleSeat(world, now, { ...seat, room: from + i + 1 }, pays > 0 ? 'won' : 'lost', pays)
  }, world.put(rounds, round) as ScrambleRound)
}

function goOn(world: World, round: ScrambleRound, gone: readonly string[]): void {
  const { pauseSeconds } = settingsOf(world, 'scramble')
  const waiting = scheduleNext(world, round, world.at + pauseSeconds)
  tellRound(world, waiting, bestFirst(seatsOf(world, waiting)))
  tell(world, 'scramble.wave', { gone: listed(gone), left: digits(round.state.left) })
}

function finish(world: World, round: ScrambleRound, order: readonly SeatRow[], paid: readonly number[]): void {
  const [first] = order
  const places = order.slice(0, paid.length).map(({ name }, i) => `${name} ${digits(paid[i] ?? 0)}`)
  tell(world, 'scramble.ended', { winner: { name: first?.name ?? '' }, places: listed(places) })
  endRound(world, round, 'settled', null, bestFirst(seatsOf(world, round)))
  restAfter(world, 'scramble')
}

/** Who is still in, then the places: of many, those who matter are told. */
const bestFirst = (all: readonly SeatRow[]): SeatRow[] => [...all].sort((a, b) => (a.room ?? 0) - (b.room ?? 0))

export const scramblePlay: GamePlay<'scramble'> = {
  acts: {
    scramble: {
      read: () => ok({ do: 'scramble' }),
      rounds: openOne('scramble'),
      play: joinScramble,
    },
  },
  opens: { open: (world) => openScramble(world, null), tell: tellOpened },
  advance: advanceScramble,
}
