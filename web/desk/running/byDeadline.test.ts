import { expect, test } from 'vitest'
import type { OpenRound } from '../games/view.ts'
import type { DeskRaffle } from '../raffles/view.ts'
import { byDeadline } from './byDeadline.ts'

// Only what decides the order is spelled out.
const round = (id: number, nextAt: number | null) => ({ id, nextAt }) as OpenRound
const raffle = (id: number, patch: Partial<DeskRaffle>) =>
  ({ id, status: 'open', closesAt: null, opensAt: null, waiting: [], won: 0, ...patch }) as DeskRaffle

const ids = (raffles: DeskRaffle[], rounds: OpenRound[]) =>
  byDeadline(raffles, rounds).map((one) => (one.of === 'raffle' ? `raffle ${one.raffle.id}` : `round ${one.round.id}`))

test('what ends next comes first, whatever it is; what waits for a press alone comes last', () =>
  expect(
    ids(
      [raffle(1, { closesAt: 500 }), raffle(2, {}), raffle(3, { status: 'planned', opensAt: 200 })],
      [round(4, 300), round(5, null)],
    ),
  ).toEqual(['raffle 3', 'round 4', 'raffle 1', 'raffle 2', 'round 5']))
