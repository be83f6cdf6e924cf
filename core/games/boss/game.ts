import { foundFaults } from '../../faults.ts'
import type { Amount } from '../../schema.ts'
import type { CheckedStep, Told } from '../checked.ts'
import { declareGame } from '../declare.ts'
import { crewFault, stakesFault } from '../faults.ts'
import { asFraction, type Returns, win } from '../odds.ts'
import { GATHERING, STAKES, switchedOff, TypedStake } from '../schema.ts'
import { bossChance, bossReturn, fight, winChance } from './boss.ts'
import { BossPlan, BossSettings, BossState } from './schema.ts'
import { BOSS_TEXTS } from './texts.ts'

/** Up to here every size of a crew is looked at; above it three in a row every twentieth more, as odd and even sizes differ. */
const EVERY_SIZE = 150

/** The sizes of a crew from the least to the most: all small ones, and of large ones enough to see what they come to. */
export function sizesOf({ leastCrew, mostCrew }: Pick<BossSettings, 'leastCrew' | 'mostCrew'>): number[] {
  const last = Math.max(leastCrew, mostCrew)
  const sizes: number[] = []
  for (let size = leastCrew; size <= last; ) {
    if (size <= EVERY_SIZE) sizes.push(size++)
    else {
      sizes.push(...[size, size + 1, size + 2].filter((one) => one < last))
      size = Math.ceil(size * 1.05) + 2
    }
  }
  return sizes.at(-1) === last ? sizes : [...sizes, last]
}

function bossReturns(settings: BossSettings): Returns {
  const all = sizesOf(settings).map((crew) => bossReturn(settings, crew, settings.stakes.smallest))
  return { least: asFraction(Math.min(...all)), most: asFraction(Math.max(...all)) }
}

function checkFight({ seed, id, seats, state }: Told<BossState, { readonly hits?: number }>): CheckedStep[] {
  const { strength, hits, name } = state
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

export const boss = declareGame({
  name: 'boss',
  noun: 'boss fight',
  about: 'Everyone against one',
  settings: BossSettings,
  initial: {
    ...switchedOff('boss'),
    ...GATHERING,
    stakes: STAKES,
    leastCrew: 3,
    name: 'The giant',
    picture: 'sparks',
    ownPpm: 475_000,
    bonusPpm: 1500,
    capPpm: 500_000,
    blows: 4,
    needPpm: 500_000,
    multiplier: 180,
    lastBlowBonus: 0,
  },
  state: BossState,
  plan: BossPlan,
  verbs: {
    boss: {
      word: ({ word }) => word,
      does: 'Fights the boss with everybody',
      usage: '<stake>',
      act: { stake: TypedStake },
    },
  },
  texts: BOSS_TEXTS,
  opens: 'Call to fight',
  unpaid: ['in'],
  faults: (settings) =>
    foundFaults({ ...stakesFault(settings), mostCrew: crewFault(settings.leastCrew, settings.mostCrew) }),
  returns: bossReturns,
  outcomes: (strength, { crew }) => win(asFraction(winChance(strength, crew)), strength.multiplier),
  check: checkFight,
})
