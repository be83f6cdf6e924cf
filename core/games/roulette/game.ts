import { Type } from '@sinclair/typebox'
import { foundFaults } from '../../faults.ts'
import { declareGame } from '../declare.ts'
import { stakesFault } from '../faults.ts'
import { fraction } from '../fraction.ts'
import { always, win } from '../odds.ts'
import { STAKES, switchedOff } from '../schema.ts'
import { checkRoulette } from './check.ts'
import { betReturns, holds, paysTimes } from './roulette.ts'
import { On, RouletteSettings, RouletteState } from './schema.ts'
import { ROULETTE_TEXTS } from './texts.ts'
import { NUMBERS } from './wheel.ts'

export const roulette = declareGame({
  name: 'roulette',
  noun: 'roulette',
  about: 'Bets on a wheel',
  settings: RouletteSettings,
  initial: { ...switchedOff('spin'), stakes: STAKES, betSeconds: 40, suspenseSeconds: 5, houseLimit: 50_000 },
  state: RouletteState,
  plan: { on: Type.Optional(On) },
  verbs: {
    roulette: {
      word: ({ word }) => word,
      does: 'Bets on the wheel',
      usage: '<stake> <what on>, ...',
      act: { bets: Type.String({ minLength: 1, maxLength: 300 }) },
    },
  },
  texts: ROULETTE_TEXTS,
  opens: 'Open the wheel',
  unpaid: ['in'],
  faults: (settings) => foundFaults(stakesFault(settings)),
  returns: () => always(betReturns({ on: 'red' })),
  outcomes: (_, { on }) => {
    const holding = Array.from({ length: NUMBERS }, (_, number) => number).filter((number) => holds(on, number))
    return win(fraction(BigInt(holding.length), BigInt(NUMBERS)), paysTimes(on) * 100)
  },
  check: checkRoulette,
})
