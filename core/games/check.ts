import { mulDiv } from '../ledger/index.ts'
import type { Amount } from '../schema.ts'
import { bossChance, fight } from './boss/boss.ts'
import { drawLot, drawOrder, playMatch } from './cup/bracket.ts'
import type { CupState } from './cup/state.ts'
import { duelPot, duelWinner } from './duel.ts'
import { heistChance, playHeist } from './heist.ts'
import { tossCoin } from './play/machine.ts'
import { spinPays, spinReels } from './reels.ts'
import { returnedOf, spinWheel } from './roulette.ts'
import type { BossState, RoundRow, ScrambleState, SeatRow } from './rounds.ts'
import { orderOf, placesPaid, scrambleChance, scramblePrize } from './scramble/scramble.ts'

/** A round that has ended, as it is told: all that its outcome follows from, and the outcome. */
export type ToldRound = Pick<RoundRow, 'id' | 'game' | 'status' | 'seed' | 'commitment' | 'seedOrigin' | 'state'> & {
  readonly seats: readonly Pick<SeatRow, 'viewer' | 'name' | 'stake' | 'plan' | 'state' | 'room' | 'paid'>[]
}

/** One thing that follows from the seed: what it was drawn from, what comes out now, and what was told then. */
export interface CheckedStep {
  readonly what: string
  readonly label: string
  readonly drawn: string
  readonly told: string
}

/** Whether a step came out as it was told. */
export const agrees = ({ drawn, told }: CheckedStep): boolean => drawn === told

/** The outcome of a round once more from its seed, step by step. Of a round that was called off nothing was drawn, so there is nothing. */
export function recompute(round: ToldRound): CheckedStep[] {
  if (round.status !== 'settled') return []
  const { state } = round
  switch (state.of) {
    case 'heist':
      return heistSteps(round)
    case 'duel':
      return duelSteps(round)
    case 'roulette':
      return wheelSteps(round)
    case 'reels': {
      const shown = spinReels(round.seed, round.id, state.machine)
      const label = `slots/${round.id}`
      return [
        { what: 'The three symbols', label, drawn: shown.join(' · '), told: state.shown.join(' · ') },
        ...round.seats.map((seat) => paidStep(seat, label, spinPays(state.machine, seat.stake, shown))),
      ]
    }
    case 'coin': {
      const side = tossCoin(round.seed, round.id)
      const label = `coin/${round.id}`
      const pays = (stake: Amount) => (side === state.called ? mulDiv(stake, state.multiplier, 100) : 0)
      return [
        { what: 'The side that is up', label, drawn: side, told: state.side },
        ...round.seats.map((seat) => paidStep(seat, label, pays(seat.stake))),
      ]
    }
    case 'cup':
      return cupSteps(round, state)
    case 'scramble':
      return scrambleSteps(round, state)
    case 'boss':
      return fightSteps(round, state)
  }
}

const paidStep = ({ name, paid }: { name: string; paid: Amount }, label: string, drawn: number): CheckedStep => ({
  what: `${name} is paid`,
  label,
  drawn: String(drawn),
  told: String(paid),
})

function heistSteps({ seed, id, state, seats }: ToldRound): CheckedStep[] {
  if (state.of !== 'heist' || state.site === null) return []
  const { site } = state
  const chance = heistChance(seed, id, seats)
  const crew = seats.map(({ viewer, stake, plan }) => ({
    viewer,
    stake,
    leaveAfter: plan.leaveAfter ?? site.rooms.length,
  }))
  const ends = playHeist(chance, site, crew)
  const told = (out: boolean, room: number, paid: Amount) =>
    `${out ? 'out after' : 'caught in'} ${site.rooms[room - 1]?.name ?? `room ${room}`}, ${paid}`
  return seats.map((seat, i) => {
    const end = ends[i]
    const now = end === undefined ? '' : told(end.out, end.room, end.paid)
    return {
      what: seat.name,
      label: chance.label,
      drawn: now,
      told: told(seat.state === 'out', seat.room ?? 0, seat.paid),
    }
  })
}

function duelSteps({ seed, id, state, seats }: ToldRound): CheckedStep[] {
  if (state.of !== 'duel' || state.challenged === null) return []
  const { challenger, challenged, stake, rakeBp } = state
  const label = `duel/${id}/${challenger.id}:${challenged.id}`
  const winner = duelWinner(seed, id, challenger.id, challenged.id)
  const nameOf = (who: number | null) => (who === challenger.id ? challenger.name : challenged.name)
  const { paid } = duelPot(stake, rakeBp)
  return [
    { what: 'The winner', label, drawn: nameOf(winner), told: nameOf(state.winner) },
    ...seats.map((seat) => paidStep(seat, label, seat.viewer === winner ? paid : 0)),
  ]
}

function wheelSteps({ seed, id, state, seats }: ToldRound): CheckedStep[] {
  if (state.of !== 'roulette') return []
  const label = `roulette/${id}`
  const number = spinWheel(seed, id)
  return [
    { what: 'The number', label, drawn: String(number), told: String(state.number) },
    ...seats.map((seat) =>
      paidStep(seat, label, seat.plan.on === undefined ? 0 : returnedOf(seat.plan.on, seat.stake, number)),
    ),
  ]
}

function cupSteps({ seed, id }: ToldRound, { entrants, drawnFrom, order, matches, rules }: CupState): CheckedStep[] {
  const names = new Map(entrants.map((one) => [one.id, one.name]))
  const inWords = (ids: readonly number[]) => ids.map((one) => names.get(one) ?? `nr. ${one}`).join(', ')
  const drawn = drawOrder(seed, id, drawnFrom)
  // Who took somebody's place after the draw stands where that one stood.
  const standing = drawn.map((one, i) => (names.has(one) ? one : (order[i] ?? one)))
  const played = matches.filter(({ how }) => how === 'played' || how === 'lot')
  return [
    { what: 'The order drawn', label: `cup/${id}/…`, drawn: inWords(standing), told: inWords(order) },
    ...played.map((match) => {
      const { a, b, how, games, winner } = match
      const now = how === 'lot' ? [drawLot(seed, id, match, a ?? 0, b ?? 0)] : playMatch(seed, id, match, rules.bestOf)
      const then = how === 'lot' ? [winner ?? 0] : games
      const label = `duel/${id}.${match.id}.${how === 'lot' ? 0 : 1}/${a}:${b}`
      return { what: `Match ${match.id}`, label, drawn: inWords(now), told: inWords(then) }
    }),
  ]
}

function scrambleSteps({ seed, id, seats }: ToldRound, state: ScrambleState): CheckedStep[] {
  const viewers = seats.map(({ viewer }) => viewer)
  const chance = scrambleChance(seed, id, viewers)
  const order = orderOf(chance, viewers)
  const { prize } = scramblePrize(state.stake * seats.length, state.rakeBp, state.adds)
  const paid = placesPaid(prize, state.sharesPpm, seats.length)
  const told = (place: number, pays: Amount) => `place ${place}, ${pays}`
  return seats.map((seat) => {
    const place = order.indexOf(seat.viewer) + 1
    return {
      what: seat.name,
      label: chance.label,
      drawn: told(place, paid[place - 1] ?? 0),
      told: told(seat.room ?? 0, seat.paid),
    }
  })
}

function fightSteps({ seed, id, seats }: ToldRound, { strength, hits, name }: BossState): CheckedStep[] {
  const chance = bossChance(seed, id, seats)
  const fought = fight(chance, strength, seats)
  const told = (own: number, pays: Amount) => `${own} hits, ${pays}`
  return [
    { what: `Hits on ${name}`, label: chance.label, drawn: String(fought.hits), told: String(hits) },
    ...seats.map((seat, i) => {
      const one = fought.fighters[i]
      return {
        what: seat.name,
        label: chance.label,
        drawn: told(one?.hits ?? 0, one?.paid ?? 0),
        told: told(seat.plan.hits ?? 0, seat.paid),
      }
    }),
  ]
}
