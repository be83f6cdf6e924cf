import { QueryClient } from '@tanstack/react-query'
import { screen, waitFor } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import { answering, showPage } from '../../../testing/web/page.tsx'
import { channelQuery, meQuery } from '../channel.ts'
import { SitOut } from './SitOut.tsx'
import { StakeField } from './StakeField.tsx'

/** A page of somebody who holds so much. */
function holding(balance: number) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Number.POSITIVE_INFINITY } } })
  // Only what these parts read.
  client.setQueryData(channelQuery.queryKey, {
    signedIn: 'pia',
    currency: { one: 'rivet', many: 'rivets', word: 'rivets' },
  } as never)
  client.setQueryData(meQuery.queryKey, { name: 'pia', balance } as never)
  return client
}

function Stake() {
  const [stake, setStake] = useState('')
  return <StakeField stakes={{ smallest: 10, largest: 1000, share: 50 }} stake={stake} setStake={setStake} />
}

test.each([
  [400, '10 to 200 for you now.'],
  [100_000, '10 to 1,000 for you now.'],
  [15, 'The smallest stake is 10; you can stake 7 now.'],
])('with %d rivets a stake is bounded by the share and the largest', (balance, bounds) => {
  showPage(<Stake />, { client: holding(balance) })
  expect(screen.getByText(bounds)).toBeDefined()
})

test('a stake is typed as in chat', async () => {
  const { user } = showPage(<Stake />, { client: holding(400) })
  await user.type(screen.getByLabelText('Stake'), 'half')
  expect(screen.getByLabelText('Stake')).toHaveProperty('value', 'half')
})

test('sitting out is asked twice, says that nobody can end it early, and is sent for the time that was chosen', async () => {
  const sent = answering(() => ({ body: { told: 'pia sits out all games for 30 days.' } }))
  const { user } = showPage(<SitOut until={0} />, { client: holding(400) })
  await user.click(screen.getByRole('button', { name: 'Sit out' }))
  expect(screen.getByText(/Nobody can end it early: not you, not the streamer, not the team/)).toBeDefined()
  expect(sent).toEqual([])
  await user.click(screen.getByLabelText('30 days'))
  await user.click(screen.getByRole('button', { name: 'Sit out for 30 days' }))
  await waitFor(() => expect(sent[0]?.body).toMatchObject({ do: 'sitout', seconds: 2_592_000 }))
})

test('who sits out sees until when, and can only make it longer', () => {
  showPage(<SitOut until={Date.now() / 1000 + 86_400} />, { client: holding(400) })
  expect(screen.getByText(/You are sitting out until/)).toBeDefined()
  expect(screen.getByRole('button', { name: 'Make it longer' })).toBeDefined()
  expect(screen.queryByRole('button', { name: 'Sit out' })).toBeNull()
})
