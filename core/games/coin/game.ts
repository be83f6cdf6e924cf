import { type Static, Type } from '@sinclair/typebox'
import { NO_LIMITS } from '../../access/index.ts'
import { foundFaults } from '../../faults.ts'
import { exactly, oneOf, whole } from '../../schema.ts'
import { type CheckedStep, paidStep, type Told } from '../checked.ts'
import { declareGame } from '../declare.ts'
import { stakesFault } from '../faults.ts'
import { fraction } from '../fraction.ts'
import { always, half, win } from '../odds.ts'
import { gameSettings, STAKES, Stakes, switchedOff, TypedStake } from '../schema.ts'
import { coinLabel, coinPays, tossCoin } from './coin.ts'
import { COIN_TEXTS } from './texts.ts'

const Side = oneOf(['heads', 'tails'])

/** `multiplier`: what the right side pays, in hundredths of the stake, the stake included. */
const CoinSettings = gameSettings({ stakes: Stakes, multiplier: whole(1, 10_000) })

const CoinState = exactly({ of: Type.Literal('coin'), multiplier: whole(1, 10_000), called: Side, side: Side })

function checkCoin({ seed, id, state, seats }: Told<Static<typeof CoinState>, object>): CheckedStep[] {
  const side = tossCoin(seed, id)
  const label = coinLabel(id)
  return [
    { what: 'The side that is up', label, drawn: side, told: state.side },
    ...seats.map((seat) => paidStep(seat, label, coinPays(seat.stake, state.called, side, state.multiplier))),
  ]
}

export const coin = declareGame({
  name: 'coin',
  noun: 'coin',
  about: 'Double or nothing',
  settings: CoinSettings,
  initial: {
    ...switchedOff('coin'),
    limits: { ...NO_LIMITS, eachSeconds: 20 },
    stakes: { ...STAKES, largest: 200 },
    multiplier: 196,
  },
  state: CoinState,
  plan: {},
  verbs: {
    coin: {
      word: ({ word }) => word,
      does: 'Tosses a coin',
      usage: '<stake> (heads/tails)',
      act: { stake: TypedStake, side: Side },
    },
  },
  texts: COIN_TEXTS,
  opens: null,
  unpaid: ['in'],
  faults: (settings) => foundFaults(stakesFault(settings)),
  returns: ({ multiplier }) => always(fraction(BigInt(multiplier), 200n)),
  outcomes: ({ multiplier }) => win(half, multiplier),
  check: checkCoin,
})
