import { NO_LIMITS } from '../../access/index.ts'
import { type Faults, foundFaults } from '../../faults.ts'
import { type CheckedStep, paidStep, type Told } from '../checked.ts'
import { declareGame } from '../declare.ts'
import { stakesFault } from '../faults.ts'
import { always, restOf } from '../odds.ts'
import { STAKES, switchedOff, TypedStake } from '../schema.ts'
import { machineOdds, spinPays, spinReels } from './reels.ts'
import { ReelsSettings, ReelsState } from './schema.ts'
import { REELS_TEXTS } from './texts.ts'

function reelsFaults(settings: ReelsSettings): Faults {
  const { strip, table } = settings
  const symbols = strip.map(({ symbol }) => symbol)
  const twice = symbols.find((one, i) => symbols.indexOf(one) < i)
  const unknown = table.find(({ symbol }) => !symbols.includes(symbol))
  const lines = table.map(({ match, symbol }) => `${match} ${symbol}`)
  const same = lines.find((one, i) => lines.indexOf(one) < i)
  return foundFaults({
    ...stakesFault(settings),
    strip: twice && `The symbol ${twice} is on the strip twice. Remove one and give the other more weight.`,
    table: unknown
      ? `A line of the table pays for ${unknown.symbol}, which is not on the strip.`
      : same && `The table has two lines for ${same}. Remove one: only the first would ever pay.`,
  })
}

function checkReels({ seed, id, state, seats }: Told<ReelsState, object>): CheckedStep[] {
  const shown = spinReels(seed, id, state.machine)
  const label = `slots/${id}`
  return [
    { what: 'The three symbols', label, drawn: shown.join(' · '), told: state.shown.join(' · ') },
    ...seats.map((seat) => paidStep(seat, label, spinPays(state.machine, seat.stake, shown))),
  ]
}

const INITIAL: ReelsSettings = {
  ...switchedOff('reels'),
  limits: { ...NO_LIMITS, eachSeconds: 20 },
  stakes: { ...STAKES, largest: 200 },
  strip: [
    { symbol: 'leaf', weight: 7 },
    { symbol: 'drop', weight: 6 },
    { symbol: 'bell', weight: 4 },
    { symbol: 'sun', weight: 3 },
    { symbol: 'star', weight: 2 },
  ],
  table: [
    { match: 'three', symbol: 'star', multiplier: 8080 },
    { match: 'three', symbol: 'sun', multiplier: 3360 },
    { match: 'three', symbol: 'bell', multiplier: 1610 },
    { match: 'three', symbol: 'drop', multiplier: 670 },
    { match: 'three', symbol: 'leaf', multiplier: 410 },
    { match: 'two', symbol: 'star', multiplier: 400 },
    { match: 'two', symbol: 'sun', multiplier: 270 },
    { match: 'two', symbol: 'bell', multiplier: 270 },
  ],
}

export const reels = declareGame({
  name: 'reels',
  noun: 'game of reels',
  about: 'Three reels, a pay table',
  settings: ReelsSettings,
  initial: INITIAL,
  state: ReelsState,
  plan: {},
  verbs: {
    reels: { word: ({ word }) => word, does: 'Pulls the reels', usage: '<stake>', act: { stake: TypedStake } },
  },
  texts: REELS_TEXTS,
  opens: null,
  unpaid: ['in'],
  faults: reelsFaults,
  returns: (settings) => always(machineOdds(settings).returns),
  outcomes: ({ strip, table }) => {
    const { lines, hits } = machineOdds({ strip, table })
    const paying = lines.map((chance, i) => ({ chance, pays: table[i]?.multiplier ?? 0 }))
    return [...paying, { chance: restOf(hits), pays: 0 }]
  },
  check: checkReels,
})
