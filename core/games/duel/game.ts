import { Type } from '@sinclair/typebox'
import { foundFaults } from '../../faults.ts'
import { Id, orNull } from '../../schema.ts'
import { declareGame } from '../declare.ts'
import { stakesFault } from '../faults.ts'
import { fraction } from '../fraction.ts'
import { always, half, win } from '../odds.ts'
import { STAKES, switchedOff, TypedStake, wordOf } from '../schema.ts'
import { checkDuel } from './check.ts'
import { DuelSettings, DuelState } from './schema.ts'
import { DUEL_TEXTS } from './texts.ts'

export const duel = declareGame({
  name: 'duel',
  noun: 'duel',
  about: 'Two stakes, chance decides',
  settings: DuelSettings,
  initial: {
    ...switchedOff('duel'),
    stakes: STAKES,
    take: wordOf('take'),
    pass: wordOf('pass'),
    withdraw: wordOf('withdraw'),
    answerSeconds: 90,
    suspenseSeconds: 5,
    rakeBp: 200,
  },
  state: DuelState,
  plan: {},
  verbs: {
    duel: {
      word: ({ word }) => word,
      does: 'Calls somebody to a duel, or anybody',
      usage: '(who) <stake>',
      act: { stake: TypedStake, challenged: orNull(Id) },
    },
    take: {
      word: ({ take }) => take,
      does: 'Takes a duel, or shows up for a match of the cup',
      usage: '(who)',
      act: { duel: Type.Optional(Id) },
      also: 'cup',
    },
    pass: { word: ({ pass }) => pass, does: 'Passes on a duel', act: {} },
    withdraw: {
      word: ({ withdraw }) => withdraw,
      does: 'Takes a challenge or a place in the cup back',
      act: {},
      also: 'cup',
    },
  },
  texts: DUEL_TEXTS,
  opens: null,
  unpaid: ['in'],
  faults: (settings) => foundFaults(stakesFault(settings)),
  returns: ({ rakeBp }) => always(fraction(BigInt(10_000 - rakeBp), 10_000n)),
  outcomes: ({ rakeBp }) => win(half, (2 * (10_000 - rakeBp)) / 100),
  check: checkDuel,
})
