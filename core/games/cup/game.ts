import { declareGame } from '../declare.ts'
import { switchedOff } from '../schema.ts'
import { checkCup } from './check.ts'
import { CupSettings, CupState } from './schema.ts'
import { CUP_TEXTS } from './texts.ts'

export const cup = declareGame({
  name: 'cup',
  noun: 'cup',
  about: 'Elimination by duels',
  settings: CupSettings,
  initial: switchedOff('cup'),
  state: CupState,
  plan: {},
  verbs: { cup: { word: ({ word }) => word, does: 'Signs up for the cup', act: {} } },
  texts: CUP_TEXTS,
  opens: null,
  unpaid: ['in'],
  faults: () => ({}),
  returns: () => undefined,
  outcomes: () => [],
  check: checkCup,
})
