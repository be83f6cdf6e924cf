import { expect, test } from 'vitest'
import type { DeskBet } from '../bets/view.ts'
import type { OpenRound } from '../games/view.ts'
import type { DeskRaffle } from '../raffles/view.ts'
import { byDeadline } from './byDeadline.ts'

// Only what decides the order is spelled out.
const round = (id: number, nextAt: number | null) => ({ id, nextAt }) as OpenRound
const raffle = (id: number, patch: Partial<DeskRaffle>) =>
  ({ id, status: 'open', closesAt: null, opensAt: null, waiting: [], won: 0, ...patch }) as DeskRaffle

const bet = (id: number, patch: Partial<DeskBet>) =>
  ({ id, status: 'open', locksAt: null, paysAt: null, ...patch }) as DeskBet

const ids = (raffles: DeskRaffle[], rounds: OpenRound[], bets: DeskBet[]) =>
  byDeadline(raffles, rounds, bets).map((one) => {
    if (one.of === 'bet') return `bet ${one.bet.id}`
    return one.of === 'raffle' ? `raffle ${one.raffle.id}` : `round ${one.round.id}`
  })

test('what ends next comes first, whatever it is; what waits for a press alone comes last', () =>
  expect(
    ids(
      [raffle(1, { closesAt: 500 }), raffle(2, {}), raffle(3, { status: 'planned', opensAt: 200 })],
      [round(4, 300), round(5, null)],
      [bet(6, { locksAt: 400 }), bet(7, { status: 'locked' }), bet(8, { status: 'announced', paysAt: 210 })],
    ),
  ).toEqual(['raffle 3', 'bet 8', 'round 4', 'bet 6', 'raffle 1', 'raffle 2', 'bet 7', 'round 5']))
