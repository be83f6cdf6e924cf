import { QueryClient } from '@tanstack/react-query'
import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answering, showPage } from '../../../testing/web/page.tsx'
import { channelQuery } from '../channel.ts'
import { OpenNow } from './OpenNow.tsx'

function shown(known: { raffles: boolean; bets: boolean; goals: boolean }) {
  const sent = answering(() => ({
    body: { raffles: [{ id: 7, name: 'Lamp of the month' }], bets: [{ id: 2, name: 'Which hand?' }], goals: [] },
  }))
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Number.POSITIVE_INFINITY } } })
  client.setQueryData(channelQuery.queryKey, { slug: 'bench', ...known } as never)
  showPage(<OpenNow />, { client })
  return sent
}

test('each raffle, bet and goal that is open is one tap away', async () => {
  shown({ raffles: true, bets: true, goals: false })
  const links = await screen.findAllByRole('link')
  expect(links.map((link) => [link.textContent, link.getAttribute('href')])).toEqual([
    ['Lamp of the monthRaffle', '/raffles/7'],
    ['Which hand?Bet', '/bets'],
  ])
})

test('a channel that never had any is not asked for them', () => {
  const sent = shown({ raffles: false, bets: false, goals: false })
  expect(sent).toEqual([])
  expect(screen.queryByRole('region', { name: 'Open now' })).toBeNull()
})
