import { QueryClient } from '@tanstack/react-query'
import { screen, waitFor, within } from '@testing-library/react'
import { expect, test } from 'vitest'
import { gameSetting } from '#core/games'
import { answering, showPage } from '../../../testing/web/page.tsx'
import { channelQuery, meQuery } from '../channel.ts'
import { BossCard } from './BossCard.tsx'
import type { GamesView, OpenRound, OwnSeat } from './games.ts'
import { seatInWords } from './roundInWords.ts'
import { ScrambleCard } from './ScrambleCard.tsx'

const RIVETS = { one: 'rivet', many: 'rivets', word: 'rivets' }

function page(children: React.ReactNode) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Number.POSITIVE_INFINITY } } })
  // Only what these parts read.
  client.setQueryData(channelQuery.queryKey, { signedIn: 'pia', slug: 'workbench', currency: RIVETS } as never)
  client.setQueryData(meQuery.queryKey, { name: 'pia', balance: 400 } as never)
  return showPage(children, { client })
}

const view = (...rounds: OpenRound[]) => ({ currency: RIVETS, rounds, ahead: 0 }) as unknown as GamesView

const round = (state: OpenRound['state'], status: OpenRound['status']) =>
  ({
    id: 7,
    game: state.of,
    status,
    seats: 3,
    staked: 150,
    nextAt: Date.now() / 1000 + 20,
    crew: [{ name: 'pia' }, { name: 'umbra' }, { name: 'vera' }],
    state,
  }) as unknown as OpenRound

const SCRAMBLE = { ...gameSetting('scramble').initial, adds: 100 }
const scramble = (left: number) =>
  ({ of: 'scramble', stake: 50, adds: 100, rakeBp: 500, sharesPpm: [600_000, 300_000], wave: 0, left }) as const

test('a scramble says what everybody puts in and who gets what, and is joined by a press', async () => {
  const sent = answering(() => ({ body: { told: 'pia is in (1 now).' } }))
  const { user } = page(<ScrambleCard view={view()} settings={SCRAMBLE} own={[]} me={null} signedIn />)
  expect(screen.getByText(/Everybody puts in 50 rivets, and the house adds 100 rivets\./)).toBeDefined()
  expect(screen.getByText(/the last one gets 60 % of the prize, the next 30 %, 10 %/)).toBeDefined()
  await user.click(screen.getByRole('button', { name: 'Start a scramble for 50' }))
  await waitFor(() => expect(sent[0]?.body).toEqual({ do: 'scramble' }))
})

test('who is in a scramble sees how many are left, and cannot join twice', () => {
  const mine = { round: 7, state: 'in', stake: 50, paid: 0, plan: {} } as unknown as OwnSeat
  const on = round(scramble(2), 'running')
  page(<ScrambleCard view={view(on)} settings={SCRAMBLE} own={[mine]} me={null} signedIn />)
  expect(screen.getByText(/of 3 are left/)).toBeDefined()
  expect(screen.getByText('You are still in.')).toBeDefined()
  expect(screen.queryByRole('button')).toBeNull()
})

const BOSS = gameSetting('boss').initial

test('a fight tells its chances by how many come, and takes a stake as in chat', async () => {
  const sent = answering(() => ({ body: { told: 'pia is in.' } }))
  const { user } = page(<BossCard view={view()} settings={BOSS} own={[]} me={null} signedIn />)
  const rows = within(screen.getByRole('table')).getAllByRole('row')
  expect(rows[1]?.textContent).toBe('355.2 %99.4 %')
  await user.clear(screen.getByLabelText('Stake'))
  await user.type(screen.getByLabelText('Stake'), 'half')
  await user.click(screen.getByRole('button', { name: 'Call to the fight' }))
  await waitFor(() => expect(sent[0]?.body).toEqual({ do: 'boss', stake: 'half' }))
})

test('a fight that is on says how many hits it takes still', () => {
  const { ownPpm, bonusPpm, capPpm, blows, needPpm, multiplier, lastBlowBonus } = BOSS
  const strength = { ownPpm, bonusPpm, capPpm, blows, needPpm, multiplier, lastBlowBonus }
  const on = round(
    { of: 'boss', name: 'The boiler', picture: 'sparks', strength, needed: 5, hits: 2, step: 1, lastBlow: null },
    'running',
  )
  page(<BossCard view={view(on)} settings={BOSS} own={[]} me={null} signedIn />)
  expect(screen.getByText('2 of 5 hits')).toBeDefined()
  expect(screen.queryByRole('button')).toBeNull()
})

test('a seat says its place or its hits; a stake that went back says so', () => {
  expect(seatInWords('scramble', { state: 'lost', room: 3, plan: {} })).toBe('place 3')
  expect(seatInWords('boss', { state: 'won', room: null, plan: { hits: 1 } })).toBe('1 hit')
  expect(seatInWords('boss', { state: 'back', room: null, plan: { hits: 0 } })).toBe('stake back')
  expect(seatInWords('duel', { state: 'won', room: null, plan: {} })).toBe('won')
})
