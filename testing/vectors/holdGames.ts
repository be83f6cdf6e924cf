import { bossChance, fight, hitChance, winChance } from '../../core/games/boss/boss.ts'
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
import { orderOf, placesPaid, scrambleChance, scramblePrize } from '../../core/games/scramble/scramble.ts'
import type { Holder } from './case.ts'

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

/** The rules of the games, by the name of their file of cases. */
export const GAME_HOLDERS: Readonly<Record<string, Holder>> = { duel, heist, roulette, slots, scramble, boss }
