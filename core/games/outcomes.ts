import { winChance } from './boss/boss.ts'
import { type Fraction, fraction } from './fraction.ts'
import { heistOdds } from './heist.ts'
import { siteFor } from './play/heist.ts'
import { machineOdds } from './reels.ts'
import { holds, type On, paysTimes } from './roulette.ts'
import type { ByGame, Game, SettingsOf } from './schema.ts'
import { placesPaid, scramblePrize } from './scramble/scramble.ts'
import { NUMBERS } from './wheel.ts'

/** One way in which a play can end: how likely it is, and what it pays in hundredths of the stake, the stake included. */
export interface Outcome {
  readonly chance: Fraction
  readonly pays: number
}

/** How somebody plays: of a heist the crew and the room after which they leave; of the wheel what they bet on. */
export interface Way {
  readonly crew: number
  readonly leaveAfter: number
  readonly on: On
}

export const PLAIN_WAY: Way = { crew: 5, leaveAfter: 99, on: { on: 'red' } }

const half = fraction(1n, 2n)
const restOf = ({ top, bottom }: Fraction): Fraction => fraction(bottom - top, bottom)

const win = (chance: Fraction, pays: number): Outcome[] => [
  { chance, pays },
  { chance: restOf(chance), pays: 0 },
]

const OUTCOMES: ByGame<Outcome[], [way: Way]> = {
  heist({ sites }, way) {
    const site = siteFor(sites, way.crew)
    const after = Math.min(way.leaveAfter, site.rooms.length) - 1
    const reaches = heistOdds(site, way.crew)[after]?.reaches ?? fraction(0n, 1n)
    return win(reaches, site.rooms[after]?.multiplier ?? 0)
  },
  duel: ({ rakeBp }) => win(half, (2 * (10_000 - rakeBp)) / 100),
  roulette(_, { on }) {
    const holding = Array.from({ length: NUMBERS }, (_, number) => number).filter((number) => holds(on, number))
    return win(fraction(BigInt(holding.length), BigInt(NUMBERS)), paysTimes(on) * 100)
  },
  reels({ strip, table }) {
    const { lines, hits } = machineOdds({ strip, table })
    const paying = lines.map((chance, i) => ({ chance, pays: table[i]?.multiplier ?? 0 }))
    return [...paying, { chance: restOf(hits), pays: 0 }]
  },
  coin: ({ multiplier }) => win(half, multiplier),
  // It hangs on who comes.
  cup: () => [],
  scramble({ stake, adds, rakeBp, sharesPpm }, { crew }) {
    if (stake === 0) return []
    const { prize } = scramblePrize(stake * crew, rakeBp, adds)
    const places = placesPaid(prize, sharesPpm, crew)
    const each = fraction(1n, BigInt(crew))
    const paying = places.map((paid) => ({ chance: each, pays: Math.floor((paid * 100) / stake) }))
    return [...paying, { chance: fraction(BigInt(crew - places.length), BigInt(crew)), pays: 0 }]
  },
  boss: (strength, { crew }) =>
    win(fraction(BigInt(Math.round(winChance(strength, crew) * 1e9)), 1_000_000_000n), strength.multiplier),
}

/** Every way in which a play of a game can end; nothing of a cup. Their chances add up to 1. */
export const outcomesOf = <G extends Game>(game: G, settings: SettingsOf[G], way: Way = PLAIN_WAY): Outcome[] =>
  OUTCOMES[game](settings, way)

/** What comes back of a stake on average over these outcomes. */
export const averageOf = (outcomes: readonly Outcome[]): Fraction =>
  outcomes.reduce(
    (sum, { chance, pays }) =>
      fraction(
        sum.top * chance.bottom * 100n + chance.top * BigInt(pays) * sum.bottom,
        sum.bottom * chance.bottom * 100n,
      ),
    fraction(0n, 1n),
  )
