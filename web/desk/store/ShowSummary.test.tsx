import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { ShowSummary } from './ShowSummary.tsx'

const SHOW = {
  ...{ title: 'Dawn', startedAt: 1000, endedAt: 8200, paid: 900, spent: 300, people: 40, newcomers: 5 },
  ...{ half: 60, inReach: 2, rewards: 4 },
  sold: [{ name: 'Hello', count: 12, amount: 300 }],
  charges: [
    { reward: 3, name: 'The roof', price: 9000, charge: 'dear', could: 1 },
    { reward: 4, name: 'A wave', price: 1, charge: 'cheap', could: 40 },
  ],
}

test('says who came, what was bought, and leads to the prices that are wrong', async () => {
  answering(({ path }) => ({ body: path.endsWith('/summary') ? { show: SHOW } : {} }))
  showDesk(<ShowSummary />)
  const text = (await screen.findByRole('region')).textContent
  expect(text).toContain('2 h: 40 people came, 5 of them for the first time; 900 rivets paid, 300 spent.')
  expect(text).toContain('Bought: Hello 12 ×.')
  expect(text).toContain('Half of those who came hold 60 rivets or less. 2 of your 4 rewards cost no more than that.')
  expect(text).toContain('The roof (9,000: 1 of 40)')
  expect(screen.getByRole('link', { name: 'A wave' }).getAttribute('href')).toContain('/store?open=4')
})

test('is not there before the first show is over', async () => {
  answering(() => ({ body: { show: null } }))
  showDesk(<ShowSummary />)
  await new Promise((later) => setTimeout(later, 50))
  expect(screen.queryByRole('region')).toBeNull()
})
