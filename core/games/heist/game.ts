import { NO_LIMITS } from '../../access/index.ts'
import { foundFaults } from '../../faults.ts'
import { orNull, whole } from '../../schema.ts'
import { declareGame } from '../declare.ts'
import { crewFault, stakesFault } from '../faults.ts'
import { fraction } from '../fraction.ts'
import { win } from '../odds.ts'
import { STAKES, switchedOff, TypedStake, wordOf } from '../schema.ts'
import { checkHeist } from './check.ts'
import { heistReturns, siteFor } from './crews.ts'
import { heistOdds } from './heist.ts'
import { HeistPlan, HeistSettings, HeistState } from './schema.ts'
import { SITES } from './sites.ts'
import { HEIST_TEXTS } from './texts.ts'

export const heist = declareGame({
  name: 'heist',
  noun: 'heist',
  about: 'A crew, room by room',
  settings: HeistSettings,
  initial: {
    ...switchedOff('heist'),
    limits: { ...NO_LIMITS, everyoneSeconds: 300 },
    stakes: STAKES,
    out: wordOf('out'),
    gatherSeconds: 60,
    leastCrew: 2,
    mostCrew: 500,
    pauseSeconds: 12,
    notice: true,
    sites: [...SITES],
  },
  state: HeistState,
  plan: HeistPlan,
  verbs: {
    heist: {
      word: ({ word }) => word,
      does: 'Starts a heist, or comes along',
      usage: '<stake> (room to leave after)',
      /** `leaveAfter`: the room after which they mean to go; null: to the end. */
      act: { stake: TypedStake, leaveAfter: orNull(whole(1, 100)) },
    },
    out: { word: ({ out }) => out, does: 'Leaves a heist between two rooms', act: {} },
  },
  texts: HEIST_TEXTS,
  opens: 'Gather a crew',
  unpaid: ['in', 'caught'],
  faults: (settings) => {
    const from = settings.sites.map(({ fromCrew }) => fromCrew)
    return foundFaults({
      ...stakesFault(settings),
      mostCrew: crewFault(settings.leastCrew, settings.mostCrew),
      sites:
        new Set(from).size < from.length
          ? 'Two sites begin with the same crew. Give one of them another number, so that it is clear where the crew goes.'
          : undefined,
    })
  },
  returns: heistReturns,
  outcomes: ({ sites }, way) => {
    const site = siteFor(sites, way.crew)
    const after = Math.min(way.leaveAfter, site.rooms.length) - 1
    const reaches = heistOdds(site, way.crew)[after]?.reaches ?? fraction(0n, 1n)
    return win(reaches, site.rooms[after]?.multiplier ?? 0)
  },
  check: checkHeist,
})
