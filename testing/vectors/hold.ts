import { type Backer, paidTo, paymentOf } from '../../core/bets/index.ts'
import { accrue, type Bonus, NO_SUPPORT, payoutOf, supportPays } from '../../core/earning/index.ts'
import { bossChance, fight, hitChance, winChance } from '../../core/games/boss/boss.ts'
import { orderOf, placesPaid, scrambleChance, scramblePrize } from '../../core/games/scramble/scramble.ts'
import { Chance, commitmentOf } from '../../core/fairness/index.ts'
import {
  crewDigest,
  duelPot,
  duelWinner,
  type Fraction,
  heistChance,
  lineMet,
  type Machine,
  type Member,
  machineOdds,
  type On,
  playHeist,
  type Room,
  returnedOf,
  roomChance,
  spinPays,
  spinReels,
  spinWheel,
} from '../../core/games/index.ts'
import { contributionOf } from '../../core/goals/index.ts'
import { creditWithinCap } from '../../core/ledger/index.ts'
import { drawnAnswer, nearestFirst, offBy, pickMany, weightOf } from '../../core/raffles/index.ts'
import { rankFor } from '../../core/ranks/index.ts'

/** A rule case: what goes in and what must come out, as in the files beside this one. */
export type Case = Readonly<Record<string, unknown>>

/** Whether the rules give what a case says. */
type Holder = (one: Case) => boolean

interface Credit {
  readonly amount: number
  readonly balance: number
  readonly cap: number | null
  readonly credited: number
}

interface Intervals {
  readonly carrySeconds: number
  readonly presentSpans: readonly (readonly [number, number])[]
  readonly intervalSeconds: number
  readonly payouts: number
  readonly carryAfter: number
}

const credit: Holder = (one) => {
  const { amount, balance, cap, credited } = one as unknown as Credit
  return creditWithinCap(amount, balance, cap) === credited
}

const intervals: Holder = (one) => {
  const { carrySeconds, presentSpans, intervalSeconds, payouts, carryAfter } = one as unknown as Intervals
  let [carry, paid] = [carrySeconds, 0]
  for (const [from, to] of presentSpans) {
    const done = accrue(carry, to - from, intervalSeconds)
    paid += done.payouts
    carry = done.carrySeconds
  }
  return paid === payouts && carry === carryAfter
}

type Event =
  | { readonly kind: 'tip'; readonly minorUnits: number; readonly perUnit: number; readonly payout: number }
  | { readonly kind: 'cheer'; readonly units: number; readonly perHundred: number; readonly payout: number }

const events: Holder = (one) => {
  const event = one as unknown as Event
  const plan = NO_SUPPORT
  const pays =
    event.kind === 'tip'
      ? supportPays({ ...plan, tip: event.perUnit }, { kind: 'tip', minorUnits: event.minorUnits })
      : supportPays({ ...plan, cheer: event.perHundred }, { kind: 'cheer', units: event.units })
  return pays === event.payout
}

interface Earning {
  readonly plan: {
    readonly base: number
    readonly offAirBase: number
    readonly activePlus: number
    readonly standings: Readonly<Record<string, Partial<Bonus>>>
  }
  readonly viewer: { readonly standings: readonly string[]; readonly active: boolean }
  readonly offAir: boolean
  readonly payout: number
}

const earning: Holder = (one) => {
  const { plan, viewer, offAir, payout } = one as unknown as Earning
  const standings = Object.fromEntries(
    Object.entries(plan.standings).map(([name, bonus]) => [name, { plus: 0, times: 100, ...bonus }]),
  )
  const rules = {
    base: plan.base,
    offAir: { base: plan.offAirBase },
    standings,
    active: { plus: plan.activePlus },
  }
  return payoutOf(rules, viewer.standings, viewer.active, offAir) === payout
}

interface RankCase {
  readonly ranks: readonly { readonly name: string; readonly from: number; readonly needs: string | null }[]
  readonly measure: number
  readonly standings: readonly string[]
  readonly rank: string | null
}

const ranks: Holder = (one) => {
  const { ranks: all, measure, standings, rank } = one as unknown as RankCase
  return (rankFor(all, measure, standings)?.name ?? null) === rank
}

interface ChanceCase {
  readonly seed: string
  readonly commitment: string
  readonly label: string
  readonly bounds: readonly string[]
  readonly values: readonly string[]
}

const chance: Holder = (one) => {
  const { seed, commitment, label, bounds, values } = one as unknown as ChanceCase
  const stream = new Chance(seed, label)
  return commitmentOf(seed) === commitment && bounds.every((bound, i) => String(stream.big(BigInt(bound))) === values[i])
}

interface DuelCase {
  readonly seed: string
  readonly duel: string
  readonly challenger: string
  readonly challenged: string
  readonly stake: number
  readonly rakeBasisPoints: number
  readonly winner: string
  readonly pot: number
  readonly rake: number
  readonly paid: number
}

const duel: Holder = (one) => {
  const { seed, duel: id, challenger, challenged, stake, rakeBasisPoints, winner, ...split } = one as unknown as DuelCase
  const { pot, rake, paid } = duelPot(stake, rakeBasisPoints)
  const won = duelWinner(seed, id, challenger, challenged)
  return won === winner && pot === split.pot && rake === split.rake && paid === split.paid
}

interface HeistCase {
  readonly seed: string
  readonly heist: string
  readonly rooms: readonly Room[]
  readonly crew: readonly Member<string>[]
  readonly bonusPpmPerExtraMember: number
  readonly capPpm: number
  readonly crewDigest: string
  readonly through: readonly { readonly room: number; readonly throughPpm: number }[]
  readonly members: readonly { readonly viewer: string; readonly result: string; readonly paid: number }[]
}

const heist: Holder = (one) => {
  const { seed, heist: id, rooms, crew, bonusPpmPerExtraMember, capPpm, ...wanted } = one as unknown as HeistCase
  const site = { rooms, bonusPpm: bonusPpmPerExtraMember, capPpm }
  const ends = playHeist(heistChance(seed, id, crew), site, crew)
  const chances = wanted.through.every(({ room, throughPpm }) => {
    const found = rooms[room - 1]
    return found !== undefined && roomChance(found, site, crew.length) === throughPpm
  })
  const same = wanted.members.every(({ viewer, result, paid }, i) => {
    const end = ends[i]
    const told = end?.out ? `left after room ${end.room}` : `caught in room ${end?.room}`
    return end?.viewer === viewer && told === result && end.paid === paid
  })
  return crewDigest(crew) === wanted.crewDigest && chances && same && ends.length === wanted.members.length
}

interface RouletteCase {
  readonly seed: string
  readonly round: string
  readonly number: number
  readonly bets: readonly { readonly on: string; readonly stake: number; readonly returned: number }[]
}

function betOf(written: string): On {
  const [on = '', which = ''] = written.split(':')
  return { on, which: Number(which), number: Number(which) } as unknown as On
}

const roulette: Holder = (one) => {
  const { seed, round, number, bets } = one as unknown as RouletteCase
  return (
    spinWheel(seed, round) === number &&
    bets.every(({ on, stake, returned }) => returnedOf(betOf(on), stake, number) === returned)
  )
}

interface SlotsCase extends Machine {
  readonly expectedReturn: string
  readonly hitChance: string
  readonly seed: string
  readonly spin: string
  readonly line: readonly string[]
  readonly multiplier: number
}

const written = ({ top, bottom }: Fraction): string => `${top}/${bottom}`

const slots: Holder = (one) => {
  const { expectedReturn, hitChance, seed, spin, line, multiplier, ...machine } = one as unknown as SlotsCase
  const odds = machineOdds(machine)
  const shown = spinReels(seed, spin, machine)
  const pays = machine.table[lineMet(machine.table, shown)]?.multiplier ?? 0
  return (
    written(odds.returns) === expectedReturn &&
    written(odds.hits) === hitChance &&
    shown.join() === line.join() &&
    pays === multiplier &&
    spinPays(machine, 100, shown) === multiplier
  )
}

interface RaffleCase {
  readonly seed: string
  readonly commitment: string
  readonly raffle: string
  readonly entrants: readonly { readonly viewer: string; readonly tickets: number; readonly weight: number }[]
  readonly picks: number
  readonly draws: readonly {
    readonly draw: number
    readonly entrantsDigest: string
    readonly totalWeight: number
    readonly point: number
    readonly winner: string
    readonly chance: string
  }[]
}

const raffle: Holder = (one) => {
  const { seed, commitment, raffle: id, entrants, picks, draws } = one as unknown as RaffleCase
  const weighed = entrants.map(({ viewer, tickets, weight }) => ({ viewer, weight: weightOf(tickets, weight) }))
  const picked = pickMany(seed, id, weighed, picks).map(({ draw, digest, total, point, winner, weight }) => ({
    draw,
    entrantsDigest: digest,
    totalWeight: total,
    point,
    winner,
    chance: `${weight}/${total}`,
  }))
  return commitmentOf(seed) === commitment && JSON.stringify(picked) === JSON.stringify(draws.map(({ draw, entrantsDigest, totalWeight, point, winner, chance }) => ({ draw, entrantsDigest, totalWeight, point, winner, chance })))
}

interface Goal {
  readonly target: number
  readonly soFar: number
  readonly balance: number
  readonly asked: number
  readonly taken: number
  readonly why?: string
  readonly complete?: boolean
}

const goal: Holder = (one) => {
  const { target, soFar, balance, asked, taken, why, complete } = one as unknown as Goal
  // What is in it is told as it is after that.
  const found = contributionOf({ target, soFar: soFar - taken, balance, asked })
  return found.taken === taken && ('why' in found ? found.why === why : found.complete === complete)
}

interface Scramble {
  readonly seed: string
  readonly scramble: string
  readonly entrants: readonly string[]
  readonly stake: number
  readonly houseAdds: number
  readonly rakeBasisPoints: number
  readonly sharesPpm: readonly number[]
  readonly rake: number
  readonly prize: number
  readonly order: readonly string[]
  readonly paid: readonly { readonly viewer: string; readonly paid: number }[]
}

const scramble: Holder = (one) => {
  const told = one as unknown as Scramble
  const { entrants } = told
  const order = orderOf(scrambleChance(told.seed, told.scramble, entrants), entrants)
  const { rake, prize } = scramblePrize(entrants.length * told.stake, told.rakeBasisPoints, told.houseAdds)
  const places = placesPaid(prize, told.sharesPpm, entrants.length)
  const paid = order.map((viewer, i) => ({ viewer, paid: places[i] ?? 0 }))
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
  return rake === told.rake && prize === told.prize && same(order, told.order) && same(paid, told.paid)
}

interface GuessCase {
  readonly answer: number
  readonly seed?: string
  readonly raffle?: string
  readonly least?: number
  readonly most?: number
  readonly guesses: readonly { readonly viewer: string; readonly guess: number }[]
  readonly winners: number
  readonly won: readonly { readonly viewer: string; readonly guess: number; readonly off: number }[]
}

const guess: Holder = (one) => {
  const { answer, guesses, winners, won, seed, raffle: id, least = 0, most = 0 } = one as unknown as GuessCase
  // A later guess takes the place of an earlier one of the same person.
  const last = new Map(guesses.map(({ viewer, guess: number }, order) => [viewer, { viewer, guess: number, order }]))
  const nearest = nearestFirst([...last.values()], answer).slice(0, winners)
  const told = nearest.map(({ viewer, guess: number }) => ({ viewer, guess: number, off: offBy(number, answer) }))
  const drawn = seed === undefined ? answer : drawnAnswer(seed, id ?? '', { least, most })
  return drawn === answer && JSON.stringify(told) === JSON.stringify(won)
}

interface Boss {
  readonly seed: string
  readonly boss: string
  readonly fighters: readonly { readonly viewer: string; readonly stake: number }[]
  readonly ownPpm: number
  readonly bonusPpmPerExtraFighter: number
  readonly capPpm: number
  readonly blows: number
  readonly needPpm: number
  readonly multiplier: number
  readonly lastBlowBonus: number
  readonly result: {
    readonly hitPpm: number
    readonly needed: number
    readonly hits: number
    readonly won: boolean
    readonly lastBlow: string | null
    readonly fighters: readonly { readonly viewer: string; readonly hits: number; readonly paid: number }[]
    readonly winChance: string
  }
}

const boss: Holder = (one) => {
  const { seed, boss: id, fighters, bonusPpmPerExtraFighter: bonusPpm, result, ...own } = one as unknown as Boss
  const strength = { ...own, bonusPpm }
  const fought = fight(bossChance(seed, id, fighters), strength, fighters)
  const chance = winChance(strength, fighters.length)
  return (
    hitChance(strength, fighters.length) === result.hitPpm &&
    fought.needed === result.needed &&
    fought.hits === result.hits &&
    fought.hits >= fought.needed === result.won &&
    (result.won ? fought.lastBlow === result.lastBlow : true) &&
    JSON.stringify(fought.fighters) === JSON.stringify(result.fighters) &&
    Math.abs(chance - Number(result.winChance)) < 1.1e-9
  )
}

/** The rules that are built, by the name of their file of cases. */
interface Pool {
  readonly stakes: readonly { readonly option: number; readonly amount: number }[]
  readonly winning: number
  readonly rakeBasisPoints: number
  readonly outcome: 'won' | 'even' | 'refund'
  readonly rake: number
  readonly paid: readonly number[]
}

const pool: Holder = (one) => {
  const { stakes, winning, rakeBasisPoints, outcome, rake, paid } = one as unknown as Pool
  const backers = stakes.map(
    ({ option, amount }, i): Backer => ({ nr: i + 1, laid: [{ outcome: option, amount, at: 0 }] }),
  )
  const payment = paymentOf(backers, winning, { rakeBp: rakeBasisPoints, knownFrom: null })
  const sums = backers.map((backer) => paidTo(backer, payment)).map(({ back, won }) => back + won)
  const came = payment.winning === null ? 'refund' : stakes.every(({ option }) => option === winning) ? 'even' : 'won'
  return came === outcome && payment.rake === rake && JSON.stringify(sums) === JSON.stringify(paid)
}

export const HOLDERS: Readonly<Record<string, Holder>> = {
  chance,
  credit,
  intervals,
  events,
  earning,
  ranks,
  duel,
  heist,
  roulette,
  slots,
  raffle,
  pool,
  goal,
  scramble,
  boss,
  guess,
}

/** How many of the cases the rules of this name get wrong; undefined where those rules are not built yet. */
export function wrongCases(name: string, cases: readonly Case[]): number | undefined {
  const holds = Object.hasOwn(HOLDERS, name) ? HOLDERS[name] : undefined
  return holds && cases.filter((one) => !holds(one)).length
}
