import { type Faults, foundFaults } from '../../faults.ts'
import type { Amount } from '../../schema.ts'
import type { CheckedStep, Told } from '../checked.ts'
import { declareGame } from '../declare.ts'
import { crewFault } from '../faults.ts'
import { type Fraction, fraction } from '../fraction.ts'
import type { Outcome, Returns, Way } from '../odds.ts'
import { GATHERING, switchedOff } from '../schema.ts'
import { ScrambleSettings, ScrambleState } from './schema.ts'
import { orderOf, placesPaid, scrambleChance, scramblePrize } from './scramble.ts'
import { SCRAMBLE_TEXTS } from './texts.ts'

const sum = (list: readonly number[]): number => list.reduce((all, one) => all + one, 0)

const scrambleFaults = ({ leastCrew, mostCrew, sharesPpm, stake, adds }: ScrambleSettings): Faults =>
  foundFaults({
    mostCrew: crewFault(leastCrew, mostCrew),
    sharesPpm: sum(sharesPpm) > 1_000_000 ? 'The places get more than all of the prize. Lower a share.' : undefined,
    adds:
      stake === 0 && adds === 0 ? 'There is nothing to win: set a stake, or let the house add something.' : undefined,
  })

/** Each one's is (prize / n) / stake: what the house adds counts most for the fewest. Undefined where nothing is staked. */
function scrambleReturns({ stake, adds, rakeBp, leastCrew, mostCrew }: ScrambleSettings): Returns | undefined {
  if (stake === 0) return undefined
  const of = (n: number): Fraction =>
    fraction(
      BigInt(stake) * BigInt(n) * BigInt(10_000 - rakeBp) + BigInt(adds) * 10_000n,
      BigInt(stake) * BigInt(n) * 10_000n,
    )
  return { least: of(Math.max(leastCrew, mostCrew)), most: of(Math.max(1, leastCrew)) }
}

function scrambleOutcomes({ stake, adds, rakeBp, sharesPpm }: ScrambleSettings, { crew }: Way): Outcome[] {
  if (stake === 0) return []
  const { prize } = scramblePrize(stake * crew, rakeBp, adds)
  const places = placesPaid(prize, sharesPpm, crew)
  const each = fraction(1n, BigInt(crew))
  const paying = places.map((paid) => ({ chance: each, pays: Math.floor((paid * 100) / stake) }))
  return [...paying, { chance: fraction(BigInt(crew - places.length), BigInt(crew)), pays: 0 }]
}

function checkScramble({ seed, id, seats, state }: Told<ScrambleState, object>): CheckedStep[] {
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

export const scramble = declareGame({
  name: 'scramble',
  noun: 'scramble',
  about: 'Everyone against everyone',
  settings: ScrambleSettings,
  initial: {
    ...switchedOff('scramble'),
    ...GATHERING,
    stake: 50,
    adds: 0,
    rakeBp: 500,
    sharesPpm: [600_000, 300_000, 100_000],
  },
  state: ScrambleState,
  plan: {},
  verbs: {
    scramble: { word: ({ word }) => word, does: 'Joins a scramble: everyone against everyone', act: {} },
  },
  texts: SCRAMBLE_TEXTS,
  opens: 'Gather people',
  unpaid: ['in', 'lost'],
  faults: scrambleFaults,
  returns: scrambleReturns,
  outcomes: scrambleOutcomes,
  check: checkScramble,
})
